package bemble.server.marking.kept;

import bemble.server.ids.TeacherId;
/** A pupil's paper in a pile that is still to be judged. */
public record UnjudgedPaper(TeacherId teacherId, long markingId, long pupilId) {}
