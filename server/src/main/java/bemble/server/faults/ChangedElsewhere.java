package bemble.server.faults;

import org.jspecify.annotations.Nullable;

/** What was to be changed has been changed in another window since it was read. */
public final class ChangedElsewhere extends UserFacingException {
    private final @Nullable transient Object current;

    /** @param current what stands there now, to be shown beside what was to be saved */
    public ChangedElsewhere(@Nullable Object current) {
        super("This was changed in another window. Look at both and choose which to keep; what you typed is still here.");
        this.current = current;
    }

    @Nullable
    Object current() {
        return current;
    }
}
