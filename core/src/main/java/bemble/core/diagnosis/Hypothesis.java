package bemble.core.diagnosis;

import java.util.List;

/**
 * What may have been in a writer's mind.
 *
 * @param slips the names of the slips, or the text of a rule worked out, one or two; none where it is no known habit
 * @param member which of a family it is, such as the fact that is known wrongly; null where any of it may be met
 * @param limit where the slip is made: everywhere, or under a limit that holds for the writer
 * @param kind what sort of writer
 */
record Hypothesis(List<String> slips, String member, Limit limit, Kind kind) {
    /** What sort of writer. */
    enum Kind {
        /** Misses something now and then. */
        CAREFUL,
        /** Gets things wrong by chance, often. */
        CARELESS,
        /** Has a habit that is not known. */
        UNKNOWN,
        /** Has habits that are. */
        KNOWN
    }

    static final Hypothesis CAREFUL = new Hypothesis(List.of(), null, Limit.EVERYWHERE, Kind.CAREFUL);
    static final Hypothesis CARELESS = new Hypothesis(List.of(), null, Limit.EVERYWHERE, Kind.CARELESS);
    static final Hypothesis UNKNOWN = new Hypothesis(List.of(), null, Limit.EVERYWHERE, Kind.UNKNOWN);

    static Hypothesis of(String slip) {
        return of(slip, Limit.EVERYWHERE);
    }

    static Hypothesis of(String slip, Limit limit) {
        return new Hypothesis(List.of(slip), null, limit, Kind.KNOWN);
    }

    static Hypothesis of(String slip, String member) {
        return new Hypothesis(List.of(slip), member, Limit.EVERYWHERE, Kind.KNOWN);
    }

    static Hypothesis ofBoth(String one, String other) {
        return new Hypothesis(one.compareTo(other) < 0 ? List.of(one, other) : List.of(other, one), null, Limit.EVERYWHERE, Kind.KNOWN);
    }

    boolean isKnown() {
        return kind == Kind.KNOWN;
    }

    boolean isOfTwo() {
        return slips.size() > 1;
    }

    boolean has(String slip) {
        return slips.contains(slip);
    }

    String one() {
        return slips.isEmpty() ? null : slips.get(0);
    }

    String other() {
        return isOfTwo() ? slips.get(1) : null;
    }
}
