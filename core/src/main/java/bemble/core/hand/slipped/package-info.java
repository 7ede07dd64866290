/** Hands that decide one kind of thing otherwise. */
@NullMarked
package bemble.core.hand.slipped;

import org.jspecify.annotations.NullMarked;
