/** A house style: every choice of writing and speaking that a teacher has, each an enum with its words. */
package bemble.core.style;
