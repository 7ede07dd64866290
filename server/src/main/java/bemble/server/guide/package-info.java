/** The guide that ships with the application, the same text as in docs/guide. */
@NullMarked
package bemble.server.guide;

import org.jspecify.annotations.NullMarked;
