/** Division digit by digit: long and short, and the paper both stand on. */
@NullMarked
package bemble.core.division.digits;

import org.jspecify.annotations.NullMarked;
