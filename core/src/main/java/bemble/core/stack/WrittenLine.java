package bemble.core.stack;

import bemble.core.problem.Numeral;

/** What a line reads, gathered while it is written from the right: each square with what stands in it. */
public final class WrittenLine {
    private final StringBuilder digits = new StringBuilder();
    private int lowest;
    private int squares;
    private int point;
    /** Digits that stand behind the point beside others in one square. */
    private int crowded;

    /** @param lowest the place of its last digit */
    public WrittenLine(int lowest) {
        this.lowest = lowest;
    }

    /** Writes what comes next on the left; a square can hold more than one digit. */
    public void put(int figures) {
        if (figures < 10) {
            digits.append((char) ('0' + figures));
        } else {
            String both = Integer.toString(figures);
            digits.append(new StringBuilder(both).reverse());
            crowded += lowest + squares < 0 ? both.length() - 1 : 0;
        }
        squares++;
    }

    /** The point is written after another place than the ones, or nowhere. */
    public void pointAfter(int place) {
        point = place;
    }

    /** Leaves the next square empty: decimals end further left for it where nothing stands yet. */
    public void leaveEmpty() {
        if (digits.length() == 0 && lowest < 0) {
            lowest++;
        }
    }

    /** The number that stands there; 0 where nothing was written. */
    public Numeral read() {
        String text = digits.reverse().toString();
        digits.reverse();
        int decimals = point == PointGoes.NOWHERE ? 0 : Math.max(0, Math.max(0, -lowest) + crowded + point);
        return text.isEmpty() ? Numeral.ZERO : Numeral.ofDigits(text, Math.min(decimals, text.length() - 1));
    }
}
