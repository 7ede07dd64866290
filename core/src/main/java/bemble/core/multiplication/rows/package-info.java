/** Long multiplication: a row for each digit of the multiplier, and their sum. */
@NullMarked
package bemble.core.multiplication.rows;

import org.jspecify.annotations.NullMarked;
