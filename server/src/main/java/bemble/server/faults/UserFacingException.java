package bemble.server.faults;

import java.util.Objects;

/** An exception whose message is for whoever asked, in their words. */
public abstract class UserFacingException extends RuntimeException {
    protected UserFacingException(String message) {
        super(message);
    }

    @Override
    public final String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
