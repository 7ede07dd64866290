/** What stands between the command and the running server: the data folder, the first words on the terminal, the end. */
package bemble.server.start;
