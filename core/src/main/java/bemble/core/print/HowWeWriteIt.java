package bemble.core.print;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The page for parents and colleagues: an operation as this house style writes it, with what is said and its cues. */
public final class HowWeWriteIt {
    private static final PageLayout LARGE = layout(true);
    private static final PageLayout USUAL = layout(false);
    private static final Map<Operation, String> EXAMPLES = Map.of(
            Operation.ADDITION, "386 + 247", Operation.SUBTRACTION, "503 − 128", Operation.MULTIPLICATION, "46 × 37",
            Operation.DIVISION, "738 ÷ 6", Operation.SQUARE_ROOT, "√529");

    private HowWeWriteIt() {}

    private static PageLayout layout(boolean large) {
        return new PageLayout(PaperSize.A4, 1, 7, true, false, false, false, large, true);
    }

    /** A problem that shows what an operation has to be explained by. */
    public static String example(Operation operation) {
        return EXAMPLES.get(operation);
    }

    /**
     * The page, as large as it can be; or the pages of a long example.
     *
     * @param cues a teacher's own cues by the ids of what they are for, said before its sentence
     */
    public static List<Page> pages(Problem example, HouseStyle style, Map<String, String> cues) {
        List<Page> large = pages(example, style, cues, LARGE);
        return large.size() == 1 ? large : pages(example, style, cues, USUAL);
    }

    private static List<Page> pages(Problem example, HouseStyle style, Map<String, String> cues, PageLayout layout) {
        PrintQuestion shown = new PrintQuestion(PrintQuestion.UNNUMBERED, example, example.text(), LessonPart.SHOWN);
        String title = "How we write it: " + example.operation().title().toLowerCase(Locale.ROOT);
        return Pages.of(new PrintOrder(title, "", List.of(shown), layout, style, PrintKind.QUESTIONS, cues));
    }
}
