package bemble.server.web;

import java.io.IOException;

/** A body with more bytes than its address takes. */
public final class TooLarge extends IOException {
    private final int kilobytes;

    TooLarge(int kilobytes) {
        super("more than " + kilobytes + " kB");
        this.kilobytes = kilobytes;
    }

    /** What may be sent there at the most. */
    public int kilobytes() {
        return kilobytes;
    }
}
