package bemble.core.style.option;

import java.util.Locale;

/** One way of doing a thing, out of the few that a choice of the house style offers. Implemented by enums. */
public interface Option {
    /** The enum constant's name. */
    String name();

    /** The words a teacher reads on screen. */
    String label();

    /** The name used in files and in the API, such as {@code above-next}. */
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
