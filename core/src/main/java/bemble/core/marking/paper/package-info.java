/** What stands on somebody's paper: its figures, what was crossed out or begun again, and the squares in which they can be read. */
@NullMarked
package bemble.core.marking.paper;

import org.jspecify.annotations.NullMarked;
