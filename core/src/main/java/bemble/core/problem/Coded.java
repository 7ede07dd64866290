package bemble.core.problem;

/** One of a few, under the name that files and the API have for it, such as {@code not-tried}. Implemented by enums. */
public interface Coded {
    /** The name: small letters, with hyphens between words. */
    String id();
}
