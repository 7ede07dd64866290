/** The square root: its methods, words, record and slips. */
@NullMarked
package bemble.core.root;

import org.jspecify.annotations.NullMarked;
