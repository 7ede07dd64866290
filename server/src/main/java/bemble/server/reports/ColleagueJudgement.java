package bemble.server.reports;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.marking.MarkedWork.Answer;
import java.time.LocalDate;

/** What a colleague said of one piece of a pupil's work. */
public record ColleagueJudgement(PupilId pupilId, MarkingId markingId, int question, String judge, String says,
        LocalDate judgedOn) {
    /** Whether the answer is that piece. */
    public boolean isOf(Answer answer) {
        return markingId.equals(answer.marking()) && question == answer.question();
    }
}
