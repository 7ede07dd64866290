package bemble.server.progress;

import bemble.core.progress.Place;
import bemble.core.progress.State;
import bemble.server.classes.Pupil;
import bemble.server.progress.StandingOverrideMapper.StandingOverride;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Where one pupil stands on every rung, what the teacher says over the rule. */
public final class PupilPlaces {
    private final Pupil pupil;
    private final Map<String, Place> byRule;
    private final Map<String, StandingOverride> rulings;

    /** @param byRule by the rung's id, as it is today; rungs that were never tried are left out */
    PupilPlaces(Pupil pupil, Map<String, Place> byRule, List<StandingOverride> rulings) {
        this.pupil = pupil;
        this.byRule = byRule;
        this.rulings = rulings.stream().collect(Collectors.toMap(StandingOverride::rung, ruling -> ruling));
    }

    public Pupil pupil() {
        return pupil;
    }

    @Nullable
    StandingOverride ruling(String rung) {
        return rulings.get(rung);
    }

    /** Whether the teacher says otherwise than the rule, or the same. */
    public boolean isRuled(String rung) {
        return rulings.containsKey(rung);
    }

    /** What counts on a rung: what the teacher says stands. */
    public State state(String rung) {
        StandingOverride ruling = rulings.get(rung);
        return ruling != null ? State.valueOf(ruling.state()) : byRule.getOrDefault(rung, Place.NONE).state();
    }

    /** Where they stand, the teacher's word over the rule's, by the rung's id. */
    public Map<String, Place> all() {
        Map<String, Place> all = new LinkedHashMap<>(byRule);
        rulings.forEach((rung, ruling) -> {
            Place rule = byRule.getOrDefault(rung, Place.NONE);
            State state = State.valueOf(ruling.state());
            all.put(rung,
                    new Place(state, ruling.ruledOn(), rule.dueOn(), state.isReached() ? null : rule.shows(),
                            rule.right(), rule.of(),
                            null,
                            state == State.DUE));
        });
        return all;
    }
}
