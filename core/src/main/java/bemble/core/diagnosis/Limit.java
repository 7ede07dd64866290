package bemble.core.diagnosis;

import bemble.core.hand.Slip;
import java.util.List;

/** Where a writer makes a slip: the same for all that they write. */
enum Limit {
    EVERYWHERE,
    /** Only where it can be made first. */
    FIRST,
    /** Everywhere but where it can be made first. */
    NOT_FIRST,
    /** Only where it can be made last. */
    LAST,
    ONES(0),
    TENS(1),
    HUNDREDS(2);

    private final Integer place;

    Limit() {
        this(null);
    }

    Limit(Integer place) {
        this.place = place;
    }

    /**
     * The slip under this limit.
     *
     * @param places where it is made without one, in the order of writing, more than one
     */
    Slip on(Slip slip, List<Integer> places) {
        int first = places.get(0);
        return switch (this) {
            case EVERYWHERE -> slip;
            case FIRST -> slip.at(first);
            case NOT_FIRST -> slip.notAt(first);
            case LAST -> slip.at(places.get(places.size() - 1));
            case ONES, TENS, HUNDREDS -> slip.at(place);
        };
    }
}
