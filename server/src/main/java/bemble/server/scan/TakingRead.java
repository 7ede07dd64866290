package bemble.server.scan;

import bemble.core.style.HouseStyle;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.TakenAnswer;
import bemble.server.marking.taken.TakenPapers;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Takes what was read into the pile. What a teacher has typed there stands above it. */
@Component
class TakingRead {
    private final Piles piles;
    private final PaperAnswers answers;
    private final TakenPapers papers;

    TakingRead(Piles piles, PaperAnswers answers, TakenPapers papers) {
        this.piles = piles;
        this.answers = answers;
        this.papers = papers;
    }

    /**
     * Takes in what needs no confirming, but for questions that something stands for already.
     *
     * @return what was taken, to be judged once this is committed
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<TakenAnswer> sure(TeacherId teacherId, MarkingId markingId, PupilId pupilId, String sheet,
            List<StoredReading> readings) {
        OpenPile open = piles.openToChange(teacherId, markingId, pupilId);
        List<TakenAnswer> taken = readings.stream()
                .filter(reading -> !reading.doubtful() && open.answer(pupilId, reading.question()) == null)
                .map(TakingRead::taken).toList();
        if (!taken.isEmpty()) {
            onSheet(teacherId, open, pupilId, sheet);
            papers.take(teacherId, markingId, pupilId, taken, false, false);
        }
        return taken;
    }

    /**
     * Takes in what a teacher has confirmed or put right, over whatever stood there.
     *
     * @return what was taken, to be judged once this is committed
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<TakenAnswer> confirmed(TeacherId teacherId, MarkingId markingId, PupilId pupilId, String sheet,
            StoredReading reading) {
        onSheet(teacherId, piles.openToChange(teacherId, markingId, pupilId), pupilId, sheet);
        AnswerState state = reading.said().isEmpty() ? AnswerState.BLANK : AnswerState.GIVEN;
        answers.keep(teacherId, markingId, MarkedAnswer
                .of(pupilId, reading.question(), state, reading.said(), "", "", null).readIn(HouseStyle.USUAL), null);
        return List.of(taken(reading));
    }

    /** Judges what was taken, by the answers and by the workings that were read. */
    void judge(TeacherId teacherId, MarkingId markingId, PupilId pupilId, List<TakenAnswer> taken) {
        if (!taken.isEmpty()) {
            papers.judge(teacherId, markingId, pupilId, taken);
        }
    }

    /** The pile knows which sheet a child worked on. */
    private void onSheet(TeacherId teacherId, OpenPile open, PupilId pupilId, String sheet) {
        if (!open.sheet(pupilId).code().equals(sheet)) {
            answers.paper(teacherId, open.stored().id(), pupilId, sheet, false);
        }
    }

    private static TakenAnswer taken(StoredReading reading) {
        return new TakenAnswer(reading.question(), reading.said(), false, reading.slip(), reading.marksGiven(),
                reading.marksOf());
    }
}
