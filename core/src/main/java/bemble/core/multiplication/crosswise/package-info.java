/** Multiplication crosswise: all products of one place at a time. */
@NullMarked
package bemble.core.multiplication.crosswise;

import org.jspecify.annotations.NullMarked;
