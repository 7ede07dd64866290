/** Addition: its methods, words, records and slips. */
@NullMarked
package bemble.core.addition;

import org.jspecify.annotations.NullMarked;
