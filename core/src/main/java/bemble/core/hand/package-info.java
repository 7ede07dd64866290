/**
 * Who writes, and what is recorded of it. A method asks a {@link bemble.core.hand.Hand} for every small decision through
 * a {@link bemble.core.hand.Desk}; each {@link bemble.core.hand.Decision} is kept as a value, and marks, sentences,
 * records and roles are read off them afterwards. A slip is a hand over another hand.
 */
@NullMarked
package bemble.core.hand;

import org.jspecify.annotations.NullMarked;
