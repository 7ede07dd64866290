/** Limits by cost: how much is read of a request, and how many dear ones are worked at once. */
@NullMarked
package bemble.server.load;

import org.jspecify.annotations.NullMarked;
