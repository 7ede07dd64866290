package bemble.core.pupil;

import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Problem;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;

/**
 * A simulated pupil: writes by a method with a hand of their own. {@code SimulatedPupil.with("Ines", new Habit("carry-forgotten", 1))}
 * writes 635 under 687 + 58.
 *
 * @param name an invented short name
 * @param habits the slips made, with the share of their chances in which they are made
 * @param missRate how likely a fact is missed
 * @param shaky the facts that are missed half of the time, such as {@code 7x8}
 * @param secondsAFigure how long a figure takes
 */
public record SimulatedPupil(String name, List<Habit> habits, double missRate, Set<String> shaky,
        double secondsAFigure) {
    /** A slip that is made now and then. */
    public record Habit(String slip, double share) {}

    /** A pupil with these habits who works carefully besides. */
    public static SimulatedPupil with(String name, Habit... habits) {
        return new SimulatedPupil(name, List.of(habits), 0, Set.of(), 4);
    }

    /** The same, missing facts now and then. */
    public SimulatedPupil missing(double rate, String... shakyFacts) {
        return new SimulatedPupil(name, habits, rate, Set.of(shakyFacts), secondsAFigure);
    }

    /**
     * What this pupil writes; where the habits or a missed fact lead nowhere, what somebody without them writes.
     *
     * @param random decides what is left to chance
     */
    public Written write(Problem problem, Method<?> method, HouseStyle style, RandomGenerator random) {
        List<Supplier<Hand>> hands = List.of(() -> hand(problem, method, random),
                () -> new UnsureHand(Hand.CAREFUL, missRate, shaky, random));
        for (Supplier<Hand> hand : hands) {
            try {
                return Written.by(hand.get(), problem, method, style);
            } catch (Stuck stuck) {
                // Nobody leaves the paper empty for it: they begin again.
            }
        }
        return Written.by(Hand.CAREFUL, problem, method, style);
    }

    private Hand hand(Problem problem, Method<?> method, RandomGenerator random) {
        Hand hand = new UnsureHand(Hand.CAREFUL, missRate, shaky, random);
        for (Habit habit : habits) {
            for (KnownSlip slip : Slips.metAs(habit.slip(), problem, method.name())) {
                List<Slip> hands = slip.slips(problem);
                if (!hands.isEmpty() && random.nextDouble() < habit.share()) {
                    hand = hands.get(random.nextInt(hands.size())).over(hand);
                }
            }
        }
        return hand;
    }

    /** How long this pupil needs for a written question, in seconds. */
    public double seconds(Written written) {
        return secondsAFigure * written.figures();
    }
}
