/** The papers of a class marked, mostly by exception, and what they show. */
@NullMarked
package bemble.server.marking;

import org.jspecify.annotations.NullMarked;
