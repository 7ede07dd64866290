/** Adding columns: what is asked, said, written and kept. */
package bemble.core.stack.adding;
