/**
 * A problem worked on order, with its check and its paper, each made when it is read; and the whole told in words.
 */
@NullMarked
package bemble.core.order;

import org.jspecify.annotations.NullMarked;
