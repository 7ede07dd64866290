/** A house style: every choice of writing and speaking that a teacher has, each an enum with its words. */
@NullMarked
package bemble.core.style;

import org.jspecify.annotations.NullMarked;
