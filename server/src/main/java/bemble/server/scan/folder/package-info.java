/** The folder of a school's scanner: what it puts there is read into its pile by itself. */
@NullMarked
package bemble.server.scan.folder;

import org.jspecify.annotations.NullMarked;
