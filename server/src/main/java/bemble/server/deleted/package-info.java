/** What a teacher has deleted in the last month, to be brought back one by one; each feature brings back its own. */
@NullMarked
package bemble.server.deleted;

import org.jspecify.annotations.NullMarked;
