/** A week's plan for a class: what comes next for whom, on which day, and which wishes could not be met. */
@NullMarked
package bemble.core.plan;

import org.jspecify.annotations.NullMarked;
