package bemble.server.faults;

/** A list in a request with more elements than its field takes; nothing after them was read. */
public final class TooMany extends UserFacingException {
    public TooMany(String message) {
        super(message);
    }
}
