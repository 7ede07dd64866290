/** What is said to each child about a sheet: made from their answers, or the teacher's own words. */
@NullMarked
package bemble.server.marking.feedback;

import org.jspecify.annotations.NullMarked;
