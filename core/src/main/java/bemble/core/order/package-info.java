/**
 * A problem worked on order, with its check and its paper, each made when it is read; and the whole told in words.
 */
package bemble.core.order;
