/** The application, put together of its features. */
@NullMarked
package bemble.server;

import org.jspecify.annotations.NullMarked;
