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
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A working that is struck and begun again beside it: the last one that is not struck counts, right or wrong. */
class BegunAgainTest {
    private static final int PAPERS = Trials.of(60) / 10;

    private static List<PaperFigure> again(List<PaperFigure> paper) {
        return paper.stream().map(figure -> new PaperFigure(BlockName.named(figure.block().id() + "#2"), figure.line(),
                figure.place(), figure.anchor(), figure.kind(), figure.text())).toList();
    }

    private static List<PaperFigure> struck(List<PaperFigure> paper) {
        List<PaperFigure> all = new ArrayList<>(paper);
        paper.stream().filter(figure -> figure.anchor() == Anchor.MIDDLE && figure.kind() != MarkKind.STRIKE)
                .forEach(figure -> all.add(new PaperFigure(figure.block(), figure.line(), figure.place(),
                        figure.anchor(), MarkKind.STRIKE, figure.text())));
        return all;
    }

    /** The same with one figure of the answer written otherwise. */
    private static List<PaperFigure> wrong(List<PaperFigure> paper, Written written, RandomGenerator random) {
        List<PaperFigure> all = new ArrayList<>(paper);
        List<PaperFigure> answer = paper.stream().filter(figure -> figure.kind() == MarkKind.DIGIT
                && figure.anchor() == Anchor.MIDDLE && figure.line().equals(written.answerStands().line())
                && figure.block().equals(written.answerStands().block().name())).toList();
        PaperFigure one = answer.get(random.nextInt(answer.size()));
        all.set(all.indexOf(one), new PaperFigure(one.block(), one.line(), one.place(), one.anchor(), one.kind(),
                "" + (Integer.parseInt(one.text()) + 1 + random.nextInt(8)) % 10));
        return all;
    }

    private static Marked mark(Written written, List<PaperFigure> first, List<PaperFigure> second) {
        List<PaperFigure> paper = new ArrayList<>(first);
        paper.addAll(second);
        return Marking.mark(written.problem(), written.method().id(), HouseStyle.USUAL,
                new PaperToMark(paper, false, false, false, null));
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = {"MATCHING_COLUMNS", "AREA"})
    void theLastThatIsNotStruckCounts(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(44_000 + method.ordinal());
        for (int i = 0; i < PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 3);
            Written written = Written.by(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL);
            List<PaperFigure> right = MarkingTest.paperOf(written, false, random.nextBoolean());
            List<PaperFigure> wrong = wrong(right, written, random);
            String what = problem.text() + " " + method;
            assertThat(mark(written, struck(wrong), again(right)).verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
            assertThat(mark(written, wrong, again(right)).verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
            assertThat(mark(written, right, again(wrong)).verdict()).as(what).isEqualTo(PaperVerdict.WRONG);
            assertThat(mark(written, struck(right), again(wrong)).verdict()).as(what).isEqualTo(PaperVerdict.WRONG);
            assertThat(mark(written, right, struck(again(wrong))).verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
            assertThat(mark(written, struck(right), struck(again(right))).verdict()).as(what)
                    .isNotEqualTo(PaperVerdict.RIGHT);
        }
    }

    /** What is said of the second is what would be said of it alone, where it stands. */
    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = {"MATCHING_COLUMNS", "AREA"})
    void itIsJudgedAsIfItStoodAlone(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(44_100 + method.ordinal());
        Problem problem = EveryMethodTest.problem(method.operation(), random, 3);
        Written written = Written.by(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL);
        List<PaperFigure> right = MarkingTest.paperOf(written, false, true);
        List<PaperFigure> wrong = wrong(right, written, random);
        Marked alone = mark(written, wrong, List.of());
        Marked second = mark(written, right, again(wrong));
        assertThat(second.slips().stream().map(Marked.Explained::slip).toList())
                .isEqualTo(alone.slips().stream().map(Marked.Explained::slip).toList());
        assertThat(second.answer()).isEqualTo(alone.answer());
        assertThat(second.figures().stream().filter(figure -> figure.at().block().id().endsWith("#2"))
                .map(figure -> figure.at().line() + " " + figure.at().place() + figure.text() + figure.verdict()))
                        .containsAll(alone.figures().stream().filter(figure -> !figure.text().isEmpty())
                                .map(figure -> figure.at().line() + " " + figure.at().place() + figure.text()
                                        + figure.verdict())
                                .toList());
        assertThat(second.first() == null).isEqualTo(alone.first() == null);
        if (second.first() != null) {
            assertThat(second.first().say()).isEqualTo(alone.first().say());
            assertThat(second.first().at().block().id()).endsWith("#2");
        }
        assertThat(second.figures().stream().filter(figure -> !figure.at().block().id().endsWith("#2")
                && !figure.text().isEmpty()).map(MarkedFigure::verdict)).containsOnly(Verdict.EXTRA);
    }

    /** 46 × 23 in a box, its rows added wrongly; the box is begun again, and its rows are not added yet. */
    @Test
    void theRowsOfAnOldBoxDoNotGoOnFromANewOne() {
        Written written = Written.by(Hand.CAREFUL, ProblemText.kept("46 × 23"), Methods.of(MethodName.AREA),
                HouseStyle.USUAL);
        List<PaperFigure> right = MarkingTest.paperOf(written, false, true);
        List<PaperFigure> wrong = wrong(right, written, RandomNumbers.seeded(44_200));
        List<PaperFigure> box =
                right.stream().filter(figure -> figure.block().isFirst(BlockName.Kind.BOX)).toList();
        List<PaperFigure> rows =
                right.stream().filter(figure -> figure.block().isFirst(BlockName.Kind.ROWS)).toList();
        assertThat(mark(written, wrong, again(box)).verdict()).isEqualTo(PaperVerdict.UNFINISHED);
        assertThat(mark(written, wrong, again(rows)).verdict()).as("the box stands, its rows are added anew")
                .isEqualTo(PaperVerdict.RIGHT);
    }
}
