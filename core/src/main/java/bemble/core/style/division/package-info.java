/** What is chosen of the writing of divisions and roots. */
@NullMarked
package bemble.core.style.division;

import org.jspecify.annotations.NullMarked;
