/** One entry of the log as it is stored. */
package bemble.server.log.entry;
