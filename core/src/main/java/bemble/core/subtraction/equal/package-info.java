/** Subtraction by equal additions: ten above and one below. */
package bemble.core.subtraction.equal;
