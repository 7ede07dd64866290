package bemble.server.faults;

import java.io.IOException;

/** A body with more bytes than its address takes. */
public final class TooLarge extends IOException {
    private final int kilobytes;

    public TooLarge(int kilobytes) {
        super("more than " + kilobytes + " kB");
        this.kilobytes = kilobytes;
    }

    /** What may be sent there at the most. */
    int kilobytes() {
        return kilobytes;
    }
}
