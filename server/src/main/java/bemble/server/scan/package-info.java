/** Filled pages brought in from a scanner or a phone: taken apart, read behind the screens, confirmed, taken into their pile. */
@NullMarked
package bemble.server.scan;

import org.jspecify.annotations.NullMarked;
