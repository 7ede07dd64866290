/** Simulated pupils: hands with chances, to try a set on before it is printed, and to measure diagnosis with. */
@NullMarked
package bemble.core.pupil;

import org.jspecify.annotations.NullMarked;
