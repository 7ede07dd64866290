package bemble.core.print;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.sheet.SheetMark;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.working.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Strips to cut off, with a child’s own sum to be put right and one to do. */
class CutStripTest {
    private static List<String> texts(Page page) {
        return page.inks().stream().filter(PageInk.Text.class::isInstance).map(ink -> ((PageInk.Text) ink).text())
                .filter(text -> !text.isEmpty()).toList();
    }

    static Stream<KnownSlip> slips() {
        return Slips.ALL.stream().filter(slip -> slip.members() == null);
    }

    /** What was right of it stands there and nothing of what went wrong; the question is short. */
    @ParameterizedTest
    @MethodSource("slips")
    void theirOwnSumStandsThereAsFarAsItWasRight(KnownSlip slip) {
        RandomGenerator random = RandomNumbers.seeded(155 + slip.id().length());
        for (int i = 0; i < 12; i++) {
            Problem own = EveryMethodTest.problem(slip.operation(), random, 4);
            OwnSoFar soFar = OwnSoFar.of(own, slip.id(), HouseStyle.USUAL);
            List<SheetMark> right = Worked.from(new WorkOrder(own, null, HouseStyle.USUAL, null)).sheet().marks();
            assertThat(soFar.marks()).as(own.text()).noneMatch(mark -> mark.role() == Role.WRONG
                    || mark.role() == Role.MISSING || mark.role() == Role.FOLLOWS);
            assertThat(soFar.marks().size()).as(own.text()).isLessThanOrEqualTo(right.size());
            assertThat(soFar.asks().split(" ")).as(soFar.asks()).hasSizeLessThanOrEqualTo(12);
            assertThat(soFar.asks()).endsWith("?");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "503 − 148 | smaller-from-larger |   | ",
        "687 + 58  | carry-forgotten     | 5 | How many tens altogether?",
        "27 + 458  | lined-up-left       |   | Which digits belong under each other?"})
    void theFigureThatWentWrongIsNotWrittenForThem(String problem, String slip, String written, String asks) {
        OwnSoFar soFar = OwnSoFar.of(ProblemText.kept(problem), slip, HouseStyle.USUAL);
        assertThat(soFar.marks()).filteredOn(mark -> mark.role() == Role.WRITTEN).extracting(SheetMark::text)
                .isEqualTo(written == null ? List.of() : List.of(written.split(" ")));
        assertThat(soFar.asks()).endsWith("?").contains(asks == null ? "" : asks);
    }

    @Test
    void whereNobodyKnowsWhatItWasTheSumIsSetOutToBeWorkedAnew() {
        List<Page> pages = TextPages.of("", "", List.of(new CutStrip("Ida M", "", ProblemText.kept("503 − 148"), null,
                ProblemText.kept("604 − 259"), HouseStyle.USUAL)));
        assertThat(texts(pages.get(0))).contains("Ida M", "Your own 503 − 148:", "And then this one:");
        assertThat(String.join(" ", texts(pages.get(0)))).contains("Work it once more. Which column was not right?");
    }

    @Test
    void aStripIsNeverCutByTheEndOfAPage() {
        List<TextPages.Part> strips = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Problem problem = new Problem.Division(Numeral.of("98321"), Numeral.of("7"));
            strips.add(new CutStrip("Pupil " + i, "2 of 8 are right. Look again at 3.", problem, "remainder-forgotten",
                    problem, HouseStyle.USUAL));
        }
        List<Page> pages = TextPages.of("Strips", "", strips);
        assertThat(pages.size()).isGreaterThan(3);
        for (Page page : pages) {
            long names = texts(page).stream().filter(text -> text.startsWith("Pupil")).count();
            assertThat(names).isPositive()
                    .isEqualTo(texts(page).stream().filter(text -> text.startsWith("And then")).count());
            assertThat(page.inks()).filteredOn(PageInk.Line.class::isInstance)
                    .allMatch(line -> ((PageInk.Line) line).y2() < page.height() - 15);
        }
    }
}
