/** Division by partial quotients: easy lots until none fits. */
@NullMarked
package bemble.core.division.chunks;

import org.jspecify.annotations.NullMarked;
