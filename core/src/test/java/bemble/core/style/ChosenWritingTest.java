package bemble.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.Stages;
import bemble.core.print.WorkedPicture;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.ProblemText;
import bemble.core.sheet.SheetMark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each choice of writing changes on the paper and in the words, on sums worked by hand. */
class ChosenWritingTest {
    private static Worked work(String problem, String... choices) {
        Map<String, String> chosen = new HashMap<>();
        for (int i = 0; i < choices.length; i += 2) {
            chosen.put(choices[i], choices[i + 1]);
        }
        return Worked.from(new WorkOrder(ProblemText.kept(problem), null, HouseStyle.USUAL.with(chosen), null));
    }

    private static List<SheetMark> marks(Worked worked) {
        return worked.sheet().marks().stream().filter(mark -> mark.block().part() == Part.WORK && mark.until() == null)
                .toList();
    }

    private static String figures(Worked worked, Role role) {
        return marks(worked).stream().filter(mark -> mark.role() == role && mark.kind() == MarkKind.DIGIT)
                .map(SheetMark::text).collect(Collectors.joining(" "));
    }

    private static long count(Worked worked, MarkKind kind) {
        return marks(worked).stream().filter(mark -> mark.kind() == kind).count();
    }

    private static String said(Worked worked) {
        return worked.working().steps().stream().filter(step -> step.part() == Part.WORK)
                .map(step -> step.spoken().say()).collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({"no, at-once, ''", "yes, at-once, 15 19 4", "two-digits, at-once, 15 19",
        // 7, 7 + 5, and 3; then the carried 1 and on.
        "no, jotted, 7 12 15 1 5 13 19 1 2 4", "two-digits, jotted, 7 12 15 1 5 13 19"})
    void totalsAreJottedAsTheStyleHasThem(String jotted, String totals, String written) {
        Worked worked = work("147 + 285 + 63", "jotTotals", jotted, "columnTotals", totals);
        List<String> jots = marks(worked).stream().filter(mark -> mark.role() == Role.JOT)
                .sorted(Comparator.comparingInt(SheetMark::row).thenComparingInt(SheetMark::column))
                .map(SheetMark::text).toList();
        assertThat(String.join(" ", jots)).isEqualTo(written);
    }

    @Test
    void partsStandInOneLineBehindAnEqualsSign() {
        Worked worked = work("476 + 385", "additionMethod", "partial-sums", "partSums", "one-line");
        String line = marks(worked).stream()
                .filter(mark -> mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.SIGN)
                .sorted(Comparator.comparingInt(SheetMark::column)).map(SheetMark::text)
                .collect(Collectors.joining());
        assertThat(line).isEqualTo("476+385=700+150+11=861");
        assertThat(marks(worked).stream().filter(mark -> mark.kind() == MarkKind.DIGIT).map(SheetMark::row).distinct())
                .as("all in one line").hasSize(1);
        assertThat(said(worked)).contains("700 … 850 … 861. Write 861 behind an equals sign.");
    }

    @Test
    void ofAnExchangeNothingASmallOneOrAllIsWritten() {
        assertThat(figures(work("403 − 128", "exchangeWriting", "in-the-head"), Role.EXCHANGE)).isEmpty();
        assertThat(said(work("403 − 128", "exchangeWriting", "in-the-head")))
                .contains("Exchange 1 ten for 10 ones: 9 tens and 13 ones, still 103. Ones: 13 ones")
                .doesNotContain("Strike", "small 1");
        assertThat(figures(work("403 − 128", "exchangeWriting", "in-front"), Role.EXCHANGE)).isEqualTo("3 10 9 1");
        assertThat(figures(work("403 − 128", "exchangeWriting", "always-in-front"), Role.EXCHANGE))
                .isEqualTo("3 1 9 1");
    }

    @Test
    void aDifferenceOfZeroAndTheArrowsOfADivisionAreWrittenWhereTheStyleHasThem() {
        assertThat(figures(work("846 ÷ 4"), Role.WRITTEN)).isEqualTo("2 8 4 1 4 6 1 4 2 2");
        assertThat(figures(work("846 ÷ 4", "zeroDifferences", "yes"), Role.WRITTEN))
                .isEqualTo("2 8 0 4 1 4 0 6 1 4 2 2");
        assertThat(count(work("846 ÷ 4"), MarkKind.ARROW)).as("they have gone by the end").isZero();
        assertThat(count(work("846 ÷ 4", "arrows", "staying"), MarkKind.ARROW)).isEqualTo(2);
        assertThat(work("846 ÷ 4", "arrows", "none").sheet().marks()).noneMatch(mark -> mark.kind() == MarkKind.ARROW);
    }

    @Test
    void theOneThatIsPaidBackStandsInTheAnswersRow() {
        String[] below = {"subtractionMethod", "equal-additions"};
        String[] inAnswer = {"subtractionMethod", "equal-additions", "payBackPlace", "in-answer"};
        assertThat(work("503 − 128", inAnswer).answer().value()).isEqualTo("375");
        assertThat(smallOnes(work("503 − 128", inAnswer))).containsExactly("answer 1", "answer 2");
        assertThat(smallOnes(work("503 − 128", below))).containsExactly("subtrahend 1", "subtrahend 2");
        assertThat(said(work("503 − 128", inAnswer)))
                .contains("a small 1 where the answer will stand in the tens column");
    }

    private static List<String> smallOnes(Worked worked) {
        return marks(worked).stream().filter(mark -> mark.role() == Role.EXCHANGE && !mark.line().id().equals("minuend")
                && mark.kind() == MarkKind.DIGIT).map(mark -> mark.line().id() + " " + mark.place()).toList();
    }

    @Test
    void whatIsCarriedIsWrittenBeforeItsDigit() {
        assertThat(figures(work("147 + 285", "carryFigure", "before-digit"), Role.CARRY)).isEqualTo("1 1");
        assertThat(said(work("147 + 285", "carryFigure", "before-digit")))
                .contains("Carry 1 ten: a small 1 above the tens column. Write 2 in the ones column.");
        for (String problem : List.of("147 + 285", "346 × 25", "47 × 36")) {
            for (String pace : List.of("column", "figure")) {
                Worked before = work(problem, "carryFigure", "before-digit", "pace", pace);
                Worked after = work(problem, "pace", pace);
                assertThat(first(before, Role.CARRY)).isLessThan(first(before, Role.WRITTEN));
                assertThat(first(after, Role.CARRY)).isGreaterThan(first(after, Role.WRITTEN));
                assertThat(before.record()).isEqualTo(after.record());
            }
        }
    }

    private static int first(Worked worked, Role role) {
        List<SheetMark> figures = marks(worked).stream().filter(mark -> mark.kind() == MarkKind.DIGIT).toList();
        return figures.stream().filter(mark -> mark.role() == role).map(figures::indexOf).findFirst().orElseThrow();
    }

    @Test
    void columnsStandASquareApart() {
        Worked close = work("147 + 285");
        Worked apart = work("147 + 285", "columnGap", "square");
        assertThat(columns(close)).containsExactly(1, 2, 3);
        assertThat(columns(apart)).containsExactly(2, 4, 6);
        assertThat(figures(apart, Role.WRITTEN)).isEqualTo(figures(close, Role.WRITTEN));
        assertThat(work("812 ÷ 4", "columnGap", "square").sheet().work().columns())
                .as("the digits of a dividend stay together").isEqualTo(work("812 ÷ 4").sheet().work().columns());
    }

    private static List<Integer> columns(Worked worked) {
        return marks(worked).stream().filter(mark -> mark.line().id().equals("answer"))
                .filter(mark -> mark.kind() == MarkKind.DIGIT).map(SheetMark::column).sorted().toList();
    }

    @Test
    void zerosPointAndDivisorsOfARootStandAsTheStyleHasThem() {
        assertThat(inFirstStep(work("√2 to 3 dp"), "radicand")).isEqualTo("2");
        assertThat(inFirstStep(work("√2 to 3 dp", "rootZeros", "at-the-start"), "radicand")).isEqualTo("2.000000");
        assertThat(inFirstStep(work("√1849", "rootZeros", "at-the-start"), "radicand")).isEqualTo("1849");
        assertThat(said(work("√2 to 3 dp", "rootZeros", "at-the-start")))
                .contains("Write 2 under the root, with the zeros that it will need, and mark off")
                .doesNotContain("Nothing more stands there");
        assertThat(pointStep(work("√2 to 3 dp", "rootPoint", "with-pair")))
                .isEqualTo(pointStep(work("√2 to 3 dp")) - 2);
        for (String method : List.of("doubled-root", "running-divisor")) {
            Worked bare = work("√1849", "rootMethod", method, "rootDivisors", "bare");
            assertThat(marks(bare)).noneMatch(mark -> mark.block().id().equals("divisors")
                    && (mark.kind() == MarkKind.SIGN || mark.kind() == MarkKind.RULE));
            assertThat(bare.answer().value()).isEqualTo("43");
        }
    }

    private static String inFirstStep(Worked worked, String line) {
        return marks(worked).stream().filter(mark -> mark.step() == 1 && mark.line().id().equals(line))
                .filter(mark -> mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.POINT)
                .sorted(Comparator.comparingInt(SheetMark::column).thenComparing(mark -> mark.kind() == MarkKind.POINT))
                .map(SheetMark::text).collect(Collectors.joining());
    }

    private static int pointStep(Worked worked) {
        return marks(worked).stream().filter(mark -> mark.kind() == MarkKind.POINT && mark.line().id().equals("root"))
                .mapToInt(SheetMark::step).findFirst().orElseThrow();
    }

    @Test
    void wholeNumbersOverDecimalsGetTheirPoint() {
        assertThat(count(work("38 + 146.5"), MarkKind.POINT)).isEqualTo(2);
        assertThat(count(work("38 + 146.5", "wholePoints", "yes"), MarkKind.POINT)).isEqualTo(3);
        assertThat(count(work("38 + 146", "wholePoints", "yes"), MarkKind.POINT)).isZero();
    }

    @ParameterizedTest
    @CsvSource({"boxed, FRAME, a box round", "ringed, RING, a ring round", "ruled, RULE_BELOW, Rule the answer off",
        "underlined, DOUBLE_RULE, Underline the answer twice"})
    void theAnswerIsMarkedOff(String option, MarkKind kind, String said) {
        Worked worked = work("147 + 285", "answerMark", option);
        SheetMark mark = marks(worked).stream().filter(each -> each.kind() == kind).findFirst().orElseThrow();
        List<SheetMark> answer =
                marks(worked).stream().filter(each -> each.line().equals(mark.line()) && each.kind() == MarkKind.DIGIT)
                        .toList();
        assertThat(answer).extracting(SheetMark::column).contains(mark.column(), mark.lastColumn())
                .allSatisfy(column -> assertThat(column).isBetween(mark.column(), mark.lastColumn()));
        assertThat(said(worked)).contains(said);
        assertThat(marks(work("147 + 285"))).noneMatch(each -> each.kind() == kind);
    }

    @Test
    void itIsSaidWhatARowAndAColumnComeTo() {
        assertThat(said(work("346 × 25"))).contains("So 346 × 5 is 1730.", "So 346 × 20 is 6920.");
        assertThat(said(work("346 × 5"))).doesNotContain("So 346");
        assertThat(said(work("46 × 37", "multiplicationMethod", "crosswise", "columnTotals", "running")))
                .contains("6 × 3 is 18 and 4 × 7 is 28, together 46. And 4 carried: 50 tens.");
        assertThat(said(work("97 ÷ 4", "divisionTalk", "measuring"))).contains("24 groups of 4, 1 left over");
        assertThat(said(work("96 ÷ 4", "divisionTalk", "measuring"))).contains("24 groups of 4, nothing is left over");
        assertThat(said(work("85 + 47", "deciding", "every-column"))).contains("a new hundred can be made");
    }

    @Test
    void aRootsCheckKeepsItsPoint() {
        Worked worked = work("√2.5");
        assertThat(worked.check().workings().get(1).operands()).containsExactly("1.0", "1.5");
        assertThat(worked.check().holds()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"9 + 4, 2", "403 − 128, 6", "346 × 205, 9", "8136 ÷ 25, 9"})
    void theStagesOfAWorkingStandSideBySideAndMixedUpBehind(String problem, int papers) {
        List<Page> pages = Stages.pages(work(problem));
        assertThat(pages).hasSize(2);
        assertThat(texts(pages.get(0))).as("numbered in order").contains("1  Set out")
                .anyMatch(text -> text.startsWith(papers + "  "))
                .noneMatch(text -> text.startsWith(papers + 1 + "  "));
        assertThat(texts(pages.get(1))).anyMatch(text -> text.contains("which comes first"))
                .noneMatch(text -> text.startsWith("1  "));
        for (Page page : pages) {
            assertThat(page.inks()).allSatisfy(ink -> {
                if (ink instanceof PageInk.Line line) {
                    assertThat(line.x1()).isBetween(10.0, page.width() - 10);
                    assertThat(line.y2()).isBetween(10.0, page.height() - 10);
                }
            });
        }
    }

    private static List<String> texts(Page page) {
        return page.inks().stream().filter(PageInk.Text.class::isInstance).map(ink -> ((PageInk.Text) ink).text())
                .toList();
    }

    @Test
    void aPictureShowsThePaperAsItStandsAfterAStep() {
        Worked worked = work("403 − 128");
        assertThat(texts(WorkedPicture.of(worked, 1))).containsExactlyInAnyOrder("4", "0", "3", "1", "2", "8", "−");
        assertThat(texts(WorkedPicture.of(worked, 4))).contains("5").doesNotContain("7");
        assertThat(texts(WorkedPicture.of(worked, 1000))).contains("7", "check");
    }
}
