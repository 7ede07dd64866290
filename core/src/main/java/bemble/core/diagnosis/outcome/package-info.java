/** What may be in a writer's mind, and what the known hands come to in a question. */
@NullMarked
package bemble.core.diagnosis.outcome;

import org.jspecify.annotations.NullMarked;
