package bemble.core.marking;

import bemble.core.check.Check;
import bemble.core.check.Checking;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.marking.paper.BegunAgain;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.NamedRules;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Marks a paper: of the careful hand and the hands that slip, the one that would have written it most nearly says what is
 * right. Where 635 stands under 687 + 58, the 3 is wrong first.
 */
public final class Marking {
    /** A fit as good as this needs no further slip to explain it. */
    private static final double GOOD = 0.85;
    private static final int MOST_OF_A_FAMILY = 12;
    /** Of facts known wrongly more are tried: each may be the one, and few papers need them. */
    private static final int MOST_FACTS = 48;
    /** Of papers with more figures than these only one hand of each family is tried. */
    private static final int LONG_PAPER = 300;
    private static final int MOST_TRIED_ON = 3;
    private static final int MOST_MISSED = 3;
    /** How much worse than the best a hand may fit to be named. */
    static final double NEARLY = 0.75;
    private static final int[] NEAR = {1, -1, 2, -2};

    private final Problem problem;
    private final Method<?> method;
    private final HouseStyle style;
    private final PaperToMark paper;
    private final NamedRules kept;
    private final List<Run> runs = new ArrayList<>();
    /** The cost of the reading that fits most nearly so far. */
    private double likeliest = Double.MAX_VALUE / 2;

    private Marking(Problem problem, Method<?> method, HouseStyle style, PaperToMark paper, NamedRules kept) {
        this.problem = problem;
        this.method = method;
        this.style = style;
        this.paper = paper;
        this.kept = kept;
    }

    /**
     * Marks what stands on a paper.
     *
     * @param method the id of the method asked for, or null for the usual one
     * @throws Refusal where the method does not fit the problem
     */
    public static Marked mark(Problem problem, @Nullable String method, HouseStyle style, PaperToMark paper) {
        return mark(problem, method, style, paper, NamedRules.NONE);
    }

    /** The same in a school that has given some rules worked out a name of their own. */
    public static Marked mark(Problem problem, @Nullable String method, HouseStyle style, PaperToMark paper,
            NamedRules kept) {
        if (BegunAgain.isOn(paper.written())) {
            BegunAgain again = BegunAgain.on(paper.written());
            return mark(problem, method, style, paper.with(again.standing()), kept).where(again);
        }
        return new Marking(problem, Methods.find(problem, method, style), style, paper, kept).marked();
    }

    private Marked marked() {
        View house = new View(Way.ofTheHouse(problem, method, style, paper.written()), problem, paper, kept);
        if (paper.ownWay()) {
            return verdicts(read(house, SupposedHand.CAREFUL)).answerOnly();
        }
        List<Run> careful = Ways.of(house.way(), paper).stream()
                .map(way -> read(way.equals(house.way()) ? house : new View(way, problem, paper, kept),
                        SupposedHand.CAREFUL))
                .toList();
        Run fair = careful.stream()
                .filter(run -> !run.contradicts() && run.view().answer().verdict() == PaperVerdict.RIGHT)
                .min(Comparator.comparingInt(Run::strays)).orElse(null);
        if (fair != null) {
            return verdicts(fair).marked(Marked.Causes.NONE);
        }
        Run begun = careful.stream()
                .filter(run -> !run.contradicts() && run.strays() == 0 && !run.view().answer().isBegun()).findFirst()
                .orElse(null);
        if (begun != null) {
            // Sound as far as it goes: what is missing is shown, and no cause is looked for.
            return verdicts(begun).marked(Marked.Causes.NONE);
        }
        if (house.answer().isOtherwiseRight()) {
            Run led = read(house.withoutAnswer(), SupposedHand.CAREFUL);
            if (!led.contradicts()) {
                return verdicts(led).markedRight();
            }
        }
        if (house.answer().verdict() == PaperVerdict.RIGHT) {
            // A working that contradicts a right answer is told where it does; no slip led to that answer.
            return verdicts(fitting(careful)).marked(Marked.Causes.NONE);
        }
        Run best = best(careful);
        Marked marked = verdicts(best).marked(WhatLed.to(best, runs));
        boolean showsNothing = best.hypothesis().slips() > 0 && marked.verdict() != PaperVerdict.WRONG;
        // A slip that has left no trace explains nothing: what stands there besides is judged by the careful hand.
        return !showsNothing ? marked : verdicts(runs.get(0)).marked(Marked.Causes.NONE);
    }

    private Verdicts verdicts(Run run) {
        View view = run.view();
        Written drawn = run.drawn();
        Check check = null;
        if (paper.check() != null && drawn.isFinished()) {
            drawn.desk().checkIsWrittenBy(Run.hand(SupposedHand.CAREFUL, view.written()));
            try {
                check = Checking.write(paper.check(), problem, drawn.method(), drawn.answer(), drawn.desk());
            } catch (Stuck | Refusal noCheck) {
                // From such an answer no check can be worked; there is nothing in it to mark.
            }
        }
        return new Verdicts(drawn, check, view, paper);
    }

    /** The reading that fits most nearly; of two that fit alike the one with fewer slips, and the one that was tried first. */
    private Run best(List<Run> careful) {
        Run house = careful.get(0);
        Run other = fitting(careful);
        Run best = bestIn(house);
        return other == house ? best : better(best, bestIn(other));
    }

    /**
     * The way that fits most nearly. One with more figures that belong to nothing would explain away what stands there: it is
     * not believed.
     */
    private static Run fitting(List<Run> careful) {
        Run house = careful.get(0);
        return careful.stream()
                .filter(run -> run != house && run.strays() <= house.strays() && run.cost() < house.cost() - 1e-9)
                .min(Comparator.comparingDouble(Run::cost)).orElse(house);
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
            if (slip.members() == null) {
                best = tried(slip, careful, best, concerned);
            }
        }
        if (best.essential() > Run.SLIP) {
            best = missing(once(best, concerned));
        }
        for (KnownSlip slip : view.slips()) {
            // What is the same whenever it comes is seen where it came twice; once it is a carry left out, or a fact missed.
            if (slip.members() != null && best.essential() > Run.SLIP) {
                best = tried(slip, careful, best, concerned);
            }
        }
        if (best.essential() > Run.SLIP && best.cost() > GOOD) {
            List<Run> likely = runs.stream().filter(run -> run.view() == view && run.hypothesis().slips() == 1)
                    .sorted(Comparator.comparingDouble(Run::cost)).limit(MOST_TRIED_ON).toList();
            for (Run first : likely) {
                for (KnownSlip second : concerned) {
                    if (!first.hypothesis().has(second)) {
                        best = better(best, read(view, first.hypothesis().and(second)));
                    }
                }
            }
            best = missing(best);
        }
        // One fact missed is always among what may have happened.
        return better(best, missing(careful));
    }

    /** Tries the hands of a slip; notes it where it reads the paper otherwise than a careful hand. */
    private Run tried(KnownSlip slip, Run careful, Run from, List<KnownSlip> concerned) {
        View view = careful.view();
        Run best = from;
        List<Slip> family = slip.slips(view.way().problem());
        for (SupposedHand hypothesis : SupposedHand.of(slip, family.isEmpty() ? List.of(slip.slip()) : family,
                paper.written().size() > LONG_PAPER ? 1 : slip.members() == null ? MOST_OF_A_FAMILY : MOST_FACTS)) {
            Run run = read(view, hypothesis);
            if (!run.readsLike(careful) && !concerned.contains(slip)) {
                concerned.add(slip);
            }
            best = better(best, run);
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

    private Run read(View view, SupposedHand hypothesis) {
        Run run = Run.of(hypothesis, view, paper.settingOut(), paper.soFar(), likeliest + NEARLY);
        likeliest = Math.min(likeliest, run.cost());
        runs.add(run);
        return run;
    }
}
