package bemble.core.practice.features;

import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the questions of one operation should be like; what is not wished for is left open. A subtraction with {@code DIGITS}
 * exactly 4 and {@code ACROSS_ZEROS} exactly 2 is met by 4003 − 1258.
 *
 * @param targets what they are to be drawn for besides
 */
public record Wishes(Operation operation, Map<Feature, Wish> wanted, Targets targets) {
    /** Wishes for features alone. */
    public Wishes(Operation operation, Map<Feature, Wish> wanted) {
        this(operation, wanted, Targets.NONE);
    }

    /** @throws Refusal where a wish is out of all bounds; the faults name {@code want.} and the feature */
    public Wishes {
        EnumMap<Feature, Wish> ordered = new EnumMap<>(Feature.class);
        wanted.forEach((feature, wish) -> {
            String field = "want." + feature.id();
            if (wish.isEmpty()) {
                throw Refusal.of(field, "“At least " + wish.min() + ", at most " + wish.max() + "” leaves nothing for "
                        + feature.label() + ". Turn the two round.");
            }
            if (wish.min() < feature.least() || wish.max() > feature.most()) {
                throw Refusal.of(field, "Choose " + feature.least() + " to " + feature.most() + " for "
                        + feature.label() + ".");
            }
            ordered.put(feature, wish);
        });
        wanted = Collections.unmodifiableMap(ordered);
    }

    /** Wishes for questions with just the features of one there is. */
    public static Wishes like(Features features) {
        EnumMap<Feature, Wish> wanted = new EnumMap<>(Feature.class);
        features.counts().forEach((feature, count) -> wanted.put(feature, Wish.exactly(count)));
        if (features.counts().containsKey(Feature.ADDENDS)) {
            wanted.put(Feature.DIGITS, new Wish(features.shortest(), features.count(Feature.DIGITS)));
        }
        return new Wishes(features.operation(), wanted);
    }

    /** The same, for questions in which a slip shows. */
    public Wishes withTelling(String slip) {
        return new Wishes(operation, wanted, Targets.of(operation, List.of(), List.of(slip)));
    }

    public Optional<Wish> wish(Feature feature) {
        return Optional.ofNullable(wanted.get(feature));
    }

    /** The wish for a feature, or a stretch where there is none. */
    public Wish or(Feature feature, int min, int max) {
        return wanted.getOrDefault(feature, new Wish(min, max));
    }

    /** Whether a feature that is there or not may be so. */
    public boolean allows(Feature feature, boolean present) {
        return or(feature, 0, 1).allows(present ? 1 : 0);
    }

    public boolean allow(Features features) {
        return features.counts().entrySet().stream()
                .allMatch(each -> wish(each.getKey()).map(wish -> wish.allows(each.getValue())).orElse(true));
    }

    public Wishes with(Feature feature, Wish wish) {
        EnumMap<Feature, Wish> changed = new EnumMap<>(Feature.class);
        changed.putAll(wanted);
        changed.put(feature, wish);
        return new Wishes(operation, changed, targets);
    }

    public Wishes only(Iterable<Feature> features) {
        EnumMap<Feature, Wish> kept = new EnumMap<>(Feature.class);
        features.forEach(feature -> kept.put(feature, wanted.get(feature)));
        return new Wishes(operation, kept);
    }
}
