package bemble.server.log;

import bemble.server.log.entry.NewEntry;
import bemble.server.log.papers.AttemptFigure;
import bemble.server.log.papers.AttemptSettings;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry read from a file.
 *
 * @param paper the paper that somebody wrote, or null where Bemble wrote
 */
public record ReadEntry(NewEntry entry, @Nullable Paper paper) {
    /** @param run names the papers of one set worked through, or null */
    public record Paper(AttemptSettings settings, List<AttemptFigure> figures, @Nullable UUID run,
            @Nullable Integer question) {}
}
