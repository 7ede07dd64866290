package bemble.server.marking;

/**
 * A pupil's paper.
 *
 * @param sheet the code of the sheet it is on, or null for the first
 */
record StoredPaper(long pupilId, String sheet, boolean absent) {}
