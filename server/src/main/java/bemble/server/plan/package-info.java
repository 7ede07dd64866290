/** The week's plan of a class: made from its record, changed by hand, turned into sets. */
@NullMarked
package bemble.server.plan;

import org.jspecify.annotations.NullMarked;
