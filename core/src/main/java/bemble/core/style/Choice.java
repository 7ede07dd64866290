package bemble.core.style;

import bemble.core.style.option.Option;
import java.util.List;
import java.util.Map;

/**
 * One thing a teacher decides about writing and speaking.
 *
 * @param id the name used in files and in the API, such as {@code carryPlace}
 * @param group the heading it stands under
 * @param title what is decided
 * @param example a small problem whose paper or sentences show the choice
 * @param shownWith what must be chosen besides for the example to show it, option ids by choice ids
 * @param shown how the example shows it
 * @param type the enum whose constants are its options
 * @param options what can be chosen, the usual one first
 */
public record Choice<T extends Option>(String id, String group, String title, String example,
        Map<String, String> shownWith, Shown shown, Class<T> type,
        List<T> options) {
    /** The option chosen where a teacher has chosen nothing. */
    public T usual() {
        return options.get(0);
    }
}
