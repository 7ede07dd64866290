package bemble.server.log.entry;

import bemble.server.limits.Limits;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * What a teacher adds to an entry by hand.
 *
 * @param explanation the working in words; null leaves the one there is
 * @param revision the entry's when it was read; null saves whatever came between
 */
public record Remarks(
        @NotNull(message = "The label is missing; it may be empty.") @Size(max = Limits.LABEL_LETTERS, message = "Type a label of {max} letters at most.") String label,
        @NotNull(message = "The note is missing; it may be empty.") @Size(max = Limits.NOTE_LETTERS, message = "Type a note of {max} letters at most.") String note,
        @NotNull(message = "Say whether to keep the entry.") Boolean kept,
        @Size(max = Limits.EXPLANATION_LETTERS, message = "Shorten the explanation to 400 000 letters.") @Nullable String explanation,
        @Nullable Integer revision) {
    public static final Remarks NONE = new Remarks("", "", false, "", null);
}
