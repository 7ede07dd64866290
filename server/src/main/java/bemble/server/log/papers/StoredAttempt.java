package bemble.server.log.papers;

import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import org.jspecify.annotations.Nullable;

/**
 * What is kept of a paper beside its entry in the log.
 *
 * @param settings how it is written, as JSON
 * @param figures what was done on it, as JSON
 * @param run names the papers of one set worked through, or null
 * @param setId the set that the problem is from, or null
 * @param question its number there, from 1, or null
 * @param markingId the pile from which a teacher copies it, or null
 * @param pupilId whose paper it is where a pupil wrote it, or null
 */
public record StoredAttempt(EntryId entryId, String settings, String figures, @Nullable String run,
        @Nullable SetId setId, @Nullable Integer question, @Nullable MarkingId markingId, @Nullable PupilId pupilId) {}
