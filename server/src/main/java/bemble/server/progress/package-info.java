/** What each pupil of a class can do, rung by rung, which slips still show, and where the teacher says otherwise. */
@NullMarked
package bemble.server.progress;

import org.jspecify.annotations.NullMarked;
