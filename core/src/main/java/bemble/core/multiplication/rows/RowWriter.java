package bemble.core.multiplication.rows;

import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.multiplication.product.Product;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.problem.Numeral;
import bemble.core.stack.Digit;
import bemble.core.stack.Placed;
import bemble.core.stack.WrittenLine;
import bemble.core.stack.adding.Carry;
import bemble.core.stack.adding.CarrySpots;
import bemble.core.stack.adding.InFront;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.option.Placeholder;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Writes the rows of a long multiplication. Long by a few lines: a row is written from its first product to its last carry here. */
final class RowWriter {
    private final Block block;
    private final Numeral top;
    private final Numeral bottom;
    private final Desk desk;
    private final int rowsToWrite;
    /** The last row's carries that are not struck yet, each with its column, and the line they stand in. */
    private final List<int[]> used = new ArrayList<>();
    /** What was carried into each column of the upper number, in the row before and in this one. */
    private Map<Integer, Integer> before = Map.of();
    private Map<Integer, Integer> now = new HashMap<>();
    private @Nullable CarrySpots usedSpots;
    /** The first line of carries that stands below the rows, with the lower rule above it; null where there is none. */
    private @Nullable Line below;
    private @Nullable Line lastLine;
    private boolean ruled;
    private int written;
    private int rowsThere;
    /** The places of the zeros of the lower number that got no row since the last one. */
    private final List<Integer> skipped = new ArrayList<>();

    /** @param rowsToWrite how many rows of this multiplication are not 0 */
    RowWriter(ProductPaper paper, Desk desk, int rowsToWrite) {
        this.block = paper.block();
        this.top = paper.top();
        this.bottom = paper.bottom();
        this.desk = desk;
        this.rowsToWrite = rowsToWrite;
    }

    /** A row with the stretch of its decisions at the desk, for its record. */
    record Row(int digit, int place, Numeral value, int emptyPlaces, Desk desk, int from, int to,
            int columnsOfNothing) {
        /** The row as it stands: places that were left empty are none of its digits. */
        Placed placed() {
            String digits = value.digits();
            return emptyPlaces == 0 || digits.length() <= emptyPlaces ? new Placed(value, 0)
                    : new Placed(Numeral.of(digits.substring(0, digits.length() - emptyPlaces)), emptyPlaces);
        }

        ProductRow record() {
            List<MultipliedColumn> columns = new ArrayList<>();
            for (int i = 0; i < columnsOfNothing; i++) {
                columns.add(new MultipliedColumn(place + i, 0, 0, 0, 0, 0));
            }
            columns.addAll(RowWriter.columns(desk.decisions(from, to)));
            return new ProductRow(digit, place, value.plain(), columns);
        }
    }

    /** The columns of a row, read off its decisions. */
    static List<MultipliedColumn> columns(List<Decision<?>> decisions) {
        List<MultipliedColumn> columns = new ArrayList<>();
        WithCarry column = null;
        int total = 0;
        int digit = 0;
        int out = 0;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof WithCarry next) {
                if (column != null) {
                    columns.add(new MultipliedColumn(column.place(), column.product(), column.carryIn(), total, digit,
                            out));
                }
                column = next;
                total = (Integer) decision.decided();
                out = 0;
            } else if (decision.asked() instanceof Digit) {
                digit = (Integer) decision.decided();
            } else if (decision.asked() instanceof Carry || decision.asked() instanceof InFront) {
                out = (Integer) decision.decided();
            }
        }
        if (column != null) {
            columns.add(new MultipliedColumn(column.place(), column.product(), column.carryIn(), total, digit, out));
        }
        return columns;
    }

    /** How many rows stand there, those of zeros too. */
    int rowsThere() {
        return rowsThere;
    }

    /** The line of the row written last. */
    Line lastLine() {
        return Objects.requireNonNull(lastLine);
    }

    /**
     * Writes the row of one digit of the lower number.
     *
     * @param place the place of that digit
     * @param line the line the row is to stand in
     */
    Row write(int place, Line line) {
        int from = desk.mark();
        putLine(line);
        int factor = bottom.digit(place);
        int placeholders = placeholders(place, line);
        CarrySpots spots = carrySpots(place, line);
        WrittenLine row = new WrittenLine(0);
        for (int i = 0; i < placeholders; i++) {
            row.put(0);
        }
        int carry = 0;
        for (int i = 0; i <= top.highest(); i++) {
            carry = column(i, place, placeholders, factor, carry, line, spots, row);
        }
        usedSpots = spots;
        before = now;
        now = new HashMap<>();
        written++;
        rowsThere++;
        // What the first row leaves empty nobody fills: the sum has a 0 there all the same.
        boolean filled = style(line) == Placeholder.ZERO || written == 1;
        return new Row(factor, place, row.read(), filled ? 0 : placeholders, desk, from, desk.mark(), 0);
    }

    /** Passes over a row that is 0, or writes it where the style does or nothing else would be written. */
    Row zeroRow(int place, Line line) {
        int digit = bottom.digit(place);
        boolean shown = rowsToWrite == 0 && place == 0 || rowsToWrite > 1 && desk.style().writesZeroRows();
        int from = desk.mark();
        if (shown) {
            putLine(line);
            desk.step(StepKind.PRODUCT, block, null, said -> RowWords.zeroRow(said, digit, top));
            rule(line);
            desk.ask(new RowOfZeros(block, line, rowsToWrite == 0 ? 1 : place + top.length(), true));
            rowsThere++;
        } else if (digit == 0) {
            skipped.add(place);
        }
        return new Row(digit, place, Numeral.ZERO, 0, desk, from, from, digit == 0 ? 0 : top.length());
    }

    /** What is written into the empty places of that line: an answer is always filled with zeros. */
    private Placeholder style(Line line) {
        return line.equals(Line.ANSWER) ? Placeholder.ZERO : desk.style().placeholder();
    }

    private int placeholders(int place, Line line) {
        Placeholder kind = style(line);
        if (place > 0) {
            boolean strikes = strikesUsedCarries();
            List<Integer> without = List.copyOf(skipped);
            desk.step(StepKind.PLACEHOLDER, block, null, said -> RowWords.placeholders(said, strikes, without));
            skipped.clear();
            rule(line);
            strikeUsedCarries();
            desk.underline(block.at(ProductPaper.BOTTOM, place));
        }
        return desk.ask(new Placeholders(block, line, place, bottom.digit(place), top, kind, written));
    }

    private int column(int i, int place, int placeholders, int factor, int carryIn, Line line,
            @Nullable CarrySpots spots,
            WrittenLine row) {
        boolean last = i == top.highest();
        int at = placeholders + i;
        int worth = place + i;
        desk.step(StepKind.PRODUCT, block, at, RowWords::product);
        rule(line);
        if (desk.draws()) {
            desk.underline(block.at(ProductPaper.BOTTOM, place));
            desk.underline(block.at(ProductPaper.TOP, i));
        }
        int product = desk.ask(new Product(worth, place, factor, top.digit(i)));
        int total = desk.ask(new WithCarry(worth, factor, top.digit(i), product, carryIn,
                before.getOrDefault(i, 0), last));
        if (last) {
            desk.figure(StepKind.DIGIT, block, at, bottom.length() == 1 ? RowWords.last(worth)
                    : RowWords.last(worth, top, Numeral.of(factor + "0".repeat(place)), row::read));
            int inFront = desk.ask(new InFront(block.at(line, at + 1), total, 0, true));
            row.put(desk.ask(new Digit(block.at(line, at), total, true, false, true)));
            if (inFront > 0) {
                row.put(inFront);
            }
            return inFront;
        }
        return Carry.written(desk, () -> {
            desk.figure(StepKind.DIGIT, block, at, RowWords.digit(worth));
            row.put(desk.ask(new Digit(block.at(line, at), total, false, false, true)));
        }, () -> carry(i, at, worth, total, carryIn, spots));
    }

    private int carry(int i, int at, int worth, int total, int carryIn, @Nullable CarrySpots spots) {
        int next = desk.carriesStand(CarryPlace.ABOVE_NEXT) ? i + 1 : at + 1;
        int carry = desk.ask(new Carry(spots, worth, next, total, carryIn, 0, true));
        if (carry > 0) {
            boolean over =
                    spots != null && RowCarrySpots.haveTheirLine(spots) && desk.carriesStand(CarryPlace.ABOVE_NEXT)
                            && top.has(next);
            Integer figure = over ? top.digit(next) : null;
            desk.figureOfLast(StepKind.CARRY, block, at, said -> RowWords.carry(said, figure));
            used.add(new int[] {next, carry});
            now.put(i + 1, carry);
        }
        return carry;
    }

    private void putLine(Line line) {
        if (below == null) {
            block.line(line);
        } else {
            block.lineAbove(below, line);
        }
        lastLine = line;
    }

    private @Nullable CarrySpots carrySpots(int place, Line line) {
        CarrySpots spots = new RowCarrySpots(block, desk).of(place + 1, line, usedSpots);
        if (below == null && spots != null && RowCarrySpots.areBelow(desk.style().carryPlace(), spots)) {
            below = spots.line();
        }
        return spots;
    }

    /** The line over which the lower rule is drawn, and room for the carries of the sum above it. */
    Line lowerRule() {
        if (below == null) {
            return Line.ANSWER;
        }
        block.lineAbove(below, Line.ON_RULE);
        return below;
    }

    private boolean strikesUsedCarries() {
        return desk.style().strikesCarries() && usedSpots != null && !used.isEmpty();
    }

    private void strikeUsedCarries() {
        CarrySpots spots = usedSpots;
        if (spots != null && strikesUsedCarries()) {
            used.forEach(carry -> spots.strike(carry[0], carry[1], desk));
        }
        used.clear();
    }

    /** The rule under the lower number, drawn with the first row. */
    private void rule(Line firstLine) {
        if (!ruled) {
            Line line = block.lines().contains(Line.CARRIES) ? Line.CARRIES : firstLine;
            desk.rule(block, line, Math.max(top.highest(), bottom.highest()) + 1, 0);
            ruled = true;
        }
    }
}
