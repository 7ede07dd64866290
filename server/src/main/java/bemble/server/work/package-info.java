/** Problems worked over HTTP, with all that helps to follow them. */
package bemble.server.work;
