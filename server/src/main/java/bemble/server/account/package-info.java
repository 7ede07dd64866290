/** Who may come in: the first account, sign-in, and how attempts are slowed. */
@NullMarked
package bemble.server.account;

import org.jspecify.annotations.NullMarked;
