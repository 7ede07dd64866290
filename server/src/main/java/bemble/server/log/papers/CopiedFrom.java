package bemble.server.log.papers;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/** The paper of a pile that a teacher copies square by square: which pile it lies in, and whose it is. */
public record CopiedFrom(@NotNull MarkingId marking, @NotNull PupilId pupil) {
    /** Null where a paper is no copy. */
    static @Nullable CopiedFrom of(StoredAttempt stored) {
        return stored.markingId() == null || stored.pupilId() == null ? null
                : new CopiedFrom(stored.markingId(), stored.pupilId());
    }
}
