package bemble.server.reports;

import bemble.server.account.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pieces of work to judge together. */
@RestController
@RequestMapping("/api/pupils/{id}/work")
class PiecesController {
    private final Pieces pieces;

    PiecesController(Pieces pieces) {
        this.pieces = pieces;
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

    /** Pieces of unaided work, with what was said of each. */
    @GetMapping
    PiecesView pieces(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return pieces.of(teacher.id(), id);
    }

    /** Keeps what somebody says of a piece of work. */
    @PostMapping
    PiecesView judge(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id, @Valid @RequestBody NewJudgement judgement) {
        return pieces.judge(teacher.id(), id, judgement);
    }
}
