package bemble.core.fact;

import bemble.core.problem.Coded;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How far somebody knows a fact, as far as their answers tell.
 *
 * @param right how often it was right
 * @param missed how often it was missed
 * @param said what was said for it where it is known wrongly
 */
public record FactKnown(State state, int right, int missed, @Nullable String said) {
    /** How many of the last times are looked at. */
    public static final int LATELY = 6;
    /** From so many times on it is said that a fact is known. */
    public static final int ENOUGH = 3;
    private static final int TWICE = 2;

    /** How far a fact is known. */
    public enum State implements Coded {
        NOT_MET("not met yet"),
        SELDOM("right, but met too seldom to say"),
        KNOWN("known"),
        SHAKY("shaky: missed lately"),
        WRONG("known wrongly, with what was said");

        private final String label;

        State(String label) {
            this.label = label;
        }

        /** In words, for a legend. */
        public String label() {
            return label;
        }
    }

    /**
     * What the times that a fact was needed come to: it is shaky where one of the last {@value #LATELY} was missed, and known
     * wrongly where the same was said for it twice and it was not right more often than that.
     *
     * @param uses in the order of their days
     */
    public static FactKnown of(List<FactUse> uses) {
        List<FactUse> lately = uses.subList(Math.max(0, uses.size() - LATELY), uses.size());
        int right = (int) uses.stream().filter(FactUse::isRight).count();
        Map<String, Long> saids = lately.stream().map(FactUse::said).filter(Objects::nonNull)
                .collect(Collectors.groupingBy(said -> said, TreeMap::new, Collectors.counting()));
        long rightLately = lately.stream().filter(FactUse::isRight).count();
        String said = saids.entrySet().stream()
                .filter(each -> each.getValue() >= TWICE && each.getValue() >= rightLately)
                .max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(null);
        State state = uses.isEmpty() ? State.NOT_MET : said != null ? State.WRONG : !saids.isEmpty() ? State.SHAKY
                : uses.size() < ENOUGH ? State.SELDOM : State.KNOWN;
        return new FactKnown(state, right, uses.size() - right, said);
    }
}
