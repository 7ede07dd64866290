/** Pages written as PDF and SVG, with the fonts that ship. */
@NullMarked
package bemble.server.print;

import org.jspecify.annotations.NullMarked;
