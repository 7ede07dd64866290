package bemble.core.print;

import bemble.core.print.ink.Page;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/** The page for parents and colleagues: an operation as this house style writes it, with what is said and its cues. */
public final class HowWeWriteIt {
    private static final PageLayout LARGE = layout(true);
    private static final PageLayout USUAL = layout(false);
    private static final Map<Operation, String> EXAMPLES = Map.of(
            Operation.ADDITION, "386 + 247", Operation.SUBTRACTION, "503 − 128", Operation.MULTIPLICATION, "46 × 37",
            Operation.DIVISION, "738 ÷ 6", Operation.SQUARE_ROOT, "√529");

    private HowWeWriteIt() {}

    /** What stands on the page, each of which can be left out. */
    public enum Piece {
        IDEA("What it rests on"),
        BEGUN("The sum begun"),
        WHOLE("The whole sum with what is said");

        private final String title;

        Piece(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    private static PageLayout layout(boolean large) {
        return new PageLayout(PaperSize.A4, 1, 7, true, false, false, false, large, true);
    }

    /** A problem that shows what an operation has to be explained by. */
    public static String example(Operation operation) {
        return Objects.requireNonNull(EXAMPLES.get(operation));
    }

    /**
     * The page, as large as it can be; or the pages of a long example.
     *
     * @param cues a teacher's own cues by the ids of what they are for, said before its sentence
     */
    public static List<Page> pages(Problem example, HouseStyle style, Map<String, String> cues) {
        return pages(example, style, cues, "", EnumSet.allOf(Piece.class));
    }

    /**
     * The same as its teacher wants it.
     *
     * @param words the teacher's own, printed first; may be empty
     * @param pieces what of ours stands on it
     */
    public static List<Page> pages(Problem example, HouseStyle style, Map<String, String> cues, String words,
            Set<Piece> pieces) {
        List<PrintQuestion> questions = questions(example, style, words, pieces);
        List<Page> large = pages(example, style, cues, LARGE, questions);
        return large.size() == 1 ? large : pages(example, style, cues, USUAL, questions);
    }

    /** What the whole way rests on, in two sentences for somebody who was taught another one. */
    private static String idea(MethodName method) {
        return switch (method) {
            case COLUMN -> "We add column by column, beginning at the right. Ten of a column make one of the next, and a small figure "
                    + "keeps it in mind.";
            case RUNNING -> "We add two numbers at a time, column by column. Their sum is set out again with the next number under it.";
            case PARTIAL_SUMS -> "We add what each place is worth, the largest first. These parts together are the sum.";
            case DECOMPOSITION -> "We take away column by column, beginning at the right. Where the upper digit is too small, one of the "
                    + "next place is exchanged for ten.";
            case EQUAL_ADDITIONS -> "We take away column by column, beginning at the right. Where the upper digit is too small, both "
                    + "numbers get ten more, which leaves the difference as it is.";
            case COUNTING_UP -> "We count up from the smaller number to the larger one in easy jumps. All jumps together are the difference.";
            case LONG_MULTIPLICATION -> "We multiply the upper number by each digit of the lower one, a row a digit. The rows together are "
                    + "the product.";
            case AREA -> "We split both numbers into what their digits are worth and multiply every part by every other in a box. All "
                    + "products together are the answer.";
            case CROSSWISE -> "We find each digit of the product from all the products that land in its place. It goes from the ones on, "
                    + "and tens are carried.";
            case LONG_DIVISION -> "We share out place by place, beginning with the largest. What is left of a place joins the next digit.";
            case SHORT_DIVISION -> "We share out place by place, beginning with the largest. What is left of a place is written small "
                    + "before the next digit.";
            case PARTIAL_QUOTIENTS -> "We take away easy lots of the divisor until none fits. How many lots that were, together, is the answer.";
            case DOUBLED_ROOT, RUNNING_DIVISOR -> "We find the root digit by digit; each pair of digits under the root gives one. Every "
                    + "new digit is the largest that still fits when it is set beside the double.";
            case MATCHING_COLUMNS -> "";
        };
    }

    private static List<PrintQuestion> questions(Problem example, HouseStyle style, String words, Set<Piece> pieces) {
        String asked = style.problem(example);
        String first = (words.strip().replaceAll("\\s+", " ") + " "
                + (pieces.contains(Piece.IDEA) ? idea(style.method(example.operation())) : "")).strip();
        List<PrintQuestion> questions = new ArrayList<>();
        if (pieces.contains(Piece.BEGUN)) {
            questions.add(new PrintQuestion(PrintQuestion.UNNUMBERED, example,
                    (first + " " + asked + ", begun:").strip(), LessonPart.TOGETHER));
        }
        if (pieces.contains(Piece.WHOLE)) {
            questions.add(new PrintQuestion(PrintQuestion.UNNUMBERED, example,
                    questions.isEmpty() ? (first + " " + asked + ":").strip()
                            : "And to its end, with what is said:",
                    LessonPart.SHOWN));
        }
        return questions;
    }

    private static List<Page> pages(Problem example, HouseStyle style, Map<String, String> cues, PageLayout layout,
            List<PrintQuestion> questions) {
        String title = "How we write it: " + example.operation().title().toLowerCase(Locale.ROOT);
        return Pages.of(new PrintOrder(title, "", questions, layout, style, PrintKind.QUESTIONS, cues));
    }
}
