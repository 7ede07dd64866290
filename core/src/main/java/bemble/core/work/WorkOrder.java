package bemble.core.work;

import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;

/**
 * What is to be worked, and how.
 *
 * @param method the id of a method, or null for the usual one
 * @param check the id of a check, or null for the usual one
 */
public record WorkOrder(Problem problem, String method, HouseStyle style, String check) {}
