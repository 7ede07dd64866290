package bemble.core.plan;

import bemble.core.progress.Place;
import java.util.Map;
import java.util.Set;

/**
 * A pupil with what they can do.
 *
 * @param places by the rung's id; a rung that is left out was never tried
 * @param missed the ids of rungs that the class worked on lately while this pupil was away, who has answered nothing on them since
 */
public record PlannedPupil(long id, String name, Map<String, Place> places, Set<String> missed) {
    /** One who missed nothing. */
    public PlannedPupil(long id, String name, Map<String, Place> places) {
        this(id, name, places, Set.of());
    }

    Place on(String rung) {
        return places.getOrDefault(rung, Place.NONE);
    }
}
