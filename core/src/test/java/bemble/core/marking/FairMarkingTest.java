package bemble.core.marking;

import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.style.option.MethodMarks;
import bemble.core.style.option.Placeholder;
import bemble.core.style.option.YesNo;
import bemble.core.style.option.ZeroRows;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.LineOfBlock;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is right counts, however it was written and whatever was left out; what is wrong is never right. */
class FairMarkingTest {
    private static final int PAPERS = Trials.of(15);
    private static final HouseStyle USUAL = HouseStyle.USUAL;

    private static List<PaperFigure> careful(Problem problem, MethodName method, HouseStyle style) {
        return MarkingTest.paperOf(Written.by(Hand.CAREFUL, problem, Methods.of(method), style), false, true);
    }

    private static Marked mark(Problem problem, MethodName method, List<PaperFigure> paper) {
        return MarkingTest.mark(problem, method, USUAL, paper, false);
    }

    private static void assertRight(Problem problem, MethodName method, List<PaperFigure> paper, String how) {
        assertRight(problem, method, USUAL, paper, how);
    }

    private static void assertRight(Problem problem, MethodName method, HouseStyle style, List<PaperFigure> paper,
            String how) {
        Marked marked = MarkingTest.mark(problem, method, style, paper, false);
        String what = how + ": " + problem.text() + " " + method + " " + paper + "\n" + marked.figures().stream()
                .filter(figure -> figure.verdict() != Verdict.RIGHT).toList();
        assertThat(marked.answer().verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
        assertThat(marked.verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
        assertThat(marked.first()).as(what).isNull();
        assertThat(marked.slips()).as(what).isEmpty();
    }

    private static boolean isAnswer(PaperFigure figure, Written careful) {
        return figure.kind() != MarkKind.STRIKE && figure.anchor() == Anchor.MIDDLE
                && (figure.block().id().equals("remainder")
                        || figure.block().equals(careful.answerStands().block().name())
                                && figure.line().equals(careful.answerStands().line()));
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void theAnswerAloneIsRightAndSoIsAPaperWithALineLeftOut(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(15_000 + method.ordinal());
        for (int i = 0; i < PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 5);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(method), USUAL);
            List<PaperFigure> all = MarkingTest.paperOf(careful, false, true);
            assertRight(problem, method, all.stream().filter(figure -> isAnswer(figure, careful)).toList(),
                    "the answer alone");
            List<LineOfBlock> lines = all.stream().filter(figure -> !isAnswer(figure, careful))
                    .map(FairMarkingTest::line).distinct().toList();
            if (!lines.isEmpty()) {
                LineOfBlock out = lines.get(random.nextInt(lines.size()));
                List<PaperFigure> paper =
                        all.stream().filter(figure -> !out.equals(line(figure))
                                || isAnswer(figure, careful)).toList();
                assertRight(problem, method, paper, "without " + out);
                boolean numbers = careful.decisions().stream().flatMap(decision -> decision.ink().stream()).anyMatch(
                        figure -> figure.isFull() && out.equals(figure.key().lineOfBlock()));
                assertThat(mark(problem, method, paper).notShown().contains(out))
                        .as(out + problem.text()).isEqualTo(numbers);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void zerosInFrontAndJottingsDoNoHarm(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(15_200 + method.ordinal());
        for (int i = 0; i < PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 5);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(method), USUAL);
            List<PaperFigure> all = new ArrayList<>(MarkingTest.paperOf(careful, false, random.nextBoolean()));
            int front =
                    all.stream().filter(figure -> isAnswer(figure, careful) && !figure.block().id().equals("remainder"))
                            .mapToInt(PaperFigure::place).max().orElse(-1);
            boolean whole =
                    all.stream().noneMatch(figure -> figure.kind() == MarkKind.NUMBER && isAnswer(figure, careful));
            if (front >= 0 && whole) {
                int step = method.operation() == Operation.SQUARE_ROOT ? 2 : 1;
                all.add(digit(careful.answerStands().block().name(), careful.answerStands().line(), front + step, "0"));
            }
            all.add(digit(BlockName.named("aside"), Line.named("jotting"), random.nextInt(3), "" + random.nextInt(10)));
            all.add(new PaperFigure(careful.answerStands().block().name(), Line.named("beside"), 0, Anchor.MIDDLE,
                    MarkKind.DIGIT,
                    "17"));
            assertRight(problem, method, all, "a 0 in front and jottings");
        }
    }

    /** 184.50 is 184.5, and 247.0 is 247. */
    @ParameterizedTest
    @CsvSource({"154.2 + 30.3, 1", "20.4 − 1.9, 2", "12.5 + 12.5, 1", "3.47 + 2.85, 2"})
    void zerosLastBehindThePointDoNoHarm(String text, int zeros) {
        Problem problem = ProblemText.kept(text);
        MethodName method = Methods.usual(problem).name();
        Written careful = Written.by(Hand.CAREFUL, problem, Methods.usual(problem), USUAL);
        List<PaperFigure> paper = new ArrayList<>(MarkingTest.paperOf(careful, false, true));
        int last = paper.stream().filter(figure -> isAnswer(figure, careful)).mapToInt(PaperFigure::place).min()
                .orElseThrow();
        for (int i = 1; i <= zeros; i++) {
            paper.add(digit(careful.answerStands().block().name(), careful.answerStands().line(), last - i, "0"));
        }
        assertRight(problem, method, paper, zeros + " zeros behind");
    }

    /** 46 × 37 in four rows of their own, in any order; with one that is none of the parts the break is told. */
    @Test
    void aProductIsRightInItsFourParts() {
        Problem problem = ProblemText.kept("46 × 37");
        BlockName block = BlockName.named("product");
        List<String> rows = new ArrayList<>(List.of("1200", "280", "180", "42"));
        List<PaperFigure> answer = number(block, Line.named("answer"), "1702");
        for (int turn = 0; turn < 4; turn++) {
            Collections.rotate(rows, 1);
            List<PaperFigure> paper = new ArrayList<>(answer);
            for (int i = 0; i < rows.size(); i++) {
                paper.addAll(number(block, Line.addend(i + 1), rows.get(i)));
            }
            assertRight(problem, MethodName.LONG_MULTIPLICATION, paper, "four parts");
        }
        List<PaperFigure> wrong = new ArrayList<>(answer);
        List<String> other = List.of("1200", "280", "180", "52");
        for (int i = 0; i < other.size(); i++) {
            wrong.addAll(number(block, Line.addend(i + 1), other.get(i)));
        }
        assertThat(mark(problem, MethodName.LONG_MULTIPLICATION, wrong).verdict()).isEqualTo(PaperVerdict.WRONG);
    }

    private static List<PaperFigure> number(BlockName block, Line line, String digits) {
        return IntStream.range(0, digits.length())
                .mapToObj(i -> digit(block, line, digits.length() - 1 - i, digits.substring(i, i + 1))).toList();
    }

    private static LineOfBlock line(PaperFigure figure) {
        return new LineOfBlock(figure.block(), figure.line());
    }

    private static PaperFigure digit(BlockName block, Line line, int place, String text) {
        return new PaperFigure(block, line, place, Anchor.MIDDLE, MarkKind.DIGIT, text);
    }

    private static List<PaperFigure> moved(List<PaperFigure> paper, Predicate<PaperFigure> which,
            UnaryOperator<PaperFigure> where) {
        return paper.stream().map(figure -> which.test(figure) ? where.apply(figure) : figure).toList();
    }

    private static PaperFigure in(PaperFigure figure, Line line) {
        return new PaperFigure(figure.block(), line, figure.place(), figure.anchor(), figure.kind(), figure.text());
    }

    /** Each row's line, from the first, as another one. */
    private static List<PaperFigure> rows(List<PaperFigure> paper, BiFunction<Integer, Integer, Integer> to) {
        List<Integer> rows = paper.stream().map(PaperFigure::line).filter(line -> line.is(Line.Kind.ADDEND)).distinct()
                .map(Line::number).sorted().toList();
        return moved(paper, figure -> figure.line().is(Line.Kind.ADDEND) || figure.line().is(Line.Kind.ROW_CARRIES),
                figure -> {
                    int index = rows.indexOf(figure.line().number());
                    return index < 0 ? figure : in(figure, Line.of(figure.line().kind(), to.apply(index, rows.size())));
                });
    }

    @Test
    void aProductIsRightInEveryOrderOfItsRowsAndFactors() {
        RandomGenerator random = RandomNumbers.seeded(15_400);
        for (int i = 0; i < 2 * PAPERS; i++) {
            Numeral one = Numeral.of("" + (11 + random.nextInt(9989)));
            Numeral other = Numeral.of("" + (11 + random.nextInt(i % 2 == 0 ? 989 : 89)));
            Problem problem = new Problem.Multiplication(one, other);
            Problem turned = new Problem.Multiplication(other, one);
            MethodName method = MethodName.LONG_MULTIPLICATION;
            List<PaperFigure> paper = careful(problem, method, USUAL);
            assertRight(problem, method, rows(paper, (row, count) -> count - row), "the highest row first");
            assertRight(problem, method, rows(paper, (row, count) -> row + 1), "rows directly under each other");
            assertRight(problem, method, rows(paper, (row, count) -> row + 3), "rows further down");
            assertRight(problem, method, careful(problem, method, USUAL.with("zeroRows", ZeroRows.WRITTEN)),
                    "a row of zeros");
            List<PaperFigure> zeros = careful(problem, method, USUAL.with("zeroRows", ZeroRows.WRITTEN));
            assertRight(problem, method, rows(zeros, (row, count) -> count - row),
                    "a row of zeros, the highest row first");
            Set<Line> nothing =
                    new HashSet<>(zeros.stream().map(PaperFigure::line).filter(line -> line.is(Line.Kind.ADDEND))
                            .toList());
            zeros.stream().filter(figure -> !figure.text().equals("0"))
                    .forEach(figure -> nothing.remove(figure.line()));
            assertRight(problem, method,
                    zeros.stream().filter(figure -> !nothing.contains(figure.line()) || figure.place() == 0).toList(),
                    "a row of zeros cut to one");
            List<PaperFigure> blank = careful(problem, method, USUAL.with("placeholder", Placeholder.BLANK));
            assertRight(problem, method, blank, "no placeholders");
            assertRight(problem, method, rows(blank, (row, count) -> count - row),
                    "no placeholders, the highest row first");
            assertRight(problem, method, careful(turned, method, USUAL.keepingOrder()), "factors turned");
            assertRight(problem, method, careful(problem, method, USUAL.keepingOrder()), "factors as they are given");
        }
    }

    @Test
    void carriesStandAtAnyHeightOfTheirColumn() {
        RandomGenerator random = RandomNumbers.seeded(15_600);
        for (int i = 0; i < 2 * PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(Operation.ADDITION, random, 5);
            List<PaperFigure> paper = careful(problem, MethodName.COLUMN, USUAL);
            for (Anchor anchor : Anchor.values()) {
                for (String line : List.of("carries", "addend-1", "addend-2", "answer", "under", "over")) {
                    if (anchor != Anchor.AFTER && anchor != Anchor.MIDDLE || line.equals("under")
                            || line.equals("over")) {
                        assertRight(problem, MethodName.COLUMN,
                                moved(paper, figure -> figure.line().id().equals("carries"),
                                        figure -> new PaperFigure(figure.block(), Line.named(line), figure.place(),
                                                anchor,
                                                figure.kind(), figure.text())),
                                "carries at " + line + " " + anchor);
                    }
                }
            }
        }
    }

    @Test
    void theOneThatIsPaidBackStandsInEitherRow() {
        HouseStyle inAnswer = USUAL.with(Map.of("payBackPlace", "in-answer"));
        for (String problem : List.of("503 - 128", "1000 - 1", "62.5 - 48.75", "713 - 286")) {
            Problem read = ProblemText.kept(problem);
            assertRight(read, MethodName.EQUAL_ADDITIONS, careful(read, MethodName.EQUAL_ADDITIONS, inAnswer), problem);
        }
    }

    @Test
    void divisorsOfARootStandBareOrNotAndItsZerosFromTheStartOrNot() {
        HouseStyle bare =
                USUAL.with(Map.of("rootDivisors", "bare", "rootZeros", "at-the-start", "rootPoint", "with-pair"));
        for (String problem : List.of("√2 to 3 dp", "√1849", "√1.5", "√0.5", "√104976", "√230400")) {
            Problem read = ProblemText.kept(problem);
            for (MethodName method : List.of(MethodName.DOUBLED_ROOT, MethodName.RUNNING_DIVISOR)) {
                assertRight(read, method, careful(read, method, bare), problem + " bare");
                assertRight(read, method, bare, careful(read, method, USUAL), problem + " with signs");
            }
        }
    }

    @Test
    void zerosAreStruckStraightToNine() {
        for (String text : List.of("4003 − 1358", "500 − 237", "10000 − 1", "7004 − 2586", "30050 − 4168", "900 − 463",
                "9000 − 4632", "9900 − 463", "990 − 463")) {
            Problem problem = ProblemText.kept(text);
            List<PaperFigure> paper = careful(problem, MethodName.DECOMPOSITION, USUAL);
            Map<Integer, String> over = new HashMap<>();
            paper.stream().filter(figure -> figure.line().id().equals("exchanged-2") && figure.kind() == MarkKind.DIGIT)
                    .forEach(figure -> over.put(figure.place(), figure.text()));
            List<PaperFigure> straight = paper.stream().filter(figure -> !figure.line().id().equals("exchanged-2")
                    && !(figure.line().id().equals("exchanged-1") && figure.kind() == MarkKind.STRIKE))
                    .map(figure -> figure.line().id().equals("exchanged-1") && over.containsKey(figure.place())
                            ? digit(BlockName.named("sum"), Line.named("exchanged-1"), figure.place(),
                                    over.get(figure.place()))
                            : figure)
                    .toList();
            assertRight(problem, MethodName.DECOMPOSITION, straight, "straight to 9");
        }
    }

    @Test
    void aQuotientIsRightByShortAndLongAndWithOrWithoutZeroProducts() {
        RandomGenerator random = RandomNumbers.seeded(15_700);
        for (int i = 0; i < 2 * PAPERS; i++) {
            Problem problem = new Problem.Division(Numeral.of("" + (100 + random.nextInt(99_900))),
                    Numeral.of("" + (2 + random.nextInt(i % 3 == 0 ? 90 : 8))));
            MethodName longer = MethodName.LONG_DIVISION;
            assertRight(problem, longer, careful(problem, longer, USUAL.with("zeroProducts", YesNo.YES)),
                    "zero products");
            assertRight(problem, longer, careful(problem, MethodName.SHORT_DIVISION, USUAL), "short for long");
            assertRight(problem, MethodName.SHORT_DIVISION, careful(problem, longer, USUAL), "long for short");
        }
        Problem half = ProblemText.kept("7 ÷ 2");
        assertRight(half, MethodName.LONG_DIVISION,
                List.of(digit(BlockName.named("quotient"), Line.named("quotient"), 0, "3"),
                        digit(BlockName.named("quotient"), Line.named("quotient"), -1, "5")),
                "3.5");
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void noWrongAnswerIsEverRight(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(15_800 + method.ordinal());
        for (int i = 0; i < 3 * PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(method), USUAL);
            boolean alone = i % 2 == 0;
            List<PaperFigure> all = MarkingTest.paperOf(careful, false, random.nextBoolean()).stream()
                    .filter(figure -> !alone || isAnswer(figure, careful)).toList();
            List<PaperFigure> digits =
                    all.stream().filter(figure -> isAnswer(figure, careful) && figure.text().length() == 1).toList();
            if (digits.isEmpty()) {
                continue;
            }
            PaperFigure changed = digits.get(random.nextInt(digits.size()));
            int by = 1 + random.nextInt(9);
            List<PaperFigure> paper = moved(all, figure -> figure == changed,
                    figure -> new PaperFigure(figure.block(), figure.line(),
                            figure.place(), figure.anchor(), figure.kind(),
                            "" + (Integer.parseInt(figure.text()) + by) % 10));
            String rounded = careful.answer().rounded();
            Marked marked = mark(problem, method, paper);
            if (rounded != null && marked.answer().text().equals(rounded.replace(".", ""))) {
                continue;
            }
            String what = problem.text() + " " + method + " " + paper + marked.figures();
            assertThat(marked.answer().verdict()).as(what).isEqualTo(PaperVerdict.WRONG);
            assertThat(marked.verdict()).as(what).isEqualTo(PaperVerdict.WRONG);
            assertThat(marked.first()).as(what).isNotNull();
        }
    }

    @ParameterizedTest
    @CsvSource({"5 × 0, 1", "14 ÷ 6, 2", "53 × 24, 1262", "4003 − 1358, 2655", "812 ÷ 4, 23"})
    void anAnswerIsReadFromItsOwnSquares(String text, String given) {
        Problem problem = ProblemText.kept(text);
        Written careful = Written.by(Hand.CAREFUL, problem, Methods.usual(problem), USUAL);
        List<PaperFigure> paper = new ArrayList<>();
        for (int i = 0; i < given.length(); i++) {
            paper.add(
                    digit(careful.answerStands().block().name(), careful.answerStands().line(), given.length() - 1 - i,
                            given.substring(i, i + 1)));
        }
        Marked marked = mark(problem, careful.method(), paper);
        assertThat(marked.answer().verdict()).isNotEqualTo(PaperVerdict.RIGHT);
        assertThat(marked.verdict()).isEqualTo(PaperVerdict.WRONG);
    }

    @ParameterizedTest
    @CsvSource({"53 × 24, '', 4, 4", "53 × 24, addend-1 1 2, 2, 4", "53 × 24, answer 1 6, 2, 4",
        "487 + 96, answer 1 7, 2, 4"})
    void marksForMethodCountWhatFollows(String text, String changed, int given, int of) {
        HouseStyle marks = USUAL.with("methodMarks", MethodMarks.LINES);
        Problem problem = ProblemText.kept(text);
        MethodName method = Methods.usual(problem).name();
        String[] other = changed.split(" ");
        List<PaperFigure> paper = moved(careful(problem, method, USUAL),
                figure -> other.length == 3 && figure.line().id().equals(other[0])
                        && figure.place() == Integer.parseInt(other[1]) && figure.anchor() == Anchor.MIDDLE,
                figure -> new PaperFigure(figure.block(),
                        figure.line(), figure.place(), figure.anchor(), figure.kind(), other[2]));
        Marked marked = Marking.mark(problem, method.id(), marks, new PaperToMark(paper, false, false, false, null));
        assertThat(List.of(marked.marks().given(), marked.marks().of())).as(marked.marks().say() + marked.figures())
                .containsExactly(given, of);
        assertThat(marked.marks().say()).matches("The answer [01] of 1, the (lines of working|columns) \\d of \\d[.]");
        assertThat(mark(problem, method, paper).marks()).isNull();
    }

    @Test
    void twoFaultsThatCancelAreSaid() {
        Problem problem = ProblemText.kept("53 × 24");
        List<PaperFigure> paper = moved(careful(problem, MethodName.LONG_MULTIPLICATION, USUAL),
                figure -> figure.line().id().equals("addend-1") && figure.place() == 1,
                figure -> digit(BlockName.named("product"), Line.addend(1), 1, "2"));
        Marked marked = mark(problem, MethodName.LONG_MULTIPLICATION, paper);
        assertThat(marked.answer().verdict()).isEqualTo(PaperVerdict.RIGHT);
        assertThat(marked.verdict()).isEqualTo(PaperVerdict.WRONG);
        assertThat(Stream.of(marked.first().at().line())).containsExactly(Line.addend(1));
    }
}
