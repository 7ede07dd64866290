/** A pocket calculator of ten digits that stands in for the real one on a pupil's desk. */
@NullMarked
package bemble.server.calculator;

import org.jspecify.annotations.NullMarked;
