package bemble.server.faults;

/** What was to be changed has been changed in another window since it was read. */
public final class ChangedElsewhere extends RuntimeException {
    private final transient Object current;

    /** @param current what stands there now, to be shown beside what was to be saved */
    public ChangedElsewhere(Object current) {
        super("This was changed in another window. Look at both and choose which to keep; what you typed is still here.");
        this.current = current;
    }

    Object current() {
        return current;
    }
}
