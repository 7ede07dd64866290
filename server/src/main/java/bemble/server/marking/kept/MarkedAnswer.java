package bemble.server.marking.kept;

import bemble.core.entry.GivenAnswer;
import bemble.core.style.HouseStyle;
import bemble.server.ids.PupilId;
import org.jspecify.annotations.Nullable;

/**
 * What stands on a pupil's paper for one question.
 *
 * @param question its number on the sheet, from 1
 * @param given what the first answer means, in plain digits with a point, such as {@code 3.45} or {@code 63 r 6}, whatever style the
 *     teacher has or had; empty where what was typed is no number. Of an answer that is not read yet: what was typed
 * @param typed the first answer as it was typed; null where it is not read yet
 * @param correction the pupil's own correction, kept beside it: what it means, or what was typed where that is no number
 * @param how how it was done, in the teacher's own code
 * @param cause what the teacher decided it is, or null
 * @param revision how often it was changed; 0 where it is not kept yet
 * @param marksGiven the marks that its paper got, and of how many; null where there is none, or the house style gives none
 * @param paper the slip that the paper fits on which it was worked, where that is at hand; else null
 */
public record MarkedAnswer(PupilId pupilId, int question, AnswerState state, String given, @Nullable String typed,
        String correction,
        String how,
        @Nullable String cause, int revision,
        @Nullable String paper, @Nullable Integer marksGiven, @Nullable Integer marksOf) {
    /** An answer that is to be kept, as it was typed. */
    public static MarkedAnswer of(PupilId pupilId, int question, AnswerState state, String given, String correction,
            String how, @Nullable String cause) {
        return new MarkedAnswer(pupilId, question, state, given, null, correction, how, cause, 0, null, null, null);
    }

    /** The same as what it means, read in the style in which it was typed; a later style changes nothing of it. */
    public MarkedAnswer readIn(HouseStyle style) {
        return typed != null ? this
                : new MarkedAnswer(pupilId, question, state, meant(given, "", style), given,
                        meant(correction, correction, style), how, cause, revision, paper, marksGiven, marksOf);
    }

    /** What an answer means that was typed in a style, as it is kept. */
    static String meant(String typed, String otherwise, HouseStyle style) {
        return GivenAnswer.plain(typed, style.answersWritten(), otherwise);
    }

    /** What the answer means; as it was typed where that is no number. */
    public String said() {
        return said(given, typed);
    }

    static String said(String given, @Nullable String typed) {
        return given.isEmpty() && typed != null ? typed : given;
    }

    /** The same with the pupil's own correction, as it is kept. */
    public MarkedAnswer corrected(String correction) {
        return new MarkedAnswer(pupilId, question, state, given, typed, correction, how, cause, revision, paper,
                marksGiven,
                marksOf);
    }

    /** Whether the same stands there, however it was typed and however often it was changed. */
    public boolean saysTheSameAs(MarkedAnswer other) {
        return plain().equals(other.plain());
    }

    private MarkedAnswer plain() {
        return of(pupilId, question, state, said(), correction, how, cause);
    }

    /** The same as it is written in a style; what is no number as it was typed. */
    public MarkedAnswer shownIn(HouseStyle style) {
        return new MarkedAnswer(pupilId, question, state, given.isEmpty() ? said() : style.answer(given), typed,
                style.answer(correction), how, cause, revision, paper, marksGiven, marksOf);
    }
}
