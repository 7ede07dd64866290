package bemble.server.glance;

import bemble.core.fact.FactKnown;
import bemble.core.fact.TableFact;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The facts as tables of squares, of a pupil or of a class.
 *
 * @param pupils of how many pupils
 * @param states what the signs stand for
 */
record FactSquaresView(@NotNull int pupils, @NotNull List<FactStateName> states, @NotNull List<FactTableView> tables) {
    /** A state in words. */
    record FactStateName(@NotNull FactKnown.State id, @NotNull String label) {}

    /**
     * A table.
     *
     * @param wanting the facts that are missed, by name, the most missed first; those to practise
     */
    record FactTableView(@NotNull TableFact.Table id, @NotNull String title, @NotNull String say, @NotNull int most,
            @NotNull List<FactSquare> squares, @NotNull List<String> wanting) {}

    /**
     * A fact in its square.
     *
     * @param fact its name
     * @param state of a pupil; of a class that of most of those who met it
     * @param said what is said for it where it is known wrongly, or most is
     * @param missing how many pupils miss it
     * @param met how many met it
     * @param misses the answers that missed it, the latest first
     */
    record FactSquare(@NotNull int row, @NotNull int column, @NotNull String fact, @NotNull String text,
            @NotNull FactKnown.State state, @Nullable String said, @NotNull int missing, @NotNull int met,
            @NotNull String say, @NotNull List<FactMiss> misses) {}

    /** An answer that missed the fact. */
    record FactMiss(@NotNull PupilId pupil, @NotNull String name, @NotNull LocalDate day, @NotNull String problem,
            @NotNull String given, @NotNull String said, @NotNull MarkingId marking, @NotNull int question) {}
}
