/** How much a request may bring. */
package bemble.server.limits;
