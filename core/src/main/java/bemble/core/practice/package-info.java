/**
 * Questions drawn to a wish: the features of a problem, what of them is wished, and how such problems are found.
 */
@NullMarked
package bemble.core.practice;

import org.jspecify.annotations.NullMarked;
