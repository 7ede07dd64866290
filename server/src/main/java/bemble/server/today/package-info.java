/** What waits today: the day's plan, papers to mark, pupils due, the last problem. */
@NullMarked
package bemble.server.today;

import org.jspecify.annotations.NullMarked;
