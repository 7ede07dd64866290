/** An estimate of an answer, and an own estimate held against it. */
@NullMarked
package bemble.core.estimate;

import org.jspecify.annotations.NullMarked;
