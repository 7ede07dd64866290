package bemble.server.screens;

import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A pupil's place in a session.
 *
 * @param digits the few digits that go with the name
 * @param run names their papers once they have come in, or null
 * @param atQuestion where they wrote last, or null
 * @param begun the numbers of the questions begun, parted by commas
 * @param device the device that writes under this name, or null
 * @param otherDeviceAt when another device last tried to, or null
 */
record StoredPlace(SessionId sessionId, PupilId pupilId, String digits, @Nullable String run,
        @Nullable OffsetDateTime seenAt,
        @Nullable Integer atQuestion,
        String begun,
        @Nullable OffsetDateTime handedInAt, @Nullable String device, @Nullable OffsetDateTime otherDeviceAt) {
    /** The papers of who has come in. */
    String papers() {
        return Objects.requireNonNull(run);
    }

    /** The place of who came in just now, with the papers that are theirs. */
    StoredPlace cameIn(String papers, OffsetDateTime now) {
        return new StoredPlace(sessionId, pupilId, digits, papers, now, atQuestion, begun, handedInAt, device,
                otherDeviceAt);
    }

    /** The place after something was written on a question. */
    StoredPlace wrote(int question, String writer, OffsetDateTime now) {
        Set<Integer> all = begunQuestions();
        all.add(question);
        return new StoredPlace(sessionId, pupilId, digits, run, now, question,
                all.stream().map(String::valueOf).collect(Collectors.joining(",")), handedInAt, writer, otherDeviceAt);
    }

    /** The place after its papers were handed in, or given back where that is null. */
    StoredPlace handedIn(@Nullable OffsetDateTime at) {
        return new StoredPlace(sessionId, pupilId, digits, run, at == null ? seenAt : at, atQuestion, begun, at, device,
                otherDeviceAt);
    }

    /** Whether something was written there and not handed in. */
    boolean isToCollect() {
        return run != null && handedInAt == null && !begun.isEmpty();
    }

    /** Whether its papers were collected when the set was ended, and not handed in by the pupil. */
    boolean isCollected(@Nullable OffsetDateTime endedAt) {
        return handedInAt != null && endedAt != null && !handedInAt.isBefore(endedAt);
    }

    /** The place at which any device may write, and the next that does keeps the name. */
    StoredPlace forAnyDevice() {
        return new StoredPlace(sessionId, pupilId, digits, run, seenAt, atQuestion, begun, handedInAt, null, null);
    }

    Set<Integer> begunQuestions() {
        return Arrays.stream(begun.split(",")).filter(each -> !each.isEmpty()).map(Integer::valueOf)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
