/** The log as a file: out, and read back in. */
package bemble.server.log.files;
