/** The guide that ships with the application, the same text as in docs/guide. */
package bemble.server.guide;
