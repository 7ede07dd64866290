package bemble.server.sets;

import bemble.server.ids.SetId;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;
import java.util.List;

/** A set in the list of them. */
record SetLine(@NotNull SetId id, @NotNull String title, @NotNull String tag, @NotNull int count,
        @NotNull List<String> first, @NotNull OffsetDateTime changedAt, @NotNull boolean archived) {}
