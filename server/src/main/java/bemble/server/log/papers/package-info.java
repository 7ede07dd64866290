/** Papers that are written on: begun, each figure kept, handed in. */
@NullMarked
package bemble.server.log.papers;

import org.jspecify.annotations.NullMarked;
