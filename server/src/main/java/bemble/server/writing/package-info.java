/** Writing on the paper: the paper to write on, marking what stands there, a nudge; open to everybody, storing nothing. */
@NullMarked
package bemble.server.writing;

import org.jspecify.annotations.NullMarked;
