/** Numbers grown column by column until a problem has what is wished for. */
package bemble.core.practice.growing;
