/** One entry of the log as it is stored. */
@NullMarked
package bemble.server.log.entry;

import org.jspecify.annotations.NullMarked;
