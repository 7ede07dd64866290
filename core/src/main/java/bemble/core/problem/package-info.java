/** What is to be worked: numbers as they are typed, problems read from a line, and why one cannot be worked. */
@NullMarked
package bemble.core.problem;

import org.jspecify.annotations.NullMarked;
