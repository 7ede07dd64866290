package bemble.server.screens;

import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/** When each pupil's device was last heard from, and whether something written on it is still on its way; forgotten at a stop. */
@Component
class HeardFrom {
    /** A device asks every four seconds; one that has not asked for so long cannot be reached. */
    private static final Duration SILENT = Duration.ofSeconds(15);
    private static final int MOST_DEVICES = 5_000;

    private record Place(SessionId sessionId, PupilId pupilId) {}

    private record Heard(Instant at, int onTheWay) {}

    private final Cache<Place, Heard> heard =
            Caffeine.newBuilder().maximumSize(MOST_DEVICES).expireAfterWrite(Duration.ofHours(3)).build();
    private final Clock clock;

    HeardFrom(Clock clock) {
        this.clock = clock;
    }

    /** @return whether that changes what a teacher is told */
    boolean from(SessionId sessionId, PupilId pupilId, int onTheWay) {
        boolean before = isOnTheWay(sessionId, pupilId);
        heard.put(new Place(sessionId, pupilId), new Heard(clock.instant(), onTheWay));
        return before != onTheWay > 0;
    }

    /** All that was written there has come. */
    void wrote(SessionId sessionId, PupilId pupilId) {
        heard.put(new Place(sessionId, pupilId), new Heard(clock.instant(), 0));
    }

    /** Whether something may be on its way: a device says so, or has fallen silent. */
    boolean isOnTheWay(SessionId sessionId, PupilId pupilId) {
        Heard last = heard.getIfPresent(new Place(sessionId, pupilId));
        return last != null && (last.onTheWay() > 0 || last.at().plus(SILENT).isBefore(clock.instant()));
    }
}
