/** What stands between the command and the running server: the data folder, the first words on the terminal, the end. */
@NullMarked
package bemble.server.start;

import org.jspecify.annotations.NullMarked;
