/** Work that nobody waits for: its queues, its retries, its jobs, and the page that tells how it stands. */
@NullMarked
package bemble.server.background;

import org.jspecify.annotations.NullMarked;
