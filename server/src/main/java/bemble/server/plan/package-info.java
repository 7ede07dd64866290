/** The week's plan of a class: made from its record, changed by hand, turned into sets. */
package bemble.server.plan;
