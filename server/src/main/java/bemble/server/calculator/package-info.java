/** A pocket calculator of ten digits that stands in for the real one on a pupil's desk. */
package bemble.server.calculator;
