package bemble.core.hand;

import bemble.core.problem.Problem;
import bemble.core.style.Way;

/**
 * What a hand sets out to do.
 *
 * @param problem the problem it works, which a slip may have taken for another
 * @param way the way it works it
 */
public record Procedure(Problem problem, Way way) {}
