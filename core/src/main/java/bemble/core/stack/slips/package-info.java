/** Slips of copying and of writing the answer down, the same in every operation. */
package bemble.core.stack.slips;
