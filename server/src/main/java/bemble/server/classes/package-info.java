/** Classes and the short names of their pupils. */
@NullMarked
package bemble.server.classes;

import org.jspecify.annotations.NullMarked;
