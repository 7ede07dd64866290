package bemble.core.marking;

import bemble.core.check.Check;
import bemble.core.check.Checking;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Marks a paper: of the careful hand and the hands that slip, the one that would have written it most nearly says what is right. */
public final class Marking {
    /** A fit as good as this needs no further slip to explain it. */
    private static final double GOOD = 0.85;
    private static final int MOST_TRIED_ON = 3;
    private static final int MOST_MISSED = 3;
    private static final int MOST_EXPLAINED = 3;
    /** How much worse than the best a hand may fit to be named. */
    private static final double NEARLY = 0.75;
    private static final int[] NEAR = {1, -1, 2, -2};

    private final Problem problem;
    private final Method<?> method;
    private final HouseStyle style;
    private final PaperToMark paper;
    private final List<Run> runs = new ArrayList<>();
    /** The cost of the reading that fits most nearly so far. */
    private double likeliest = Double.MAX_VALUE / 2;

    private Marking(Problem problem, Method<?> method, HouseStyle style, PaperToMark paper) {
        this.problem = problem;
        this.method = method;
        this.style = style;
        this.paper = paper;
    }

    /**
     * Marks what stands on a paper.
     *
     * @param method the id of the method asked for, or null for the usual one
     * @throws Refusal where the method does not fit the problem
     */
    public static Marked mark(Problem problem, String method, HouseStyle style, PaperToMark paper) {
        return new Marking(problem, Methods.find(problem, method, style), style, paper).marked();
    }

    private Marked marked() {
        View house = new View(Way.ofTheHouse(problem, method, style, paper.written()), problem, paper);
        if (paper.ownWay()) {
            return verdicts(read(house, Hypothesis.CAREFUL)).answerOnly();
        }
        List<Run> careful = Ways.of(problem, method, style, paper).stream()
                .map(way -> read(way.equals(house.way()) ? house : new View(way, problem, paper), Hypothesis.CAREFUL)).toList();
        Run fair = careful.stream().filter(run -> !run.contradicts() && run.view().answer().verdict() == PaperVerdict.RIGHT)
                .min(Comparator.comparingInt(Run::strays)).orElse(null);
        if (fair != null) {
            return verdicts(fair).marked(List.of());
        }
        if (house.answer().isOtherwiseRight()) {
            Run led = read(house.withoutAnswer(), Hypothesis.CAREFUL);
            if (!led.contradicts()) {
                return verdicts(led).markedRight();
            }
        }
        Run best = best(careful);
        List<Marked.Explained> explained = explained(best);
        Marked marked = verdicts(best).marked(explained);
        boolean showsNothing = best.hypothesis().slips() > 0 && marked.verdict() != PaperVerdict.WRONG;
        // A slip that has left no trace explains nothing: what stands there besides is judged by the careful hand.
        return !showsNothing ? marked : verdicts(runs.get(0)).marked(List.of());
    }

    private Verdicts verdicts(Run run) {
        View view = run.view();
        Written drawn = run.drawn();
        Check check = null;
        if (paper.check() != null && drawn.isFinished()) {
            drawn.desk().checkIsWrittenBy(Run.hand(Hypothesis.CAREFUL, view.written()));
            try {
                check = Checking.write(paper.check(), problem, drawn.method(), drawn.answer(), drawn.desk());
            } catch (Stuck | Refusal noCheck) {
                // From such an answer no check can be worked; there is nothing in it to mark.
            }
        }
        return new Verdicts(drawn, check, view, paper);
    }

    private List<Marked.Explained> explained(Run best) {
        double all = runs.stream().mapToDouble(Run::likelihood).sum();
        return runs.stream().filter(run -> run.hypothesis().slips() > 0 && run.cost() <= best.cost() + NEARLY
                        && run.cost() < runs.get(0).cost())
                .sorted(Comparator.comparingDouble(Run::cost)).limit(MOST_EXPLAINED)
                .map(run -> run.explained(run.likelihood() / all)).toList();
    }

    /** The reading that fits most nearly; of two that fit alike the one with fewer slips, and the one that was tried first. */
    private Run best(List<Run> careful) {
        Run house = careful.get(0);
        // More figures that belong to nothing: that way would explain away what stands there.
        Run other = careful.stream().filter(run -> run != house && run.strays() <= house.strays() && run.cost() < house.cost() - 1e-9)
                .min(Comparator.comparingDouble(Run::cost)).orElse(null);
        Run best = bestIn(house);
        return other == null ? best : better(best, bestIn(other));
    }

    private Run bestIn(Run careful) {
        View view = careful.view();
        Run best = careful;
        if (paper.written().isEmpty() || best.essential() < Run.SLIP) {
            // No slip could explain it better than that there is none.
            return best;
        }
        List<KnownSlip> concerned = new ArrayList<>();
        for (KnownSlip slip : view.slips()) {
            Run run = read(view, Hypothesis.of(slip));
            if (!run.readsLike(careful)) {
                concerned.add(slip);
            }
            best = better(best, run);
        }
        if (best.essential() > Run.SLIP) {
            best = missing(once(best, concerned));
        }
        if (best.essential() > Run.SLIP && best.cost() > GOOD) {
            List<Run> likely = runs.stream().filter(run -> run.view() == view && run.hypothesis().slips() == 1)
                    .sorted(Comparator.comparingDouble(Run::cost)).limit(MOST_TRIED_ON).toList();
            for (Run first : likely) {
                for (KnownSlip second : concerned) {
                    if (!first.hypothesis().names().contains(second.id())) {
                        best = better(best, read(view, first.hypothesis().and(second)));
                    }
                }
            }
            best = missing(best);
        }
        return best;
    }

    /** Tries whether a slip made once explains where a paper first departs. */
    private Run once(Run from, List<KnownSlip> concerned) {
        Run best = from;
        for (KnownSlip slip : concerned) {
            if (from.departs()) {
                best = better(best, read(from.view(), from.hypothesis().and(slip, from.firstPlace())));
            }
        }
        return best;
    }

    /** Tries whether a fact missed explains where a paper first departs, and again from there. */
    private Run missing(Run from) {
        Run best = from;
        for (int i = 0; i < MOST_MISSED && best.departs() && best.firstMissed() >= 0; i++) {
            Run before = best;
            for (int by : NEAR) {
                best = better(best, read(before.view(), before.hypothesis().missing(before.firstMissed(), by)));
            }
            if (best == before) {
                break;
            }
        }
        return best;
    }

    private static Run better(Run best, Run other) {
        return other.cost() < best.cost() - 1e-9 ? other : best;
    }

    private Run read(View view, Hypothesis hypothesis) {
        Run run = Run.of(hypothesis, view, paper.settingOut(), paper.soFar(), likeliest + NEARLY);
        likeliest = Math.min(likeliest, run.cost());
        runs.add(run);
        return run;
    }
}
