/** Who may come in: the first account, sign-in, and how attempts are slowed. */
package bemble.server.account;
