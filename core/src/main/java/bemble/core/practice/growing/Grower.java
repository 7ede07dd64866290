package bemble.core.practice.growing;

import bemble.core.practice.features.Wishes;
import bemble.core.problem.Problem;
import java.util.Optional;
import java.util.Random;

/** Builds problems towards what is wished for. */
public interface Grower {
    /** Whether any problem at all can have what is wished, as far as the bounds tell. */
    boolean isPossible();

    /** One problem, or nothing where this attempt did not come out; only where that {@link #isPossible()}. */
    Optional<Problem> grow(Random random);

    /** After how many attempts in vain another question is given up; fewer where an attempt takes long. */
    default int patience() {
        return 500;
    }

    /** A grower towards wishes whose sizes are all settled. */
    static Grower of(Wishes wishes) {
        return switch (wishes.operation()) {
            case ADDITION -> new AdditionGrower(wishes);
            case SUBTRACTION -> new SubtractionGrower(wishes);
            case MULTIPLICATION -> new MultiplicationGrower(wishes);
            case DIVISION -> new DivisionGrower(wishes);
            case SQUARE_ROOT -> new RootGrower(wishes);
        };
    }
}
