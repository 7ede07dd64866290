package bemble.server.style;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;

/**
 * What a teacher has chosen beside the house style.
 *
 * @param cues a short cue in the teacher's own words for a kind of step, by the kind's name
 * @param letterKeys whether keys of a single letter do something
 */
public record Preferences(
        @NotNull(message = "The cues are missing; there may be none.")
        @Size(max = 40, message = "These are more cues than there are kinds of steps.")
        Map<@Size(max = 40, message = "This is not a kind of step.") String,
                @NotNull(message = "A cue is missing.") @Size(max = 120, message = "Shorten the cue to 120 letters.") String> cues,
        @NotNull(message = "Say whether keys of a single letter are on.") Boolean letterKeys) {
    static final Preferences USUAL = new Preferences(Map.of(), true);
}
