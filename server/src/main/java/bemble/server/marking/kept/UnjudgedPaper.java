package bemble.server.marking.kept;

/** A pupil's paper in a pile that is still to be judged. */
public record UnjudgedPaper(long teacherId, long markingId, long pupilId) {}
