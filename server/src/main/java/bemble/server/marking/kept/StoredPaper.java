package bemble.server.marking.kept;

import bemble.server.ids.PupilId;

/**
 * A pupil's paper.
 *
 * @param sheet the code of the sheet it is on, or null for the first
 */
public record StoredPaper(PupilId pupilId, String sheet, boolean absent) {}
