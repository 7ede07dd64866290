/** What is asked on a printed page, and what a child may well have answered there. */
@NullMarked
package bemble.core.scan.asked;

import org.jspecify.annotations.NullMarked;
