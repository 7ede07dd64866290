/** What a teacher types who marks a pile: short lines, read in one place. */
@NullMarked
package bemble.core.entry;

import org.jspecify.annotations.NullMarked;
