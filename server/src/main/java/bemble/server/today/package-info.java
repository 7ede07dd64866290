/** What waits today: the day's plan, papers to mark, pupils due, the last problem. */
package bemble.server.today;
