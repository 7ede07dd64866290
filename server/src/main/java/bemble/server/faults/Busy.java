package bemble.server.faults;

/** Something that can be had, but not now; the message says when. */
public final class Busy extends UserFacingException {
    private final long seconds;

    /** @param seconds after how many of them to ask again */
    public Busy(String message, long seconds) {
        super(message);
        this.seconds = seconds;
    }

    long seconds() {
        return seconds;
    }
}
