/** Papers for somebody who has still to write: their squares, the way through them, and a nudge for who is stuck. */
@NullMarked
package bemble.core.writing;

import org.jspecify.annotations.NullMarked;
