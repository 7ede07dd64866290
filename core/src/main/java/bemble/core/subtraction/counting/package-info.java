/** Subtraction by counting up: jumps from the lower number to the upper one. */
@NullMarked
package bemble.core.subtraction.counting;

import org.jspecify.annotations.NullMarked;
