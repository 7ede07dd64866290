/** What pupils wrote on paper, copied by their teacher square by square into a pile: for who has no scanner. */
@NullMarked
package bemble.server.copied;

import org.jspecify.annotations.NullMarked;
