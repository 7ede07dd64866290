/** Multiplication in a box: a cell for every two parts, and the totals of its rows. */
@NullMarked
package bemble.core.multiplication.box;

import org.jspecify.annotations.NullMarked;
