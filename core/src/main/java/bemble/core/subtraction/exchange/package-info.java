/** Subtraction by exchange: a ten is brought from the left where there is not enough. */
@NullMarked
package bemble.core.subtraction.exchange;

import org.jspecify.annotations.NullMarked;
