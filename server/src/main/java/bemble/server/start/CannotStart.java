package bemble.server.start;

/** Why the server does not start, in a sentence for the person at the terminal that also says what to do. */
public final class CannotStart extends RuntimeException {
    public CannotStart(String message) {
        super(message);
    }
}
