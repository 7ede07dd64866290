/** What is drawn on a page, in millimetres, and how wide its letters are. */
@NullMarked
package bemble.core.print.ink;

import org.jspecify.annotations.NullMarked;
