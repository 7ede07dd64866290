package bemble.server.writing;

import bemble.core.marking.paper.PaperFigure;
import bemble.core.problem.Refusal;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.server.limits.Limits;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A figure that stands on a paper, as the sheet names its square.
 *
 * @param anchor the part of the square; left out where only one figure can stand there
 * @param kind {@code digit} where left out, else {@code number} or {@code strike}
 * @param text what is written; {@code ?} where nobody can read it
 */
public record FigureRequest(
        @NotNull(message = "Say in which block the figure stands.") @Size(max = Limits.PART_OF_PAPER_LETTERS, message = "No block has so long a name.") String block,
        @NotNull(message = "Say in which line the figure stands.") @Size(max = Limits.PART_OF_PAPER_LETTERS, message = "No line has so long a name.") String line,
        @NotNull(message = "Say in which column the figure stands.") @Min(value = -Limits.SQUARES_ASIDE, message = FAR) @Max(value = Limits.SQUARES_ASIDE, message = FAR) Integer place,
        @Size(max = Limits.WORD_LETTERS, message = "A square has no such part.") @Schema(ref = "#/components/schemas/Anchor") @Nullable String anchor,
        @Size(max = Limits.WORD_LETTERS, message = "This is nothing that is written.") @Schema(allowableValues = {
            "digit", "number", "strike"}) @Nullable String kind,
        @Size(max = Limits.FIGURE_LETTERS, message = "So many figures do not go into one square.") @Nullable String text) {
    public static final String FAR = "No paper has a column so far from the ones.";
    private static final Set<MarkKind> KINDS = Set.of(MarkKind.DIGIT, MarkKind.NUMBER, MarkKind.STRIKE);

    /** The request that says the same. */
    public static FigureRequest of(PaperFigure figure) {
        return new FigureRequest(figure.block().id(), figure.line().id(), figure.place(),
                figure.anchor() == null ? null : figure.anchor().id(), figure.kind().id(), figure.text());
    }

    /** @throws Refusal where there is no such kind or part of a square */
    public PaperFigure figure() {
        return new PaperFigure(BlockName.named(block), Line.named(line), place, anchor == null ? null : anchorOf(),
                kindOf(),
                Objects.requireNonNullElse(text, "").strip());
    }

    private Anchor anchorOf() {
        return Arrays.stream(Anchor.values()).filter(each -> each.id().equals(anchor)).findFirst()
                .orElseThrow(() -> Refusal.of("written",
                        "A square has no part called “" + anchor + "”. Leave it out, or choose one of: "
                                + Arrays.stream(Anchor.values()).map(Anchor::id).collect(Collectors.joining(", "))
                                + "."));
    }

    private MarkKind kindOf() {
        return kind == null ? MarkKind.DIGIT
                : KINDS.stream().filter(each -> each.id().equals(kind)).findFirst().orElseThrow(() -> Refusal
                        .of("written", "“" + kind + "” is nothing that is written. Choose digit, number or strike."));
    }
}
