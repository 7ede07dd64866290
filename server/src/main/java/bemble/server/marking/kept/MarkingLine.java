package bemble.server.marking.kept;

import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;

/** A marking in the list of them. */
public record MarkingLine(@NotNull long id, @NotNull String title, @NotNull String className,
        @NotNull OffsetDateTime begunAt,
        @NotNull int papers, @NotNull int marked) {}
