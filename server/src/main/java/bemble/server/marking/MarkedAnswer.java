package bemble.server.marking;

/**
 * What stands on a pupil's paper for one question.
 *
 * @param question its number on the sheet, from 1
 * @param state right, given, blank, not-reached or unclear
 * @param given the first answer, as it stands there
 * @param correction the pupil's own correction, kept beside it
 * @param how how it was done, in the teacher's own code
 * @param cause what the teacher decided it is, or null
 */
record MarkedAnswer(long pupilId, int question, String state, String given, String correction, String how, String cause) {}
