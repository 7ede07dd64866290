/** Long multiplication: a row for each digit of the multiplier, and their sum. */
package bemble.core.multiplication.rows;
