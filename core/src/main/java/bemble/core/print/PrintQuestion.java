package bemble.core.print;

import bemble.core.problem.Problem;

/**
 * A question as it is printed.
 *
 * @param number its number in the set, or {@link #UNNUMBERED}
 * @param story a word problem that goes with it, or empty
 * @param part whether it is shown, worked together or done alone
 */
public record PrintQuestion(int number, Problem problem, String story, LessonPart part) {
    static final int UNNUMBERED = 0;
}
