/** Pages for others: for a talk with parents, for the head, for a day's stand-in, and for colleagues who judge work together. */
@NullMarked
package bemble.server.reports;

import org.jspecify.annotations.NullMarked;
