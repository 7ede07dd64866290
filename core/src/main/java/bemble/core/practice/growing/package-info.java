/** Numbers grown column by column until a problem has what is wished for. */
@NullMarked
package bemble.core.practice.growing;

import org.jspecify.annotations.NullMarked;
