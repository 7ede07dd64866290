package bemble.server.account;

import bemble.server.faults.Busy;
import bemble.server.ids.PupilId;
import bemble.server.web.OwnComputer;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.TimeMeter;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/**
 * Slows down whoever guesses passwords or codes. A try is counted before it is looked at, so that many at the same time are
 * as slow as one after the other; one that was right is not counted. Passwords and codes are counted apart. Tries are
 * counted by what is guessed from one address, by the address alone, and by what is guessed from everywhere; but at the
 * computer Bemble runs on apart from everywhere else, so that no stranger can keep an owner out of it.
 */
@Component
public class Attempts {
    private static final int MOST_REMEMBERED = 20_000;
    private static final String HERE = "here";

    /** How many tries are free, and how long it takes until there is another. */
    private enum Limit {
        PASSWORD_FROM_ADDRESS(10, Duration.ofSeconds(20), true),
        PASSWORD_FROM_ELSEWHERE(40, Duration.ofSeconds(20), true),
        SIGN_INS_OF_ADDRESS(60, Duration.ofSeconds(10), false),
        DIGITS_FROM_ADDRESS(5, Duration.ofSeconds(20), true),
        DIGITS_FROM_ANYWHERE(20, Duration.ofSeconds(20), true),
        // A class behind one address mistypes its code all at once and is let through.
        CODES_OF_ADDRESS(150, Duration.ofSeconds(1), false);

        private final int free;
        private final Duration another;
        /** Whether it counts guesses at one thing; who has got that right has not guessed before. */
        private final boolean ofOneThing;

        Limit(int free, Duration another, boolean ofOneThing) {
            this.free = free;
            this.another = another;
            this.ofOneThing = ofOneThing;
        }
    }

    private record Counted(Limit limit, String what) {}

    private record Taken(Limit limit, Bucket bucket) {
        void giveBack() {
            bucket.addTokens(1);
        }
    }

    private final Cache<Counted, Bucket> buckets = Caffeine.newBuilder().maximumSize(MOST_REMEMBERED)
            .expireAfterAccess(Duration.ofHours(1)).build();
    private final OwnComputer here;
    private final TimeMeter time;

    Attempts(Clock clock, OwnComputer here) {
        this.here = here;
        this.time = new TimeMeter() {
            @Override
            public long currentTimeNanos() {
                Instant now = clock.instant();
                return TimeUnit.SECONDS.toNanos(now.getEpochSecond()) + now.getNano();
            }

            @Override
            public boolean isWallClockBased() {
                return true;
            }
        };
    }

    /** A try that is counted; to be taken back where it was right. */
    public static final class Try {
        private final List<Taken> counted;

        private Try(List<Taken> counted) {
            this.counted = counted;
        }

        /** It was right: it counts for nothing, and so do those before it at the same thing. */
        public void succeeded() {
            counted.forEach(taken -> {
                if (taken.limit().ofOneThing) {
                    taken.bucket().reset();
                } else {
                    taken.giveBack();
                }
            });
        }

        /** It cannot be told, since the fault was our own. */
        public void untold() {
            counted.forEach(Taken::giveBack);
        }
    }

    /** @throws Busy where so many have failed that one has to wait */
    public Try signIn(String name, HttpServletRequest request) {
        String from = from(request);
        List<Counted> counted = new ArrayList<>(List.of(new Counted(Limit.SIGN_INS_OF_ADDRESS, from),
                new Counted(Limit.PASSWORD_FROM_ADDRESS, name + "\n" + from)));
        if (!from.equals(HERE)) {
            counted.add(new Counted(Limit.PASSWORD_FROM_ELSEWHERE, name));
        }
        return count(counted, "Too many sign-ins have failed here.", "look up the password");
    }

    /** @throws Busy where so many codes were wrong that one has to wait */
    public Try code(HttpServletRequest request) {
        return count(List.of(new Counted(Limit.CODES_OF_ADDRESS, from(request))), "Too many codes were wrong here.",
                "look at the board");
    }

    /**
     * @param code with the pupil it names whose digits are tried
     * @throws Busy where so many were wrong that one has to wait
     */
    public Try digits(String code, PupilId pupilId, HttpServletRequest request) {
        String whose = code + " " + pupilId;
        return count(
                List.of(new Counted(Limit.DIGITS_FROM_ADDRESS, whose + "\n" + from(request)),
                        new Counted(Limit.DIGITS_FROM_ANYWHERE, whose)),
                "These digits were wrong too often.", "ask for yours");
    }

    private String from(HttpServletRequest request) {
        return here.asks(request) ? HERE : request.getRemoteAddr();
    }

    private Try count(List<Counted> all, String whatFailed, String look) {
        List<Taken> taken = new ArrayList<>();
        for (Counted each : all) {
            Bucket bucket = buckets.get(each, this::fresh);
            ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
            if (!probe.isConsumed()) {
                taken.forEach(Taken::giveBack);
                long seconds = TimeUnit.NANOSECONDS.toSeconds(probe.getNanosToWaitForRefill()) + 1;
                throw new Busy(whatFailed + " Wait " + (seconds == 1 ? "a second" : seconds + " seconds") + ", " + look
                        + ", and try again.", seconds);
            }
            taken.add(new Taken(each.limit(), bucket));
        }
        return new Try(taken);
    }

    private Bucket fresh(Counted counted) {
        Limit limit = counted.limit();
        return Bucket.builder().withCustomTimePrecision(time)
                .addLimit(bandwidth -> bandwidth.capacity(limit.free).refillGreedy(1, limit.another)).build();
    }
}
