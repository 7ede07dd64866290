package bemble.server.marking.taken;

import bemble.core.problem.Problem;
import bemble.server.ids.PupilId;
import java.util.List;

/** A quiz of the past, with all its problems. */
public record PastQuiz(PupilId pupilId, PastPile pile, int passMark, List<Problem> problems) {}
