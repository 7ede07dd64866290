package bemble.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.print.OwnWork;
import bemble.core.print.TextPages;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.writing.WritingPaper;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A pupil's own work as it stands on a page. */
class OwnWorkTest {
    private static List<PageInk.Text> texts(OwnWork work) {
        return TextPages.of("", "", List.of(new TextPages.Drawing(work))).stream().flatMap(page -> page.inks().stream())
                .filter(ink -> ink instanceof PageInk.Text text && !text.text().isEmpty())
                .map(ink -> (PageInk.Text) ink)
                .toList();
    }

    private static WritingPaper paper(Problem problem, MethodName method) {
        return WritingPaper.of(new WorkOrder(problem, method.id(), HouseStyle.USUAL, null), false, false);
    }

    private static boolean isText(SheetMark mark) {
        return !mark.text().isEmpty() && mark.kind() != MarkKind.STRIKE;
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void everyFigureThatWasWrittenStandsOnThePageOnce(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(55 + method.ordinal());
        for (int i = 0; i < 10; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            WritingPaper paper = paper(problem, method);
            List<PaperFigure> written =
                    paper.path().stream().map(mark -> new PaperFigure(mark.block(), mark.line(), mark.place(),
                            mark.anchor(), mark.kind(), mark.text())).toList();
            List<String> expected =
                    Stream.concat(paper.printed().stream(), paper.path().stream()).filter(OwnWorkTest::isText)
                            .map(SheetMark::text).toList();
            assertThat(texts(new OwnWork(paper, written))).extracting(PageInk.Text::text).as(problem.text())
                    .containsExactlyInAnyOrderElementsOf(expected);
        }
    }

    @Test
    void ofARightAnswerAloneItsDigitsStandUnderTheirColumns() {
        WritingPaper paper = paper(new Problem.Addition(List.of(Numeral.of("398"), Numeral.of("78"))),
                MethodName.COLUMN);
        List<PageInk.Text> texts = texts(OwnWork.answerOnly(paper));
        assertThat(texts).extracting(PageInk.Text::text).containsExactlyInAnyOrder("3", "9", "8", "+", "7", "8", "4",
                "7",
                "6");
        double last = texts.stream().mapToDouble(PageInk.Text::y).max().orElseThrow();
        List<PageInk.Text> answer = texts.stream().filter(text -> text.y() == last).toList();
        assertThat(answer).extracting(PageInk.Text::text).containsExactlyInAnyOrder("4", "7", "6");
        double ones = answer.stream().filter(text -> text.text().equals("6")).findFirst().orElseThrow().x();
        assertThat(texts).filteredOn(text -> text.text().equals("8")).hasSize(2)
                .allMatch(text -> Math.abs(text.x() - ones) < 0.01);
    }

    @Test
    void aLongDivisionOfALongNumberStaysOnItsPage() {
        WritingPaper paper =
                paper(new Problem.Division(Numeral.of("98765432109876543210987654321098765432"), Numeral.of("37")),
                        MethodName.LONG_DIVISION);
        List<PaperFigure> written =
                paper.path().stream().map(mark -> new PaperFigure(mark.block(), mark.line(), mark.place(),
                        mark.anchor(), mark.kind(), mark.text())).toList();
        assertThat(texts(new OwnWork(paper, written))).hasSizeGreaterThan(200)
                .allMatch(text -> text.x() > 15 && text.x() < 195 && text.y() > 15 && text.y() < 280);
    }

    @Test
    void whatStandsInNoSquareIsLeftOut() {
        WritingPaper paper = paper(new Problem.Division(Numeral.of("96"), Numeral.of("4")),
                MethodName.LONG_DIVISION);
        PaperFigure elsewhere =
                new PaperFigure(BlockName.named("nowhere"), Line.named("answer"), 0, null, MarkKind.DIGIT, "7");
        assertThat(texts(new OwnWork(paper, List.of(elsewhere)))).extracting(PageInk.Text::text).doesNotContain("7");
    }
}
