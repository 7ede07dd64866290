package bemble.server.marking.kept;

import bemble.server.ids.PupilId;
import org.jspecify.annotations.Nullable;

/**
 * A pupil's paper.
 *
 * @param sheet the code of the sheet it is on, or null for the first
 */
public record StoredPaper(PupilId pupilId, @Nullable String sheet, boolean absent) {}
