/** What was printed: frozen under its code, made as PDF in the background, found again. */
@NullMarked
package bemble.server.sets.printed;

import org.jspecify.annotations.NullMarked;
