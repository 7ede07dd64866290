package bemble.core.style.option;

import bemble.core.problem.Coded;
import java.util.Locale;

/** One way of doing a thing, out of the few that a choice of the house style offers. Implemented by enums. */
public interface Option extends Coded {
    /** The enum constant's name. */
    String name();

    /** The words a teacher reads on screen. */
    String label();

    /** The name used in files and in the API, such as {@code above-next}. */
    @Override
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
