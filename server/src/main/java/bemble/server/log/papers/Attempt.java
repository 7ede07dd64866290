package bemble.server.log.papers;

import bemble.server.log.entry.LogEntry;
import java.util.List;

/** A paper with its entry in the log. */
record Attempt(LogEntry entry, AttemptSettings settings, List<AttemptFigure> figures, PaperSource source) {
    Attempt withSettings(AttemptSettings others) {
        return new Attempt(entry, others, figures, source);
    }
}
