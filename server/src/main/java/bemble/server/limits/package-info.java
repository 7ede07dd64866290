/** How much a request may bring. */
@NullMarked
package bemble.server.limits;

import org.jspecify.annotations.NullMarked;
