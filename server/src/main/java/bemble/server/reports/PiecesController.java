package bemble.server.reports;

import bemble.core.problem.Refusal;
import bemble.server.account.SignedIn;
import bemble.server.faults.Missing;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.RecordService;
import bemble.server.reports.JudgementMapper.Judgement;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Dated pieces of unaided work, for colleagues who judge together: two judgements stand side by side, each by somebody
 * else, and where they differ both are kept.
 */
@RestController
@RequestMapping("/api/pupils/{id}/work")
class PiecesController {
    private static final int MOST_PIECES = 40;
    private static final int JUDGEMENTS = 2;

    private final RecordService records;
    private final JudgementMapper judgements;

    PiecesController(RecordService records, JudgementMapper judgements) {
        this.records = records;
        this.judgements = judgements;
    }

    record JudgementView(@NotNull String judge, @NotNull String says, @NotNull LocalDate judgedOn) {}

    record PieceView(@NotNull LocalDate day, @NotNull long marking, @NotNull int question, @NotNull String title, @NotNull String problem,
                     @NotNull String given, @NotNull boolean right, @NotNull List<JudgementView> judgements) {}

    record PiecesView(@NotNull String pupil, @NotNull List<PieceView> pieces) {}

    /** @param judge who judges, as they want to be named */
    record NewJudgement(@NotNull(message = "Say which piece.") Long marking, @NotNull(message = "Say which question.") Integer question,
                        @NotNull @NotBlank(message = "Type who judges, like Mr Plover.")
                        @Size(max = 60, message = "Name who judges in 60 letters at most.") String judge,
                        @NotNull @NotBlank(message = "Say in a few words what you see.")
                        @Size(max = 400, message = "Say it in 400 letters at most.") String says) {}

    @GetMapping
    PiecesView pieces(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        RecordService.Known known = records.pupil(teacher.id(), id);
        List<Judgement> all = judgements.of(id);
        List<Answer> alone = known.work().answers().stream().filter(Answer::alone).toList();
        return new PiecesView(known.work().pupil().name(), alone.subList(Math.max(0, alone.size() - MOST_PIECES), alone.size()).stream()
                .map(answer -> new PieceView(answer.day(), answer.marking(), answer.question(), answer.title(), answer.problem(),
                        answer.given(), answer.right(), all.stream().filter(each -> each.markingId() == answer.marking()
                                && each.question() == answer.question())
                                .map(each -> new JudgementView(each.judge(), each.says(), each.judgedOn())).toList())).toList());
    }

    @PostMapping
    @Transactional
    public PiecesView judge(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id, @Valid @RequestBody NewJudgement judgement) {
        PieceView piece = pieces(teacher, id).pieces().stream().filter(each -> each.marking() == judgement.marking()
                && each.question() == judgement.question()).findFirst()
                .orElseThrow(() -> new Missing("This piece of work is not among this pupil's own. Load the page again."));
        if (piece.judgements().size() >= JUDGEMENTS) {
            throw Refusal.of("says", "Two judgements stand there already; they are kept as they are.");
        }
        if (piece.judgements().stream().anyMatch(each -> each.judge().equalsIgnoreCase(judgement.judge().strip()))) {
            throw Refusal.of("judge", judgement.judge().strip() + " has judged this already. The second judgement is somebody else's.");
        }
        judgements.add(new Judgement(id, judgement.marking(), judgement.question(), judgement.judge().strip(), judgement.says().strip(),
                records.today()));
        return pieces(teacher, id);
    }
}
