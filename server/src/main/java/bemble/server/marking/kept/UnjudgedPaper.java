package bemble.server.marking.kept;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
/** A pupil's paper in a pile that is still to be judged. */
public record UnjudgedPaper(TeacherId teacherId, MarkingId markingId, PupilId pupilId) {}
