package bemble.server.style;

import bemble.core.working.StepKind;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a teacher has chosen beside the house style.
 *
 * @param cues a short cue in the teacher's own words for a kind of step, by the kind's id; none are suggested
 * @param letterKeys whether keys of a single letter do something
 */
public record Preferences(@NotNull Map<String, String> cues, @NotNull boolean letterKeys) {
    static final Preferences USUAL = new Preferences(Map.of(), true);
    private static final Map<String, StepKind> KINDS =
            Arrays.stream(StepKind.values()).collect(Collectors.toMap(StepKind::id, Function.identity()));

    static boolean isKind(String id) {
        return KINDS.containsKey(id);
    }

    /** The same with what is new; an empty cue takes the old one away. */
    Preferences with(Map<String, String> newCues, Boolean newLetterKeys) {
        Map<String, String> all = new TreeMap<>(cues);
        all.putAll(newCues);
        all.values().removeIf(String::isBlank);
        return new Preferences(all, newLetterKeys == null ? letterKeys : newLetterKeys);
    }

    /** The cues by the kinds of steps they are for. */
    public Map<StepKind, String> cuesByKind() {
        return cues.entrySet().stream().collect(Collectors.toMap(cue -> KINDS.get(cue.getKey()), Map.Entry::getValue));
    }
}
