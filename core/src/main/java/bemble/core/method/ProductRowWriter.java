package bemble.core.method;

import bemble.core.hand.Hand;
import bemble.core.problem.Numeral;
import bemble.core.record.MultipliedColumn;
import bemble.core.record.ProductRow;
import bemble.core.say.MultiplicationTalk;
import bemble.core.style.CarryPlace;
import bemble.core.style.Placeholder;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Writes the rows of a long multiplication. */
final class ProductRowWriter {
    private final Block block;
    private final Numeral top;
    private final Numeral bottom;
    private final Hand hand;
    private final Pen pen;
    private final MultiplicationTalk talk;
    /** The places of the last row's carries that are not struck yet, and the line they stand in. */
    private final List<Integer> used = new ArrayList<>();
    private CarrySpots usedSpots;
    private String lastLine;
    private boolean ruled;

    ProductRowWriter(Block block, Numeral top, Numeral bottom, Hand hand, Pen pen, MultiplicationTalk talk) {
        this.block = block;
        this.top = top;
        this.bottom = bottom;
        this.hand = hand;
        this.pen = pen;
        this.talk = talk;
    }

    /** The line of the row written last. */
    String lastLine() {
        return lastLine;
    }

    /**
     * Writes the row of one digit of the lower number.
     *
     * @param place the place of that digit
     * @param line the line the row is to stand in
     */
    ProductRow write(int place, int digit, String line) {
        block.line(line);
        lastLine = line;
        int placeholders = writePlaceholders(place, line);
        List<MultipliedColumn> columns = new ArrayList<>();
        CarrySpots spots = carrySpots(place, line);
        int carry = 0;
        for (int i = 0; i <= top.highest(); i++) {
            MultipliedColumn column = column(i, place, placeholders, digit, carry, line, spots);
            columns.add(column);
            carry = column.carryOut();
        }
        usedSpots = spots;
        return new ProductRow(digit, place, value(columns, placeholders), columns);
    }

    /** What the row says: its digits, with the placeholders as zeros in every style. */
    private static String value(List<MultipliedColumn> columns, int placeholders) {
        StringBuilder digits = new StringBuilder("0".repeat(placeholders));
        columns.forEach(column -> digits.insert(0, column.digit()));
        digits.insert(0, columns.get(columns.size() - 1).carryOut());
        return Numeral.of(digits.toString()).plain();
    }

    /**
     * Passes over a row that is 0, or writes it where the style does or nothing else would be written.
     *
     * @param rowsToWrite how many rows of this multiplication are not 0
     */
    ProductRow zeroRow(int place, int digit, String line, int rowsToWrite) {
        List<MultipliedColumn> columns = new ArrayList<>();
        if (digit != 0) {
            for (int i = 0; i <= top.highest(); i++) {
                columns.add(new MultipliedColumn(place + i, 0, 0, 0, 0, 0));
            }
        }
        boolean shown = rowsToWrite == 0 && place == 0 || rowsToWrite > 1 && pen.style().writesZeroRows();
        if (shown) {
            block.line(line);
            lastLine = line;
            pen.step(StepKind.PRODUCT, block, null, talk.zeroRow(top, digit));
            rule(line);
            int last = rowsToWrite == 0 ? 0 : place + top.highest();
            for (int i = last; i >= 0; i--) {
                pen.digit(block.at(line, i), 0, Role.WRITTEN);
            }
        }
        return new ProductRow(digit, place, "0", columns);
    }

    private int writePlaceholders(int place, String line) {
        int count = hand.placeholders(place);
        boolean zeros = pen.style().placeholder() == Placeholder.ZERO || line.equals(Lines.ANSWER);
        if (place == 0) {
            return count;
        }
        pen.step(StepKind.PLACEHOLDER, block, null, talk.placeholders(place, bottom.digit(place), count,
                zeros ? Placeholder.ZERO : pen.style().placeholder()));
        rule(line);
        strikeUsedCarries();
        pen.underline(block.at(LongMultiplication.BOTTOM, place));
        for (int i = count - 1; i >= 0; i--) {
            if (zeros) {
                pen.digit(block.at(line, i), 0, Role.WRITTEN);
            } else if (pen.style().placeholder() == Placeholder.CROSS) {
                pen.sign(block.at(line, i), "×");
            }
        }
        return count;
    }

    private MultipliedColumn column(int i, int place, int placeholders, int digit, int carryIn, String line,
            CarrySpots spots) {
        boolean last = i == top.highest();
        int at = placeholders + i;
        int product = hand.product(digit, top.digit(i));
        int total = hand.withCarry(digit, top.digit(i), product, carryIn);
        pen.step(StepKind.PRODUCT, block, at, talk.product(place + i, digit, top.digit(i), product, carryIn, total));
        rule(line);
        pen.underline(block.at(LongMultiplication.BOTTOM, place));
        pen.underline(block.at(LongMultiplication.TOP, i));
        int written = last ? hand.lastDigit(total) : hand.digit(total);
        int carry = last ? hand.inFront(total) : hand.carry(total);
        pen.figure(StepKind.DIGIT, block, at, last ? talk.last(place + i, total) : talk.digit(place + i, total, written, carry));
        if (last) {
            pen.inFront(block, line, at + 1, carry);
        }
        pen.digit(block.at(line, at), written, Role.WRITTEN);
        if (!last && carry > 0) {
            pen.figure(StepKind.CARRY, block, at, talk.carry(place + i, carry));
            int next = pen.style().carryPlace() == CarryPlace.ABOVE_NEXT ? i + 1 : at + 1;
            spots.write(pen, next, carry);
            used.add(next);
        }
        return new MultipliedColumn(place + i, product, carryIn, total, written, carry);
    }

    /** The carries of a row: above the upper number, each row's higher than the last; else in the row itself. */
    private CarrySpots carrySpots(int place, String line) {
        if (pen.style().carryPlace() != CarryPlace.ABOVE_NEXT) {
            return new CarrySpots(block, line, Anchor.BEFORE_HIGH);
        }
        String carries = "row-carries-" + (place + 1);
        block.lineAbove(usedSpots == null ? LongMultiplication.TOP : usedSpots.line(), carries);
        return new CarrySpots(block, carries, Anchor.LOW);
    }

    private void strikeUsedCarries() {
        if (pen.style().strikesCarries() && usedSpots != null) {
            used.forEach(place -> usedSpots.strike(pen, place));
        }
        used.clear();
    }

    /** The rule under the lower number, drawn with the first row. */
    private void rule(String firstLine) {
        if (!ruled) {
            int left = Math.max(top.highest(), bottom.highest()) + 1;
            pen.mark(MarkKind.RULE, block.at(firstRuleLine(firstLine), left), block.at(firstRuleLine(firstLine), 0), "",
                    Role.FRAME, Size.FULL, Anchor.HIGH);
            ruled = true;
        }
    }

    private String firstRuleLine(String firstLine) {
        return block.lines().contains(Lines.CARRIES) ? Lines.CARRIES : firstLine;
    }
}
