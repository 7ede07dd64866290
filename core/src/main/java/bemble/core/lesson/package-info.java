/** A lesson in its order, shown, worked together, tried and done alone, with times that add up. */
@NullMarked
package bemble.core.lesson;

import org.jspecify.annotations.NullMarked;
