/** Subtraction: its methods, words, records and slips. */
package bemble.core.subtraction;
