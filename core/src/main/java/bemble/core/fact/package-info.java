/** Ways to find a small fact that a pupil does not know by heart. */
@NullMarked
package bemble.core.fact;

import org.jspecify.annotations.NullMarked;
