/** Checks: an answer is checked by another sum, really worked by the same methods at the same desk. */
@NullMarked
package bemble.core.check;

import org.jspecify.annotations.NullMarked;
