/** Questions laid out on pages in black ink; measures are millimetres from the upper left. */
@NullMarked
package bemble.core.print;

import org.jspecify.annotations.NullMarked;
