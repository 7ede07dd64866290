package bemble.core.diagnosis.outcome;

import bemble.core.slip.Rules;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What may have been in a writer's mind.
 *
 * @param slips the names of the slips, or the text of a rule worked out, one or two; none where it is no known habit
 * @param member which of a family it is, such as the fact that is known wrongly; null where any of it may be met
 * @param kind what sort of writer
 */
public record Hypothesis(List<String> slips, @Nullable String member, Kind kind) {
    /** What sort of writer. */
    public enum Kind {
        /** Misses something now and then. */
        CAREFUL,
        /** Gets things wrong by chance, often. */
        CARELESS,
        /** Has a habit that is not known. */
        UNKNOWN,
        /** Has habits that are. */
        KNOWN
    }

    public static final Hypothesis CAREFUL = new Hypothesis(List.of(), null, Kind.CAREFUL);
    public static final Hypothesis CARELESS = new Hypothesis(List.of(), null, Kind.CARELESS);
    public static final Hypothesis UNKNOWN = new Hypothesis(List.of(), null, Kind.UNKNOWN);

    public static Hypothesis of(String slip) {
        return new Hypothesis(List.of(slip), null, Kind.KNOWN);
    }

    public static Hypothesis of(String slip, @Nullable String member) {
        return new Hypothesis(List.of(slip), member, Kind.KNOWN);
    }

    public static Hypothesis ofBoth(String one, String other) {
        return new Hypothesis(one.compareTo(other) < 0 ? List.of(one, other) : List.of(other, one), null, Kind.KNOWN);
    }

    public boolean isKnown() {
        return kind == Kind.KNOWN;
    }

    /** Whether it is a rule worked out, on no list. */
    public boolean isRule() {
        return !slips.isEmpty() && Rules.isRule(slips.get(0));
    }

    public boolean isOfTwo() {
        return slips.size() > 1;
    }

    public boolean has(String slip) {
        return slips.contains(slip);
    }

    /** Its slip, or the first of two; there is none where it is no known habit. */
    public String one() {
        return slips.get(0);
    }

    /** The second of two. */
    public String other() {
        return slips.get(1);
    }
}
