/** Marks what stands on somebody's paper: reads it with one hand after another, and keeps the one that explains it most cheaply. */
@NullMarked
package bemble.core.marking;

import org.jspecify.annotations.NullMarked;
