package bemble.server.screens;

import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * A pupil's place in a session.
 *
 * @param digits the few digits that go with the name
 * @param run names their papers once they have come in, or null
 * @param atQuestion where they wrote last, or null
 * @param begun the numbers of the questions begun, parted by commas
 */
record StoredPlace(long sessionId, long pupilId, String digits, String run, OffsetDateTime seenAt, Integer atQuestion, String begun,
                   OffsetDateTime handedInAt) {

    Set<Integer> begunQuestions() {
        return questions(begun);
    }

    static Set<Integer> questions(String begun) {
        return Arrays.stream(begun.split(",")).filter(each -> !each.isEmpty()).map(Integer::valueOf)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
