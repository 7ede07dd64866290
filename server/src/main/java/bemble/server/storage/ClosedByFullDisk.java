package bemble.server.storage;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Set;

/**
 * Tells when a write has failed for want of room: the database then closes itself, and every connection to it is dead.
 * Taken out of the pool they make way for new ones, which open it again.
 */
public final class ClosedByFullDisk implements SQLExceptionOverride {
    /** H2's codes for a failed read or write, and for a database that is closed. */
    private static final Set<Integer> CODES = Set.of(90028, 90031, 90098, 90121, 90067);

    @java.lang.Override
    public Override adjudicate(SQLException exception) {
        return isCause(exception) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }

    /** Whether a failure comes from a disk that takes no more, from the database that closed for it, or from {@link Room}. */
    public static boolean isCause(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof DiskFull || cause instanceof SQLException sql && CODES.contains(sql.getErrorCode())
                    || cause instanceof IOException && String.valueOf(cause.getMessage()).contains("No space left")) {
                return true;
            }
        }
        return false;
    }
}
