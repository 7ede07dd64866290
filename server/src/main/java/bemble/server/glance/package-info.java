/** What is seen at a glance: a child's steps through time, the facts as squares, where a class stands. */
@NullMarked
package bemble.server.glance;

import org.jspecify.annotations.NullMarked;
