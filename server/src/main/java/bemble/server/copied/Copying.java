package bemble.server.copied;

import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.faults.Missing;
import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.log.papers.CopiedFrom;
import bemble.server.log.papers.PupilPapers;
import bemble.server.log.papers.PupilPapers.Copy;
import bemble.server.log.papers.PupilPapers.Handed;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.TakenAnswer;
import bemble.server.marking.taken.TakenPapers;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** A working on paper, copied square by square and judged as one that was written at a screen. */
@Service
class Copying {
    private final Piles piles;
    private final PaperAnswers answers;
    private final TakenPapers taken;
    private final PupilPapers papers;
    private final TransactionTemplate transaction;

    Copying(Piles piles, PaperAnswers answers, TakenPapers taken, PupilPapers papers,
            PlatformTransactionManager transactions) {
        this.piles = piles;
        this.answers = answers;
        this.taken = taken;
        this.papers = papers;
        this.transaction = new TransactionTemplate(transactions);
    }

    /**
     * The paper on which a pupil's working is copied; it is begun where there is none yet.
     *
     * @throws Refusal where the sheet has no such question
     */
    @Transactional
    EntryId open(TeacherId teacherId, MarkingId id, PupilId pupilId, int question) {
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        String label = open.pupil(pupilId).name() + ", " + open.stored().title();
        return papers.copy(teacherId, new CopiedFrom(id, pupilId), question,
                label.substring(0, Math.min(Limits.LABEL_LETTERS, label.length())), open.asked(pupilId, question),
                open.style());
    }

    /**
     * Takes a copy into its pile. Where it has no answer the one that stands there stays; its working is evidence all the same.
     *
     * @throws Missing where the pile has no such copy
     * @throws Refusal where the pupil's sheet is another by now, or nothing can be read
     */
    void take(TeacherId teacherId, MarkingId id, EntryId paper) {
        Copy copy = papers.copied(teacherId, id, paper).orElseThrow(() -> new Missing(
                "This paper is no copy from this pile. Open the working again from the pile."));
        Handed handed = copy.handed();
        if (handed.unclear()) {
            throw Refusal.of("paper", "What stands on this paper cannot be read. Type its answer in the pile instead.");
        }
        TakenAnswer answer = Objects.requireNonNull(transaction.execute(status -> keep(teacherId, id, copy)));
        taken.judge(teacherId, id, copy.pupil(), List.of(answer));
    }

    private TakenAnswer keep(TeacherId teacherId, MarkingId id, Copy copy) {
        PupilId pupilId = copy.pupil();
        Handed handed = copy.handed();
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        if (!open.asked(pupilId, handed.question()).equals(copy.problem())) {
            throw Refusal.of("paper",
                    "This pupil has another sheet now, without " + copy.problem().text() + " as question "
                            + handed.question() + ". Open the working again from the pile.");
        }
        MarkedAnswer there = open.answer(pupilId, handed.question());
        String said = handed.given().isEmpty() ? saidAlready(there) : handed.given();
        if (said.isEmpty()) {
            throw Refusal.of("paper",
                    "No answer stands on this paper, and none in the pile. Write it on the answer line.");
        }
        if (there == null || there.state() != AnswerState.GIVEN || !there.said().equals(said)) {
            answers.keep(teacherId, id, MarkedAnswer
                    .of(pupilId, handed.question(), AnswerState.GIVEN, said, correction(there), how(there), null)
                    .readIn(HouseStyle.USUAL), null);
            return evidence(handed, said);
        }
        return evidence(handed, Objects.requireNonNullElse(there.typed(), said));
    }

    private static String saidAlready(@Nullable MarkedAnswer there) {
        return there != null && there.state() == AnswerState.GIVEN ? there.said() : "";
    }

    private static String correction(@Nullable MarkedAnswer there) {
        return there == null ? "" : there.correction();
    }

    private static String how(@Nullable MarkedAnswer there) {
        return there == null ? "" : there.how();
    }

    private static TakenAnswer evidence(Handed handed, String typed) {
        return new TakenAnswer(handed.question(), typed, false, handed.slip(), handed.marksGiven(),
                handed.marksOf());
    }
}
