package bemble.server.account;

import bemble.server.faults.Busy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Slows down whoever guesses passwords or codes. Failures are counted for a name from one address, and for the address alone,
 * never for the name alone: a stranger elsewhere cannot lock a teacher out.
 */
@Component
public class Attempts {
    private static final int FREE_FOR_NAME = 5;
    private static final int FREE_FOR_ADDRESS = 30;
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(30);
    private static final int MOST_REMEMBERED = 10_000;

    private record Failures(int count, Instant last) {}

    private final Map<String, Failures> failures = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Failures> eldest) {
            return size() > MOST_REMEMBERED;
        }
    };
    private final Clock clock;

    Attempts(Clock clock) {
        this.clock = clock;
    }

    /**
     * Lets an attempt through, or not yet.
     *
     * @param whatFailed begins the message, such as {@code Too many sign-ins have failed here.}
     * @param look says what to look up before trying again
     * @throws Busy where so many have failed that one has to wait
     */
    public synchronized void begin(String name, String address, String whatFailed, String look) {
        Duration wait = max(waiting(name + "\n" + address, FREE_FOR_NAME), waiting(address, FREE_FOR_ADDRESS));
        if (!wait.isZero()) {
            long seconds = wait.toSeconds() + 1;
            throw new Busy(whatFailed + " Wait " + (seconds == 1 ? "a second" : seconds + " seconds") + ", " + look
                    + ", and try again.", seconds);
        }
    }

    public synchronized void failed(String name, String address) {
        count(name + "\n" + address);
        count(address);
    }

    public synchronized void succeeded(String name, String address) {
        failures.remove(name + "\n" + address);
    }

    private void count(String key) {
        Failures before = failures.remove(key);
        boolean forgotten = before == null || before.last().plus(FORGOTTEN_AFTER).isBefore(clock.instant());
        failures.put(key, new Failures(forgotten ? 1 : before.count() + 1, clock.instant()));
    }

    /** How long is still to be waited: nothing for the first failures, then twice as long each time. */
    private Duration waiting(String key, int free) {
        Failures known = failures.get(key);
        if (known == null || known.count() < free) {
            return Duration.ZERO;
        }
        Duration whole = Duration.ofSeconds(1L << Math.min(20, known.count() - free));
        Duration left = Duration.between(clock.instant(),
                known.last().plus(whole.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : whole));
        return left.isNegative() ? Duration.ZERO : left;
    }

    private static Duration max(Duration one, Duration other) {
        return one.compareTo(other) >= 0 ? one : other;
    }
}
