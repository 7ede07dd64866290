/**
 * What went wrong in answers: hands that may have written them, weighed by a stated model. A cause found in one answer
 * fits it and no more; several answers of one writer together may make it likely.
 */
@NullMarked
package bemble.core.diagnosis;

import org.jspecify.annotations.NullMarked;
