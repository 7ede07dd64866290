/** Subtraction by equal additions: ten above and one below. */
@NullMarked
package bemble.core.subtraction.equal;

import org.jspecify.annotations.NullMarked;
