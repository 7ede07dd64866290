/** The words there are to choose from, and how slowly they are said. */
@NullMarked
package bemble.core.style.word;

import org.jspecify.annotations.NullMarked;
