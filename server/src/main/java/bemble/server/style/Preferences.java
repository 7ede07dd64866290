package bemble.server.style;

import bemble.core.working.StepKind;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a teacher has chosen beside the house style.
 *
 * @param cues a short cue in the teacher's own words for a kind of step, by the kind's id; none are suggested
 * @param letterKeys whether keys of a single letter do something
 * @param howCodes the codes for how an answer came about
 */
public record Preferences(@NotNull Map<String, String> cues, @NotNull boolean letterKeys, @NotNull List<HowCode> howCodes) {
    static final Preferences USUAL = new Preferences(Map.of(), true, HowCode.USUAL);
    private static final Map<String, StepKind> KINDS =
            Arrays.stream(StepKind.values()).collect(Collectors.toMap(StepKind::id, Function.identity()));

    /** What was kept before there were codes has the usual ones. */
    public Preferences {
        howCodes = howCodes == null ? HowCode.USUAL : howCodes;
    }

    static boolean isKind(String id) {
        return KINDS.containsKey(id);
    }

    /** The same with what is new; an empty cue takes the old one away. */
    Preferences with(Map<String, String> newCues, Boolean newLetterKeys, List<HowCode> newHowCodes) {
        Map<String, String> all = new TreeMap<>(cues);
        all.putAll(newCues);
        all.values().removeIf(String::isBlank);
        return new Preferences(all, newLetterKeys == null ? letterKeys : newLetterKeys,
                newHowCodes == null ? howCodes : HowCode.checked(newHowCodes));
    }

    /** The cues by the kinds of steps they are for. */
    public Map<StepKind, String> cuesByKind() {
        return cues.entrySet().stream().collect(Collectors.toMap(cue -> KINDS.get(cue.getKey()), Map.Entry::getValue));
    }
}
