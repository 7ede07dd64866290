/** Papers that come in from elsewhere: from screens, from files, from the past. */
@NullMarked
package bemble.server.marking.taken;

import org.jspecify.annotations.NullMarked;
