package bemble.core.working;

/** Tells a pen in which marks a hand's slip shows. */
public interface Watch {
    /** Nothing is ever wrong. */
    Watch NONE = new Watch() {};

    /** Whether a broken rule shows in the next mark of that role; asked once for each mark. */
    default boolean shows(Role role) {
        return false;
    }

    /** A column is begun; a carry that was not written before is not written any more. */
    default void columnBegins() {}
}
