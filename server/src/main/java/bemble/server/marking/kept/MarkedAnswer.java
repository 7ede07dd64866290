package bemble.server.marking.kept;

import bemble.server.ids.PupilId;
import org.jspecify.annotations.Nullable;

/**
 * What stands on a pupil's paper for one question.
 *
 * @param question its number on the sheet, from 1
 * @param given the first answer, as it stands there
 * @param correction the pupil's own correction, kept beside it
 * @param how how it was done, in the teacher's own code
 * @param cause what the teacher decided it is, or null
 * @param revision how often it was changed; 0 where it is not kept yet
 * @param marksGiven the marks that its paper got, and of how many; null where there is none, or the house style gives none
 * @param paper the slip that the paper fits on which it was worked, where that is at hand; else null
 */
public record MarkedAnswer(PupilId pupilId, int question, AnswerState state, String given, String correction,
        String how,
        @Nullable String cause, int revision,
        @Nullable String paper, @Nullable Integer marksGiven, @Nullable Integer marksOf) {
    /** An answer that is to be kept. */
    public static MarkedAnswer of(PupilId pupilId, int question, AnswerState state, String given, String correction,
            String how, @Nullable String cause) {
        return new MarkedAnswer(pupilId, question, state, given, correction, how, cause, 0, null, null, null);
    }

    /** Whether the same stands there, however often it was changed. */
    public boolean saysTheSameAs(MarkedAnswer other) {
        return of(pupilId, question, state, given, correction, how, cause)
                .equals(of(other.pupilId, other.question, other.state, other.given, other.correction, other.how,
                        other.cause));
    }
}
