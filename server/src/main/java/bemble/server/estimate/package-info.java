/** Estimates over HTTP. */
@NullMarked
package bemble.server.estimate;

import org.jspecify.annotations.NullMarked;
