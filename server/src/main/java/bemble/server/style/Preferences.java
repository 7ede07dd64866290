package bemble.server.style;

import bemble.core.working.CueKind;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What a teacher has chosen beside the house style.
 *
 * @param cues a short cue in the teacher's own words for a kind of step or a case of one, by its id; none are suggested
 * @param letterKeys whether keys of a single letter do something
 * @param howCodes the codes for how an answer came about
 * @param skipsFirstSteps whether what was never tried yet is not to be shown on Today
 */
public record Preferences(@NotNull Map<String, String> cues, @NotNull boolean letterKeys,
        @NotNull List<HowCode> howCodes,
        @NotNull boolean skipsFirstSteps) {
    static final Preferences USUAL = new Preferences(Map.of(), true, HowCode.USUAL, false);

    /** What was kept before there were codes has the usual ones. */
    public Preferences {
        howCodes = howCodes == null ? HowCode.USUAL : howCodes;
    }

    static boolean isKind(String id) {
        return CueKind.ALL.stream().anyMatch(kind -> kind.id().equals(id));
    }

    /** The same with what is new; an empty cue takes the old one away. */
    Preferences with(Map<String, String> newCues, @Nullable Boolean newLetterKeys, @Nullable List<HowCode> newHowCodes,
            @Nullable Boolean newSkips) {
        Map<String, String> all = new TreeMap<>(cues);
        all.putAll(newCues);
        all.values().removeIf(String::isBlank);
        return new Preferences(all, newLetterKeys == null ? letterKeys : newLetterKeys,
                newHowCodes == null ? howCodes : HowCode.checked(newHowCodes),
                newSkips == null ? skipsFirstSteps : newSkips);
    }
}
