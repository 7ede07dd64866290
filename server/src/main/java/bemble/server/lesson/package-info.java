/** Lessons in their order: set out from a rung, a set or a group of the week, changed by hand, walked on the board. */
@NullMarked
package bemble.server.lesson;

import org.jspecify.annotations.NullMarked;
