package bemble.server.log.papers;

import bemble.server.ids.EntryId;
import bemble.server.ids.SetId;
import bemble.server.work.WorkRequest;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A paper as who writes it sees it.
 *
 * @param state {@code open} while somebody is at it, then how it was marked
 * @param copied the paper of a pile that it is a copy of; left out where it is none
 */
public record AttemptView(@NotNull EntryId id, @NotNull WorkRequest work, @NotNull String problem,
        @NotNull AttemptSettings settings,
        @NotNull List<AttemptFigure> figures, @NotNull String state, @NotNull String answer,
        @NotNull OffsetDateTime begunAt, @Nullable UUID run, @Nullable SetId setId, @Nullable Integer question,
        @Nullable CopiedFrom copied, @NotNull String label) {}
