/** Subtraction by counting up: jumps from the lower number to the upper one. */
package bemble.core.subtraction.counting;
