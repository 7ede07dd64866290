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
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is crossed out is gone, and what replaces it counts, right or wrong. */
class CrossedOutTest {
    private static final int PAPERS = Trials.of(60) / 5;

    /** Where the new figure is written. */
    private enum Where {
        IN_THE_SQUARE(null, Anchor.MIDDLE),
        BESIDE_IT(null, Anchor.AFTER),
        ABOVE_IT(null, Anchor.BEFORE_HIGH),
        UNDER_IT("under", Anchor.MIDDLE),
        OVER_IT("over", Anchor.MIDDLE);

        private final String line;
        private final Anchor anchor;

        Where(String line, Anchor anchor) {
            this.line = line;
            this.anchor = anchor;
        }
    }

    private static PaperFigure figure(PaperFigure at, Line line, Anchor anchor, MarkKind kind, String text) {
        return new PaperFigure(at.block(), line, at.place(), anchor, kind, text);
    }

    /** The paper with some figures struck, and others written instead. */
    private static List<PaperFigure> struck(List<PaperFigure> paper, List<PaperFigure> which, List<String> first,
            Where where, boolean replaced) {
        List<PaperFigure> all = new ArrayList<>();
        for (PaperFigure figure : paper) {
            int at = which.indexOf(figure);
            all.add(at < 0 ? figure : figure(figure, figure.line(), Anchor.MIDDLE, MarkKind.DIGIT, first.get(at)));
        }
        for (PaperFigure figure : which) {
            all.add(figure(figure, figure.line(), Anchor.MIDDLE, MarkKind.STRIKE, ""));
        }
        for (PaperFigure figure : replaced ? which : List.<PaperFigure>of()) {
            Line line = where.line == null ? figure.line() : Line.named(where.line);
            all.add(figure(figure, line, where.anchor, MarkKind.DIGIT, figure.text()));
        }
        return all;
    }

    private static Marked mark(Problem problem, MethodName method, List<PaperFigure> paper) {
        return Marking.mark(problem, method.id(), HouseStyle.USUAL, new PaperToMark(paper, false, false, false, null));
    }

    private static List<PaperFigure> answer(Written careful, List<PaperFigure> paper) {
        return paper.stream().filter(figure -> figure.kind() == MarkKind.DIGIT && figure.anchor() == Anchor.MIDDLE
                && figure.block().equals(careful.answerStands().block().name())
                && figure.line().equals(careful.answerStands().line())).toList();
    }

    private static Written careful(Problem problem) {
        return Written.by(Hand.CAREFUL, problem, Methods.usual(problem), HouseStyle.USUAL);
    }

    private static List<PaperFigure> answer(Problem problem) {
        Written careful = careful(problem);
        return answer(careful, MarkingTest.paperOf(careful, false, true));
    }

    /** A careful paper on which the answer does not stand yet. */
    private static List<PaperFigure> withoutAnswer(Problem problem) {
        List<PaperFigure> paper = new ArrayList<>(MarkingTest.paperOf(careful(problem), false, true));
        paper.removeAll(answer(problem));
        return paper;
    }

    private static String other(String digit, RandomGenerator random) {
        return "" + (Integer.parseInt(digit) + 1 + random.nextInt(9)) % 10;
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, names = {"COLUMN", "DECOMPOSITION", "EQUAL_ADDITIONS", "LONG_MULTIPLICATION",
        "LONG_DIVISION", "SHORT_DIVISION", "PARTIAL_QUOTIENTS"})
    void theNewFigureCountsAndNotTheOldOne(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(40_300 + method.ordinal());
        for (int i = 0; i < PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL);
            List<PaperFigure> paper = MarkingTest.paperOf(careful, false, true);
            List<PaperFigure> answer = answer(careful, paper);
            List<PaperFigure> which =
                    random.nextBoolean() ? answer : List.of(answer.get(random.nextInt(answer.size())));
            Where where = Where.values()[random.nextInt(Where.values().length)];
            List<String> wrong = which.stream().map(figure -> other(figure.text(), random)).toList();
            Marked right = mark(problem, method, struck(paper, which, wrong, where, true));
            String what = problem.text() + " " + method + " " + where + " " + which;
            assertThat(right.verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
            assertThat(right.figures()).as(what).allMatch(figure -> figure.verdict() != Verdict.WRONG);

            List<PaperFigure> spoilt = new ArrayList<>(paper);
            which.forEach(figure -> spoilt.set(spoilt.indexOf(figure),
                    figure(figure, figure.line(), Anchor.MIDDLE, MarkKind.DIGIT, other(figure.text(), random))));
            List<PaperFigure> instead = new ArrayList<>(spoilt);
            instead.removeAll(paper);
            Marked turned = mark(problem, method,
                    struck(spoilt, instead, which.stream().map(PaperFigure::text).toList(), where, true));
            assertThat(turned.verdict()).as("right struck for wrong: " + what).isEqualTo(PaperVerdict.WRONG);
            assertThat(turned.answer().verdict()).as(what).isEqualTo(PaperVerdict.WRONG);

            Marked nothing =
                    mark(problem, method, struck(paper, answer, answer.stream().map(PaperFigure::text).toList(),
                            where, false));
            assertThat(nothing.verdict()).as("struck, and nothing new: " + what).isEqualTo(PaperVerdict.UNFINISHED);
            assertThat(nothing.slips()).as(what).isEmpty();
        }
    }

    /** 403 − 128 with its exchanges, and no answer yet. */
    @ParameterizedTest
    @CsvSource({"403 − 128", "40 − 39", "53 × 24", "487 + 96", "97 ÷ 4"})
    void whatIsSoundAsFarAsItGoesIsNotEnded(String text) {
        Problem problem = ProblemText.kept(text);
        Marked marked = mark(problem, Methods.usual(problem).name(), withoutAnswer(problem));
        assertThat(marked.verdict()).as(text + marked.figures()).isEqualTo(PaperVerdict.UNFINISHED);
        assertThat(marked.slips()).isEmpty();
        assertThat(marked.first()).isNull();
    }

    /** Struck, and the same written again: as a screen tells it, the new figure in the place of the old one, behind the stroke. */
    @Test
    void whoWritesTheSameAgainHasWrittenIt() {
        Problem problem = ProblemText.kept("487 + 96");
        List<PaperFigure> paper = withoutAnswer(problem);
        for (PaperFigure figure : answer(problem)) {
            paper.add(figure(figure, figure.line(), Anchor.MIDDLE, MarkKind.STRIKE, figure.text()));
            paper.add(figure);
        }
        assertThat(mark(problem, Methods.usual(problem).name(), paper).verdict()).isEqualTo(PaperVerdict.RIGHT);
    }

    @Test
    void aLongerNumberMayStandInsteadOfAShorterOne() {
        Problem problem = ProblemText.kept("487 + 596");
        List<PaperFigure> paper = withoutAnswer(problem);
        for (PaperFigure figure : answer(problem)) {
            if (figure.place() < 3) {
                paper.add(figure(figure, figure.line(), Anchor.MIDDLE, MarkKind.DIGIT, "7"));
                paper.add(figure(figure, figure.line(), Anchor.MIDDLE, MarkKind.STRIKE, "7"));
            }
            paper.add(figure(figure, Line.named("under"), Anchor.MIDDLE, MarkKind.DIGIT, figure.text()));
        }
        assertThat(mark(problem, Methods.usual(problem).name(), paper).verdict()).isEqualTo(PaperVerdict.RIGHT);
    }
}
