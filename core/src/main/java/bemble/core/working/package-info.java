/**
 * A working as it stands on paper: blocks of lines, spots, marks with their roles, and steps that are spoken when
 * read.
 */
@NullMarked
package bemble.core.working;

import org.jspecify.annotations.NullMarked;
