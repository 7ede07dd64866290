/** Multiplication: the slips and rules of all its methods. */
@NullMarked
package bemble.core.multiplication;

import org.jspecify.annotations.NullMarked;
