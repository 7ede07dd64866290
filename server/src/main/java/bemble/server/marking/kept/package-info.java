/** What stands on the papers of a class: piles and answers as they are stored. */
@NullMarked
package bemble.server.marking.kept;

import org.jspecify.annotations.NullMarked;
