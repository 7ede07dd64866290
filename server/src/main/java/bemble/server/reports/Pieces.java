package bemble.server.reports;

import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.faults.Missing;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.RecordService;
import bemble.server.reports.PiecesViews.JudgementView;
import bemble.server.reports.PiecesViews.NewJudgement;
import bemble.server.reports.PiecesViews.PieceView;
import bemble.server.reports.PiecesViews.PiecesView;
import bemble.server.style.StyleService;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Dated pieces of unaided work, for colleagues who judge together: two judgements stand side by side, each by somebody
 * else, and where they differ both are kept.
 */
@Service
public class Pieces {
    private static final int MOST_PIECES = 40;
    private static final int JUDGEMENTS = 2;

    private final RecordService records;
    private final JudgementMapper judgements;
    private final StyleService styles;

    Pieces(RecordService records, JudgementMapper judgements, StyleService styles) {
        this.records = records;
        this.judgements = judgements;
        this.styles = styles;
    }

    /** Everything that was said of a pupil's work. */
    public List<ColleagueJudgement> judgementsOf(PupilId pupilId) {
        return judgements.of(pupilId);
    }

    /** Keeps what was said in another Bemble. */
    public void keep(ColleagueJudgement judgement) {
        judgements.add(judgement);
    }

    /** The latest pieces of a pupil, the last of them last. */
    PiecesView of(TeacherId teacherId, PupilId pupilId) {
        RecordService.Known known = records.pupil(teacherId, pupilId);
        List<ColleagueJudgement> all = judgements.of(pupilId);
        HouseStyle style = styles.of(teacherId);
        List<Answer> alone = known.work().answers().stream().filter(Answer::alone).toList();
        return new PiecesView(known.work().pupil().name(), alone
                .subList(Math.max(0, alone.size() - MOST_PIECES), alone.size()).stream()
                .map(answer -> new PieceView(answer.day(), answer.marking(), answer.question(), answer.title(),
                        style.problem(answer.problem()), style.answer(answer.given()), answer.right(),
                        all.stream().filter(each -> each.isOf(answer))
                                .map(each -> new JudgementView(each.judge(), each.says(), each.judgedOn())).toList()))
                .toList());
    }

    /** @throws Refusal where two have judged it already, or this one has */
    @Transactional
    PiecesView judge(TeacherId teacherId, PupilId pupilId, NewJudgement judgement) {
        PieceView piece = of(teacherId, pupilId).pieces().stream()
                .filter(each -> each.marking().equals(judgement.marking())
                        && each.question() == judgement.question())
                .findFirst()
                .orElseThrow(
                        () -> new Missing("This piece of work is not among this pupil's own. Load the page again."));
        if (piece.judgements().size() >= JUDGEMENTS) {
            throw Refusal.of("says", "Two judgements stand there already; they are kept as they are.");
        }
        if (piece.judgements().stream().anyMatch(each -> each.judge().equalsIgnoreCase(judgement.judge().strip()))) {
            throw Refusal.of("judge",
                    judgement.judge().strip() + " has judged this already. The second judgement is somebody else's.");
        }
        judgements.add(
                new ColleagueJudgement(pupilId, judgement.marking(), judgement.question(), judgement.judge().strip(),
                        judgement.says().strip(), records.today()));
        return of(teacherId, pupilId);
    }
}
