/** Finds the weights of the net that reads figures, from squares that are drawn here and from real figures; nothing of it ships. */
@NullMarked
package bemble.training;

import org.jspecify.annotations.NullMarked;
