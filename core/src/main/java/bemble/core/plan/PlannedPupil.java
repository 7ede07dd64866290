package bemble.core.plan;

import bemble.core.progress.Place;
import java.util.Map;

/**
 * A pupil with what they can do.
 *
 * @param places by the rung's id; a rung that is left out was never tried
 */
public record PlannedPupil(long id, String name, Map<String, Place> places) {
    Place on(String rung) {
        return places.getOrDefault(rung, Place.NONE);
    }
}
