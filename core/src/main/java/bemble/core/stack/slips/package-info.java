/** Slips of copying and of writing the answer down, the same in every operation. */
@NullMarked
package bemble.core.stack.slips;

import org.jspecify.annotations.NullMarked;
