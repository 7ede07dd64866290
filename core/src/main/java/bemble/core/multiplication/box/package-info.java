/** Multiplication in a box: a cell for every two parts, and the totals of its rows. */
package bemble.core.multiplication.box;
