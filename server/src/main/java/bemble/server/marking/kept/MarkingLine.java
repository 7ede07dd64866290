package bemble.server.marking.kept;

import bemble.server.ids.MarkingId;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;

/** A marking in the list of them. */
public record MarkingLine(@NotNull MarkingId id, @NotNull String title, @NotNull String className,
        @NotNull OffsetDateTime begunAt,
        @NotNull int papers, @NotNull int marked) {}
