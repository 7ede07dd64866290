/** Pictures that stand beside a working and follow its steps. */
@NullMarked
package bemble.core.picture;

import org.jspecify.annotations.NullMarked;
