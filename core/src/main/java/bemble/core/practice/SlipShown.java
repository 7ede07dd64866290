package bemble.core.practice;

import bemble.core.hand.Method;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.slip.Slipped;
import bemble.core.style.HouseStyle;
import java.util.Optional;

/** A question in which a slip shows, as a class would meet it: on the first rung where it does. */
public final class SlipShown {
    private static final int DRAWN = 6;
    private static final long SEED = 7;

    private SlipShown() {}

    /** @return nothing where it shows on no rung in the method of this style */
    public static Optional<Problem> in(KnownSlip slip, HouseStyle style) {
        for (Rung rung : Ladder.of(slip.operation())) {
            for (FeaturedProblem question : new Draft(rung.wishes(), SEED).draw(DRAWN)) {
                Method<?> method = Methods.find(question.problem(), null, style);
                if (Slipped.find(slip.id(), question.problem(), method, style).isPresent()) {
                    return Optional.of(question.problem());
                }
            }
        }
        return Optional.empty();
    }
}
