/** Practice sets: drawn, kept, changed, printed in versions and read from files. */
@NullMarked
package bemble.server.sets;

import org.jspecify.annotations.NullMarked;
