/** Ids that must not be taken for one another. */
@NullMarked
package bemble.server.ids;

import org.jspecify.annotations.NullMarked;
