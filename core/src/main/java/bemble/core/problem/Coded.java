package bemble.core.problem;

import java.util.Locale;

/** One of a few, under the name that files and the API have for it, such as {@code not-tried}. Implemented by enums. */
public interface Coded {
    /** The enum constant's name. */
    String name();

    /** The name in files and in the API: small letters, with hyphens between words. */
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
