/** What columns of a difference have in common, whichever way a ten comes: what is asked, struck, said and written. */
@NullMarked
package bemble.core.subtraction.column;

import org.jspecify.annotations.NullMarked;
