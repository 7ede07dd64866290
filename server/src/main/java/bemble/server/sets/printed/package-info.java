/** What was printed: frozen under its code, made as PDF in the background, found again. */
package bemble.server.sets.printed;
