package bemble.server.log.papers;

import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import bemble.server.writing.FigureRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One thing done on a paper, in time.
 *
 * @param at milliseconds since the paper was begun
 * @param kind {@code digit}, {@code number} or {@code strike}; {@code mirror} for a digit written in mirror image; {@code nudge} for help that was taken, {@code mark} where
 *     the paper was marked
 * @param rubbed whether what stood there was rubbed out
 * @param text what was written; of a nudge its size
 */
public record AttemptFigure(
        @Min(value = 0, message = "No figure is written before the paper is begun.") @Max(value = Limits.PAPER_MILLISECONDS, message = "No paper takes a year.") @NotNull long at,
        @NotNull(message = "Say what was done.") @Pattern(regexp = "digit|number|strike|mirror|nudge|mark", message = "Only digits, numbers, strokes, nudges and marks are kept.") @Schema(allowableValues = {
            "digit", "number", "strike", "mirror", "nudge", "mark"}) String kind,
        @Size(max = Limits.PART_OF_PAPER_LETTERS, message = "No block has so long a name.") @Nullable String block,
        @Size(max = Limits.PART_OF_PAPER_LETTERS, message = "No line has so long a name.") @Nullable String line,
        @Min(value = -Limits.SQUARES_ASIDE, message = FigureRequest.FAR) @Max(value = Limits.SQUARES_ASIDE, message = FigureRequest.FAR) @Nullable Integer place,
        @Size(max = Limits.WORD_LETTERS, message = "A square has no such part.") @Schema(ref = "#/components/schemas/Anchor") @Nullable String anchor,
        @Size(max = Limits.FIGURE_LETTERS, message = "So many figures do not go into one square.") @Nullable String text,
        @NotNull boolean rubbed) {

    private record Square(String block, String line, int place, @Nullable String anchor, boolean stroke) {}

    /**
     * What stands on a paper.
     *
     * @param unreadable how many things were saved that nobody can read, and are left out
     */
    record Standing(List<FigureRequest> figures, int unreadable) {}

    /** What stands in a square, or is rubbed out of one; nothing where this is neither. */
    private Optional<FigureRequest> inASquare() {
        return block == null || line == null || place == null || kind.matches("nudge|mark") ? Optional.empty()
                : Optional.of(new FigureRequest(block, line, place, anchor, kind.equals("mirror") ? "digit" : kind,
                        text));
    }

    /** @throws bemble.core.problem.Refusal where it could not be read again */
    public void requireReadable() {
        inASquare().ifPresent(FigureRequest::figure);
    }

    private boolean isReadable() {
        try {
            requireReadable();
            return true;
        } catch (Refusal unreadable) {
            return false;
        }
    }

    /** What stands on the paper after all that was done, in the order of writing. */
    static Standing standing(List<AttemptFigure> figures) {
        Map<Square, FigureRequest> standing = new LinkedHashMap<>();
        int unreadable = 0;
        for (AttemptFigure figure : figures) {
            if (!figure.isReadable()) {
                unreadable++;
            } else {
                figure.inASquare().ifPresent(written -> {
                    Square square = new Square(written.block(), written.line(), written.place(), written.anchor(),
                            figure.kind.equals("strike"));
                    standing.remove(square);
                    if (!figure.rubbed) {
                        standing.put(square, written);
                    }
                });
            }
        }
        return new Standing(new ArrayList<>(standing.values()), unreadable);
    }
}
