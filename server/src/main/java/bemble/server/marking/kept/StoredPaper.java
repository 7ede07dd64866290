package bemble.server.marking.kept;

/**
 * A pupil's paper.
 *
 * @param sheet the code of the sheet it is on, or null for the first
 */
public record StoredPaper(long pupilId, String sheet, boolean absent) {}
