package bemble.core.stack;

import bemble.core.working.Spot;
import java.util.List;

/**
 * Where the total of a column is jotted beside a sum.
 *
 * @param at the square of its ones
 * @param stays whether it stays there when the column is done
 * @param least the smallest total that is jotted
 * @param terms what is added one after the other where the total is jotted as it grows, each total to the left of the next; else empty
 */
public record Jot(Spot at, boolean stays, int least, List<Integer> terms) {
    public Jot {
        terms = List.copyOf(terms);
    }
}
