package bemble.server.sets;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Targets;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Wishes and features as JSON has them: a feature each to a number, a stretch, or true or false. */
public final class WishesJson {
    private static final String FACTS = "facts";
    private static final String TELLS = "tells";

    private WishesJson() {}

    /** @throws Refusal where a wish cannot be read or is out of bounds */
    public static Wishes read(Operation operation, @Nullable Map<String, Object> want) {
        EnumMap<Feature, Wish> wanted = new EnumMap<>(Feature.class);
        if (want != null) {
            want.forEach((id, value) -> {
                if (value != null && !id.equals(FACTS) && !id.equals(TELLS)) {
                    Feature feature = Feature.of(operation, id);
                    wanted.put(feature, wish(feature, value));
                }
            });
        }
        return new Wishes(operation, wanted, Targets.of(operation, list(want, FACTS), list(want, TELLS)));
    }

    private static List<String> list(@Nullable Map<String, Object> want, String id) {
        Object value = want == null ? null : want.get(id);
        if (value == null) {
            return List.of();
        }
        if (value instanceof List<?> list && list.stream().allMatch(String.class::isInstance)) {
            return list.stream().map(String.class::cast).toList();
        }
        throw Refusal.of("want." + id,
                "Give a list of texts, such as " + (id.equals(FACTS) ? "7x8." : "carry-forgotten."));
    }

    private static Wish wish(Feature feature, Object value) {
        if (feature.isYesNo()) {
            if (value instanceof Boolean wanted) {
                return Wish.of(wanted);
            }
            throw refuse(feature, "Choose true or false for " + feature.label() + ".");
        }
        if (value instanceof Number) {
            return Wish.exactly(whole(feature, value));
        }
        if (value instanceof Map<?, ?> stretch && Map.of("min", 0, "max", 0).keySet().containsAll(stretch.keySet())) {
            int min = stretch.get("min") == null ? feature.least() : whole(feature, stretch.get("min"));
            int max = stretch.get("max") == null ? feature.most() : whole(feature, stretch.get("max"));
            return new Wish(min, max);
        }
        throw refuse(feature, "Give " + feature.label() + " as a whole number, or as min and max.");
    }

    private static int whole(Feature feature, Object value) {
        if (value instanceof Integer number) {
            return number;
        }
        throw refuse(feature, "Give a whole number from " + feature.least() + " to " + feature.most() + " for "
                + feature.label() + ".");
    }

    private static Refusal refuse(Feature feature, String message) {
        return Refusal.of("want." + feature.id(), message);
    }

    static Map<String, Object> write(Features features) {
        Map<String, Object> written = new LinkedHashMap<>();
        Feature.of(features.operation()).forEach(feature -> written.put(feature.id(),
                feature.isYesNo() ? (Object) (features.count(feature) == 1) : features.count(feature)));
        return written;
    }

    static Map<String, Object> write(Wishes wishes) {
        Map<String, Object> written = new LinkedHashMap<>();
        wishes.wanted().forEach((feature, wish) -> written.put(feature.id(), feature.isYesNo()
                ? (Object) (wish.min() == 1)
                : wish.min() == wish.max() ? (Object) wish.min() : Map.of("min", wish.min(), "max", wish.max())));
        if (!wishes.targets().facts().isEmpty()) {
            written.put(FACTS, wishes.targets().facts());
        }
        if (!wishes.targets().tells().isEmpty()) {
            written.put(TELLS, wishes.targets().tells());
        }
        return written;
    }
}
