package bemble.server.running;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.function.BooleanSupplier;

/** Waiting for what the server does behind its answers. */
public final class Patience {
    /** Long enough for a machine that has other things to do: only a test that fails waits so long. */
    private static final Duration LONGEST = Duration.ofSeconds(60);

    private Patience() {}

    /** The same patience for a browser; in milliseconds. */
    public static double inBrowser() {
        return LONGEST.toMillis();
    }

    /** Waits until something is so; fails where it never is. */
    public static void until(BooleanSupplier so) {
        Instant end = Instant.now().plus(LONGEST);
        while (!so.getAsBoolean()) {
            assertThat(Instant.now()).isBefore(end);
            try {
                Thread.sleep(30);
            } catch (InterruptedException stopped) {
                throw new IllegalStateException(stopped);
            }
        }
    }
}
