/** Adding columns: what is asked, said, written and kept. */
@NullMarked
package bemble.core.stack.adding;

import org.jspecify.annotations.NullMarked;
