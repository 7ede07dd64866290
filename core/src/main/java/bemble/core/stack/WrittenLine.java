package bemble.core.stack;

import bemble.core.problem.Numeral;

/** What a line reads, gathered while it is written from the right: each square with what stands in it. */
public final class WrittenLine {
    private final StringBuilder digits = new StringBuilder();
    private final int lowest;

    /** @param lowest the place of its last digit */
    public WrittenLine(int lowest) {
        this.lowest = lowest;
    }

    /** Writes what comes next on the left; a square can hold more than one digit. */
    public void put(int figures) {
        if (figures < 10) {
            digits.append((char) ('0' + figures));
        } else {
            digits.append(new StringBuilder(Integer.toString(figures)).reverse());
        }
    }

    /** The number that stands there; 0 where nothing was written. */
    public Numeral read() {
        String text = digits.reverse().toString();
        digits.reverse();
        return text.isEmpty() ? Numeral.ZERO : Numeral.ofDigits(text, Math.max(0, -lowest));
    }
}
