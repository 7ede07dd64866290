package bemble.server.faults;

/** What was asked for is not there, or belongs to somebody else. */
public final class Missing extends UserFacingException {
    public Missing(String message) {
        super(message);
    }
}
