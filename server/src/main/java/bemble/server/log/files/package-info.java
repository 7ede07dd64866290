/** The log as a file: out, and read back in. */
@NullMarked
package bemble.server.log.files;

import org.jspecify.annotations.NullMarked;
