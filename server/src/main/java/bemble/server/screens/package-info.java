/** A set opened for a class: pupils come in with a code and their name, write, and hand in; the teacher watches. */
@NullMarked
package bemble.server.screens;

import org.jspecify.annotations.NullMarked;
