package bemble.core.writing;

import bemble.core.working.Anchor;
import bemble.core.working.Spot;
import org.jspecify.annotations.Nullable;

/**
 * A square that somebody can write into.
 *
 * @param toColumn the last column of a number that is written over several squares; else the square's own
 * @param given the figure of the problem that is printed there, or null
 * @param full whether a figure fills it; where not, what is written there is small
 * @param small the part of it that a small figure takes, or null where none goes
 * @param number whether a whole number is written into it, figure by figure
 * @param smallAt where a small figure of its column goes: the place of that square in the paper's list, or null
 * @param name what it is called, such as {@code tens, answer line}
 */
public record Square(Spot spot, int row, int column, int toColumn, @Nullable String given, boolean full,
        @Nullable Anchor small,
        boolean number,
        @Nullable Integer smallAt, String name) {
    /** The same with its number from the left in its name, where its line has no place values to name it by. */
    Square numbered(int number) {
        return new Square(spot, row, column, toColumn, given, full, small, this.number, smallAt, name + ", " + number);
    }

    Square withSmallAt(@Nullable Integer square) {
        return new Square(spot, row, column, toColumn, given, full, small, number, square, name);
    }
}
