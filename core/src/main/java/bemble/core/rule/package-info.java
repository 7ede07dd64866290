/**
 * The small language of rules worked out: a decision of some kind, under some circumstance, decided otherwise. Each room says
 * in its own words what its decisions may become; a rule is made of these parts and is a slip like any other.
 */
@NullMarked
package bemble.core.rule;

import org.jspecify.annotations.NullMarked;
