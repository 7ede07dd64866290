/** Division: the slips and rules of all its methods. */
@NullMarked
package bemble.core.division;

import org.jspecify.annotations.NullMarked;
