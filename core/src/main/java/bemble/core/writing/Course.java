package bemble.core.writing;

import java.util.List;

/**
 * A line of squares along which a pen goes on while figures are written into it. It is known from what is given and how one
 * writes, never from what is right there.
 *
 * @param squares the line's squares in the order in which they are written, by their place in the paper's list
 * @param start where in that list one begins to write
 * @param span how many squares from there on a right figure can reach at the widest
 * @param under whether one begins under the first figure of the line above
 * @param home whether one comes back to this line again and again, as to a quotient
 * @param back whether one comes back to that line after this one
 * @param step the step of the working with which the line is begun
 */
public record Course(List<Integer> squares, int start, int span, boolean under, boolean home, boolean back, int step) {
    public Course {
        squares = List.copyOf(squares);
    }
}
