/** Where and when carries are written. */
@NullMarked
package bemble.core.style.carry;

import org.jspecify.annotations.NullMarked;
