/** Subtraction by exchange: a ten is brought from the left where there is not enough. */
package bemble.core.subtraction.exchange;
