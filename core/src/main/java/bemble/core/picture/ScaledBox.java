package bemble.core.picture;

import bemble.core.hand.WorkRecord;
import bemble.core.multiplication.box.AreaRecord;
import bemble.core.multiplication.box.Expanded;
import bemble.core.multiplication.crosswise.CrosswiseRecord;
import bemble.core.multiplication.rows.LongMultiplicationRecord;
import bemble.core.multiplication.rows.ProductRow;
import bemble.core.order.Worked;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.style.HouseStyle;
import bemble.core.working.Part;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The product as the area of a box whose sides are the two numbers, cut into their parts, all to one scale. */
final class ScaledBox {
    private static final double LONG_SIDE = 60;
    private static final double LEAST_PART = 1.2;
    private static final double LETTER = 3;

    private final HouseStyle style;
    private final WorkRecord record;
    private final Numeral width;
    private final Numeral height;
    private final List<BigInteger> across;
    private final List<BigInteger> down;
    private final double unit;
    private final Easel easel = new Easel(PictureKind.BOX);

    /** Where two parts meet, by which of theirs they are. */
    private record Cell(int column, int row) {}

    /** What a product of the working fills: cells, and what this hand makes of them together. */
    private record Filled(List<Cell> cells, BigInteger made) {}

    ScaledBox(Multiplication problem, WorkRecord record, HouseStyle style) {
        this.record = record;
        this.style = style;
        Numeral first = problem.multiplicand();
        Numeral second = problem.multiplier();
        if (record instanceof LongMultiplicationRecord rows) {
            // The numbers as this hand has them, in the order of the problem.
            boolean turned = !rows.top().equals(first.plain()) && rows.bottom().equals(first.plain());
            first = Numeral.of(turned ? rows.bottom() : rows.top());
            second = Numeral.of(turned ? rows.top() : rows.bottom());
        }
        this.width = first;
        this.height = second;
        this.across = record instanceof AreaRecord parts ? numbers(parts.across()) : Expanded.of(width);
        this.down = record instanceof AreaRecord parts ? numbers(parts.down()) : Expanded.of(height);
        this.unit = LONG_SIDE
                / Math.max(1, Math.max(width.value().doubleValue(), height.value().doubleValue()));
    }

    private static List<BigInteger> numbers(List<String> texts) {
        return texts.stream().map(BigInteger::new).toList();
    }

    Picture draw(Worked worked) {
        boolean drawable = across.stream().allMatch(this::canBeSeen) && down.stream().allMatch(this::canBeSeen);
        if (!drawable) {
            return Picture.none(PictureKind.BOX, "Drawn to scale, one part of the box would be thinner than a line. "
                    + "It can be seen for numbers of up to two digits that are not too unlike.");
        }
        List<Step> steps = worked.working().steps().stream().filter(step -> step.part() == Part.WORK).toList();
        List<Filled> filled = filled();
        int products = 0;
        boolean adding = false;
        for (Step step : steps) {
            adding |= step.kind() == StepKind.SET_OUT && step.n() > 1;
            boolean product = step.kind() == StepKind.PRODUCT
                    || step.kind() == StepKind.COLUMN && !adding && !(record instanceof AreaRecord);
            if (product && products < filled.size() && !adding) {
                products++;
            }
            frame(step, filled.subList(0, products), product && !adding);
        }
        return easel.picture();
    }

    private boolean canBeSeen(BigInteger part) {
        return part.doubleValue() * unit >= LEAST_PART;
    }

    /** The cells that each product of the working fills, with what this hand makes of them. */
    private List<Filled> filled() {
        List<Filled> filled = new ArrayList<>();
        if (record instanceof AreaRecord area) {
            for (int row = 0; row < down.size(); row++) {
                for (int column = 0; column < across.size(); column++) {
                    filled.add(new Filled(List.of(new Cell(column, row)),
                            new BigInteger(area.cells().get(row).get(column))));
                }
            }
        } else if (record instanceof CrosswiseRecord crosswise) {
            crosswise.columns().forEach(column -> filled.add(new Filled(cellsAt(column.place()),
                    value(column.sum(), column.place()))));
        } else if (record instanceof LongMultiplicationRecord rows) {
            rows.rows().forEach(row -> filled.addAll(filled(row, Numeral.of(rows.top()))));
        }
        return filled;
    }

    private List<Filled> filled(ProductRow row, Numeral top) {
        if (row.columns().isEmpty()) {
            return List.of(new Filled(List.of(), BigInteger.ZERO));
        }
        boolean turned = !top.equals(width);
        BigInteger below = value(row.digit(), row.place());
        return row.columns().stream().map(column -> {
            int place = column.place() - row.place();
            BigInteger above = value(top.digit(place), place);
            Cell cell = new Cell(across.indexOf(turned ? below : above), down.indexOf(turned ? above : below));
            return new Filled(cell.column() < 0 || cell.row() < 0 ? List.of() : List.of(cell),
                    value(column.product(), column.place()));
        }).toList();
    }

    private BigInteger product(Cell cell) {
        return across.get(cell.column()).multiply(down.get(cell.row()));
    }

    private static BigInteger value(int digit, int place) {
        return BigInteger.TEN.pow(place).multiply(BigInteger.valueOf(digit));
    }

    /** The cells whose products land in a place. */
    private List<Cell> cellsAt(int place) {
        List<Cell> cells = new ArrayList<>();
        for (int column = 0; column < across.size(); column++) {
            for (int row = 0; row < down.size(); row++) {
                if (across.get(column).toString().length() + down.get(row).toString().length() - 2 == place) {
                    cells.add(new Cell(column, row));
                }
            }
        }
        return cells;
    }

    private void frame(Step step, List<Filled> filled, boolean fresh) {
        Map<Cell, BigInteger> known = new HashMap<>();
        for (Filled each : filled) {
            // What several cells make together is in none of them alone.
            each.cells().forEach(cell -> known.put(cell, each.cells().size() == 1 ? each.made() : product(cell)));
        }
        Filled newest =
                fresh && !filled.isEmpty() ? filled.get(filled.size() - 1) : new Filled(List.of(), BigInteger.ZERO);
        double top = LETTER * 1.6;
        double left = 2 + height.length() * LETTER * 0.6;
        double x = left;
        for (int column = 0; column < across.size(); column++) {
            BigInteger part = across.get(column);
            double wide = part.doubleValue() * unit;
            easel.text("across " + key(across, column), x + wide / 2, top - 1, letters(wide, part), text(part),
                    Tone.PLAIN);
            double y = top;
            for (int row = 0; row < down.size(); row++) {
                double high = down.get(row).doubleValue() * unit;
                Cell cell = new Cell(column, row);
                BigInteger made = known.get(cell);
                easel.area("cell " + key(across, column) + " " + key(down, row), x, y, wide, high,
                        made == null ? "" : text(made),
                        Math.min(letters(wide, made == null ? product(cell) : made),
                                Math.max(high * 0.8, Easel.LEAST_LETTER)),
                        newest.cells().contains(cell) ? Tone.FRESH : made != null ? Tone.PLAIN : Tone.FAINT);
                y += high;
            }
            x += wide;
        }
        double y = top;
        for (int row = 0; row < down.size(); row++) {
            double high = down.get(row).doubleValue() * unit;
            easel.text("down " + key(down, row), left / 2, y + high / 2 + LETTER * 0.35, LETTER, text(down.get(row)),
                    Tone.PLAIN);
            y += high;
        }
        easel.frame(step.n(), "A box " + style.number(width) + " wide and " + style.number(height)
                + " high, cut into parts." + (newest.cells().isEmpty() ? "" : " Now: " + words(newest) + "."));
    }

    private static String key(List<BigInteger> parts, int index) {
        BigInteger part = parts.get(index);
        return parts.indexOf(part) == index ? part.toString() : part + " again " + index;
    }

    private String words(Filled filled) {
        String products = String.join(", ", filled.cells().stream().map(cell -> text(across.get(cell.column())) + " × "
                + text(down.get(cell.row())) + " = " + text(product(cell))).toList());
        BigInteger careful = filled.cells().stream().map(this::product).reduce(BigInteger.ZERO, BigInteger::add);
        return filled.made().equals(careful) ? products
                : products + "; this hand makes " + text(filled.made()) + " of "
                        + (filled.cells().size() == 1 ? "it" : "them");
    }

    /** Letters as large as fit into a width. */
    private static double letters(double width, BigInteger number) {
        return Math.max(Easel.LEAST_LETTER, Easel.letter(LETTER, width, number.toString()));
    }

    private String text(BigInteger number) {
        return style.number(Numeral.of(number));
    }
}
