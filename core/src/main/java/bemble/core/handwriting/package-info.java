/** Figures as pens draw them: the forms people write, hands that write them in their own way, and their ink on a page. */
@NullMarked
package bemble.core.handwriting;

import org.jspecify.annotations.NullMarked;
