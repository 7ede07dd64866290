package bemble.server.reports;

import bemble.server.ids.MarkingId;
import bemble.server.limits.Limits;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/** What pieces of work look like to those who judge them. */
final class PiecesViews {
    private PiecesViews() {}

    record JudgementView(@NotNull String judge, @NotNull String says, @NotNull LocalDate judgedOn) {}

    record PieceView(@NotNull LocalDate day, @NotNull MarkingId marking, @NotNull int question, @NotNull String title,
            @NotNull String problem,
            @NotNull String given, @NotNull boolean right, @NotNull List<JudgementView> judgements) {}

    record PiecesView(@NotNull String pupil, @NotNull List<PieceView> pieces) {}

    /** @param judge who judges, as they want to be named */
    record NewJudgement(@NotNull(message = "Say which piece.") MarkingId marking,
            @NotNull(message = "Say which question.") Integer question,
            @NotNull @NotBlank(message = "Type who judges, like Mr Plover.") @Size(max = Limits.JUDGE_LETTERS, message = "Name who judges in {max} letters at most.") String judge,
            @NotNull @NotBlank(message = "Say in a few words what you see.") @Size(max = Limits.REASON_LETTERS, message = "Say it in {max} letters at most.") String says) {}
}
