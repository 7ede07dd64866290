package bemble.server.marking.taken;

import java.util.List;

/** A quiz of the past, with all its problems. */
public record PastQuiz(long pupilId, PastPile pile, int passMark, List<String> problems) {}
