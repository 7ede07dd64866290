/** Hands that decide one kind of thing otherwise. */
package bemble.core.hand.slipped;
