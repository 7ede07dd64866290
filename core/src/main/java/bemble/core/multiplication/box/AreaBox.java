package bemble.core.multiplication.box;

import bemble.core.hand.Desk;
import bemble.core.hand.Ink;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * The box of the parts of two numbers: a slot of squares for each part across, a line for each part down.
 *
 * @param usual how many parts are across where each digit makes one: whoever takes more goes further to the right
 * @param columns how many parts there are across; the rows' totals stand behind them
 * @param slot how many squares wide a cell is
 */
record AreaBox(Block block, int usual, int columns, int slot, HouseStyle style) {
    static final Line EDGE = Line.of(Line.Kind.EDGE);

    /** How wide a cell must be for a number of so many digits, which stand closer there than in squares. */
    static int slotFor(int digits) {
        return 1 + (digits + 1) / 2;
    }

    /** The same box with so many parts across. */
    AreaBox across(int parts) {
        return new AreaBox(block, usual, parts, slot, style);
    }

    /** The parts along the upper edge, the rows, and the line whose upper edge closes the box. */
    void lines(int rows) {
        block.line(EDGE);
        for (int row = 0; row <= rows; row++) {
            block.line(line(row));
        }
    }

    void draw(int rows, Desk desk) {
        for (int row = 0; row < rows; row++) {
            desk.rule(block, line(row), left(0), right(columns - 1));
        }
        desk.rule(block, line(rows), left(0), right(columns - 1));
        for (int column = 0; column <= columns; column++) {
            desk.draw(MarkKind.SIDE, block.at(line(0), left(column)), block.at(line(rows - 1), left(column)), "",
                    Role.FRAME, Size.FULL, Anchor.BEFORE);
        }
    }

    /** A part along the upper edge, or down the side. */
    void edge(boolean across, int i, BigInteger part, Ink ink) {
        if (across) {
            write(EDGE, i, part, Role.GIVEN, ink);
        } else {
            write(line(i), -1, part, Role.GIVEN, ink);
        }
    }

    void cell(int row, int column, BigInteger product, Ink ink) {
        write(line(row), column, product, Role.WRITTEN, ink);
    }

    /** A row's total, to the right of the box. */
    void total(int row, BigInteger total, Ink ink) {
        write(line(row), columns, total, Role.WRITTEN, ink);
    }

    /** What somebody has written into a cell, or null. */
    @Nullable
    BigInteger read(Reading paper, int row, int column) {
        return read(paper, spot(line(row), column));
    }

    /** The part that somebody has written along the upper edge, or down the side, or null. */
    @Nullable
    BigInteger readEdge(Reading paper, boolean across, int i) {
        return read(paper, across ? spot(EDGE, i) : spot(line(i), -1));
    }

    private static @Nullable BigInteger read(Reading paper, Spot spot) {
        String text = paper.at(spot, Anchor.MIDDLE);
        String digits = text == null ? "" : text.replaceAll("[^0-9]", "");
        return digits.isEmpty() || digits.length() > 90 ? null : new BigInteger(digits);
    }

    private Spot spot(Line line, int column) {
        return block.at(line, left(column));
    }

    private void write(Line line, int column, BigInteger number, Role role, Ink ink) {
        ink.number(spot(line, column), block.at(line, right(column)), style.number(Numeral.of(number)), role,
                Size.FULL);
    }

    /** The place of the leftmost square of a column's slot; slots are counted leftwards from the usual totals. */
    private int left(int column) {
        return (usual - column + 1) * slot - 1;
    }

    private int right(int column) {
        return left(column) - slot + 1;
    }

    private static Line line(int row) {
        return Line.of(Line.Kind.ROW, row + 1);
    }
}
