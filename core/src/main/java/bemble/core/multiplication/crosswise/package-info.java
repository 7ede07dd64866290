/** Multiplication crosswise: all products of one place at a time. */
package bemble.core.multiplication.crosswise;
