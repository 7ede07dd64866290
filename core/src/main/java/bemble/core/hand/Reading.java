package bemble.core.hand;

import bemble.core.working.Anchor;
import bemble.core.working.Spot;

/** Somebody's paper, read square by square. */
public interface Reading {
    /** What stands at that anchor of a square, or null. */
    String at(Spot spot, Anchor anchor);

    /** The digit in the middle of a square, or null where nothing or something else stands there. */
    default Integer digit(Spot spot) {
        return number(spot, Anchor.MIDDLE);
    }

    /** The number at that anchor, or null. */
    default Integer number(Spot spot, Anchor anchor) {
        String text = at(spot, anchor);
        return text != null && text.matches("[0-9]{1,6}") ? Integer.valueOf(text) : null;
    }
}
