package bemble.core.plan;

import bemble.core.progress.Standing;
import java.util.Map;

/**
 * A pupil with what they can do.
 *
 * @param standings by the rung's id; a rung that is left out was never tried
 */
public record PlannedPupil(long id, String name, Map<String, Standing> standings) {
    Standing on(String rung) {
        return standings.getOrDefault(rung, Standing.NONE);
    }
}
