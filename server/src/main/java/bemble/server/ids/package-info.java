/** Ids that must not be taken for one another. */
package bemble.server.ids;
