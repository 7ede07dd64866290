/** Marks laid into squares, and the one table of where within a square each kind of mark goes. */
@NullMarked
package bemble.core.sheet;

import org.jspecify.annotations.NullMarked;
