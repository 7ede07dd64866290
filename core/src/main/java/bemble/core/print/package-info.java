/** Questions laid out on pages in black ink; measures are millimetres from the upper left. */
package bemble.core.print;
