/** A week's plan for a class: what comes next for whom, on which day, and which wishes could not be met. */
package bemble.core.plan;
