/** Multiplication: its methods, words, records and slips. */
package bemble.core.multiplication;
