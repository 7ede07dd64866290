/** The log of worked problems: kept, searched, tidied, exported and read back in. */
package bemble.server.log;
