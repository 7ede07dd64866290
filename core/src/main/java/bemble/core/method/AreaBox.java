package bemble.core.method;

import bemble.core.problem.Numeral;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.math.BigInteger;
import java.util.List;

/**
 * The box of expanded parts: a slot of squares for each part across, a line for each part down.
 *
 * @param columns how many parts there are across
 * @param slot how many squares wide a cell is
 */
record AreaBox(Block block, int columns, int slot, Pen pen) {
    private static final String EDGE = "edge";
    private static final String BELOW = "below";

    /** How wide a cell must be for a number of so many digits, which stand closer there than in squares. */
    static int slotFor(int digits) {
        return 2 + digits / 2;
    }

    /** The parts along the upper edge, the rows, and the line whose upper edge closes the box. */
    void lines(int rows) {
        block.line(EDGE);
        for (int row = 0; row < rows; row++) {
            block.line(line(row));
        }
        block.line(BELOW);
    }

    void draw(List<BigInteger> across, List<BigInteger> down) {
        for (int column = 0; column < columns; column++) {
            write(EDGE, column, across.get(column), Role.GIVEN);
        }
        for (int row = 0; row < down.size(); row++) {
            write(line(row), -1, down.get(row), Role.GIVEN);
            pen.rule(block, line(row), left(0), right(columns - 1));
        }
        pen.rule(block, BELOW, left(0), right(columns - 1));
        for (int column = 0; column <= columns; column++) {
            pen.mark(MarkKind.SIDE, block.at(line(0), left(column)), block.at(line(down.size() - 1), left(column)), "",
                    Role.FRAME, Size.FULL, Anchor.BEFORE);
        }
    }

    void cell(int row, int column, BigInteger product) {
        write(line(row), column, product, Role.WRITTEN);
    }

    /** A row's total, to the right of the box. */
    void total(int row, BigInteger total) {
        write(line(row), columns, total, Role.WRITTEN);
    }

    private void write(String line, int column, BigInteger number, Role role) {
        pen.number(block.at(line, left(column)), block.at(line, right(column)),
                pen.style().number(Numeral.of(number)), role, Size.FULL);
    }

    /** The place of the leftmost square of a column's slot; slots are counted leftwards from the last total. */
    private int left(int column) {
        return (columns - column + 1) * slot - 1;
    }

    private int right(int column) {
        return left(column) - slot + 1;
    }

    private static String line(int row) {
        return "row-" + (row + 1);
    }
}
