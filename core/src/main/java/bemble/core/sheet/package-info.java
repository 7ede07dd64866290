/** Marks laid into squares, and the one table of where within a square each kind of mark goes. */
package bemble.core.sheet;
