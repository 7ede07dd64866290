/** Estimates over HTTP. */
package bemble.server.estimate;
