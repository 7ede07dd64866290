package bemble.server.marking.taken;

import bemble.core.problem.Problem;
import java.util.List;

/** A quiz of the past, with all its problems. */
public record PastQuiz(long pupilId, PastPile pile, int passMark, List<Problem> problems) {}
