/** What a pupil can do, rung by rung, worked out from marked answers by a stated rule; which slips still show, and which fade. */
@NullMarked
package bemble.core.progress;

import org.jspecify.annotations.NullMarked;
