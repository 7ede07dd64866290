/** A teacher's words for places, counts and carries, in the house style; what all operations say alike. */
@NullMarked
package bemble.core.words;

import org.jspecify.annotations.NullMarked;
