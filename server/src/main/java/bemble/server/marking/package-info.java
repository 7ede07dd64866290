/** The papers of a class marked, mostly by exception, and what they show. */
package bemble.server.marking;
