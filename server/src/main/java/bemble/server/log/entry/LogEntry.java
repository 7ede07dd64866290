package bemble.server.log.entry;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.server.ids.EntryId;
import java.time.OffsetDateTime;
import java.util.UUID;

/**
 * A worked problem as it is stored.
 *
 * @param reference names the entry in files, the same wherever it is read in
 * @param choices the house style it was written in
 * @param working carries and the like, in a few words
 * @param revision how often its remarks were changed
 * @param written how a paper that somebody wrote stands: {@code open}, or how it was marked; null where Bemble wrote
 * @param deletedAt when it was deleted, or null
 * @param explanation the working in whole sentences, where the teacher saved one
 */
public record LogEntry(EntryId id, UUID reference, OffsetDateTime workedAt, Operation operation, Problem problem,
        String method,
        String choices, String checkKind, String answer, String working, String checkStatement,
        boolean checkHolds, String label, String note, boolean kept, String explanation, int revision,
        String written, OffsetDateTime deletedAt) {}
