/** Subtraction: the slips and rules of all its methods. */
@NullMarked
package bemble.core.subtraction;

import org.jspecify.annotations.NullMarked;
