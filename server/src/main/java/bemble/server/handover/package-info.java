/** What is done with all of a class or a pupil: lists and records in and out, moving on, and deleting for good. */
@NullMarked
package bemble.server.handover;

import org.jspecify.annotations.NullMarked;
