package bemble.core.slip;

import bemble.core.hand.Hand;
import bemble.core.hand.Procedure;
import bemble.core.hand.Stuck;
import bemble.core.method.Method;
import bemble.core.method.Methods;
import bemble.core.method.Outcome;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.Way;
import bemble.core.working.Pen;
import java.util.Optional;

/**
 * A problem written with a slip.
 *
 * @param way the way the hand really followed
 * @param pen the pen that wrote it, to go on with
 */
public record Slipped(Way way, Outcome outcome, Pen pen) {
    /** Facts beyond this are not tried for a near miss. */
    private static final int MOST_FACTS = 4000;

    /**
     * Writes a problem with a slip.
     *
     * @return the working, or nothing where the slip cannot happen or leaves the answer's text as it is
     */
    public static Optional<Slipped> write(Slip slip, Problem problem, Way way, HouseStyle style) {
        if (!slip.isDefinedFor(problem, way)) {
            return Optional.empty();
        }
        String right = careful(problem, way, style);
        if (slip != Slip.FACT_NEAR_MISS) {
            return by(slip.hand(problem.operation()), problem, way, style).filter(each -> !each.text().equals(right));
        }
        for (int fact = 0; fact < MOST_FACTS; fact++) {
            for (int by : new int[] {1, -1}) {
                NearMiss hand = new NearMiss(fact, by);
                Optional<Slipped> missed = by(hand, problem, way, style);
                if (hand.facts() <= fact) {
                    return Optional.empty();
                }
                if (missed.isPresent() && !missed.get().text().equals(right)) {
                    return missed;
                }
            }
        }
        return Optional.empty();
    }

    private static String careful(Problem problem, Way way, HouseStyle style) {
        return Methods.of(way).write(problem, Hand.CAREFUL, new Pen(style)).answer().text();
    }

    private static Optional<Slipped> by(Hand hand, Problem problem, Way way, HouseStyle style) {
        try {
            Watched watched = new Watched(hand);
            Procedure procedure = watched.procedure(new Procedure(problem, way));
            Pen pen = new Pen(style, watched);
            Method<Problem> method = Methods.of(procedure.way());
            return Optional.of(new Slipped(procedure.way(), method.write(procedure.problem(), watched, pen), pen));
        } catch (Stuck stuck) {
            return Optional.empty();
        }
    }

    String text() {
        return outcome.answer().text();
    }
}
