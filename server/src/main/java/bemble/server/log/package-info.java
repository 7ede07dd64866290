/** The log of worked problems: kept, searched, tidied, exported and read back in. */
@NullMarked
package bemble.server.log;

import org.jspecify.annotations.NullMarked;
