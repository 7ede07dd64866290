/**
 * Numbers standing under each other in columns, and adding them: what more than one operation sets out and works, with its
 * questions, words and record.
 */
@NullMarked
package bemble.core.stack;

import org.jspecify.annotations.NullMarked;
