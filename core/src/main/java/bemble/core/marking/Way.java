package bemble.core.marking;

import bemble.core.hand.Method;
import bemble.core.marking.paper.CrossedOut;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.Read;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.List;

/**
 * A legitimate manner of writing the same working, and the paper as it is read in it.
 *
 * @param problem with its numbers in the order in which they are worked
 * @param read the figures, each with where it stands
 */
record Way(Problem problem, Method<?> method, HouseStyle style, List<Read> read) {
    /** The way of the house: every figure that is not crossed out is what it is where it stands. */
    static Way ofTheHouse(Problem problem, Method<?> method, HouseStyle style, List<PaperFigure> written) {
        return new Way(problem, method, style, CrossedOut.standing(problem, style, written));
    }

    /** The same figures worked otherwise. */
    Way by(Problem other, Method<?> otherMethod, HouseStyle otherStyle) {
        return new Way(other, otherMethod, otherStyle, read);
    }

    Way in(HouseStyle other) {
        return by(problem, method, other);
    }

    Way reading(List<Read> otherwise) {
        return new Way(problem, method, style, otherwise);
    }
}
