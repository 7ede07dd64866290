/** The slips there are: where those of each operation are gathered and found, and those that take one operation for another. */
@NullMarked
package bemble.core.slip;

import org.jspecify.annotations.NullMarked;
