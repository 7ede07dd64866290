/** Limits by cost: how much is read of a request, how many dear ones are worked at once, and what takes long in the background. */
@NullMarked
package bemble.server.load;

import org.jspecify.annotations.NullMarked;
