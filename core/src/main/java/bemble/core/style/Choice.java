package bemble.core.style;

import java.util.List;

/**
 * One thing a teacher decides about writing and speaking.
 *
 * @param id the name used in files and in the API, such as {@code carryPlace}
 * @param group the heading it stands under
 * @param title what is decided
 * @param example a small problem whose paper or sentences show the choice
 * @param options what can be chosen, the usual one first
 */
public record Choice(String id, String group, String title, String example,
                     List<? extends Option> options) {
    /** The option chosen where a teacher has chosen nothing. */
    public Option usual() {
        return options.get(0);
    }
}
