/** Problems worked over HTTP, with all that helps to follow them. */
@NullMarked
package bemble.server.work;

import org.jspecify.annotations.NullMarked;
