/** Checks: an answer is checked by another sum, really worked by the same methods at the same desk. */
package bemble.core.check;
