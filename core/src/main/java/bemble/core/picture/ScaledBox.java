package bemble.core.picture;

import bemble.core.multiplication.box.AreaRecord;
import bemble.core.multiplication.box.Expanded;
import bemble.core.multiplication.crosswise.CrosswiseRecord;
import bemble.core.multiplication.rows.LongMultiplicationRecord;
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
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The product as the area of a box whose sides are the two numbers, cut into their parts, all to one scale. */
final class ScaledBox {
    private static final double LONG_SIDE = 60;
    private static final double LEAST_PART = 1.2;
    private static final double LETTER = 3;

    private final Multiplication problem;
    private final HouseStyle style;
    private final List<BigInteger> across;
    private final List<BigInteger> down;
    private final double unit;
    private final Easel easel = new Easel(PictureKind.BOX);

    private record Cell(BigInteger across, BigInteger down) {}

    ScaledBox(Multiplication problem, HouseStyle style) {
        this.problem = problem;
        this.style = style;
        this.across = Expanded.of(problem.multiplicand());
        this.down = Expanded.of(problem.multiplier());
        this.unit = LONG_SIDE / Math.max(1, Math.max(problem.multiplicand().value().doubleValue(),
                problem.multiplier().value().doubleValue()));
    }

    Picture draw(Worked worked) {
        boolean drawable = across.stream().allMatch(this::canBeSeen) && down.stream().allMatch(this::canBeSeen);
        if (!drawable) {
            return Picture.none(PictureKind.BOX, "Drawn to scale, one part of the box would be thinner than a line. "
                    + "It can be seen for numbers of up to two digits that are not too unlike.");
        }
        List<Step> steps = worked.working().steps().stream().filter(step -> step.part() == Part.WORK).toList();
        List<List<Cell>> filled = filled(worked);
        int products = 0;
        boolean adding = false;
        for (Step step : steps) {
            adding |= step.kind() == StepKind.SET_OUT && step.n() > 1;
            boolean product = step.kind() == StepKind.PRODUCT
                    || step.kind() == StepKind.COLUMN && !adding && !(worked.record() instanceof AreaRecord);
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

    /** The cells that each product of the working fills. */
    private List<List<Cell>> filled(Worked worked) {
        List<List<Cell>> filled = new ArrayList<>();
        if (worked.record() instanceof AreaRecord) {
            down.forEach(part -> across.forEach(other -> filled.add(List.of(new Cell(other, part)))));
        } else if (worked.record() instanceof CrosswiseRecord record) {
            record.columns().forEach(column -> filled.add(cellsAt(column.place())));
        } else if (worked.record() instanceof LongMultiplicationRecord record) {
            boolean turned = !record.top().equals(problem.multiplicand().plain());
            record.rows().forEach(row -> {
                if (row.columns().isEmpty()) {
                    filled.add(List.of());
                }
                row.columns().forEach(column -> {
                    Numeral top = Numeral.of(record.top());
                    BigInteger above = value(top.digit(column.place() - row.place()), column.place() - row.place());
                    BigInteger below = value(row.digit(), row.place());
                    filled.add(above.signum() == 0 ? List.of()
                            : List.of(turned ? new Cell(below, above) : new Cell(above, below)));
                });
            });
        }
        return filled;
    }

    private static BigInteger value(int digit, int place) {
        return BigInteger.TEN.pow(place).multiply(BigInteger.valueOf(digit));
    }

    /** The cells whose products land in a place. */
    private List<Cell> cellsAt(int place) {
        return across.stream().flatMap(a -> down.stream()
                .filter(b -> a.toString().length() + b.toString().length() - 2 == place).map(b -> new Cell(a, b)))
                .toList();
    }

    private void frame(Step step, List<List<Cell>> filled, boolean fresh) {
        Set<Cell> known = new HashSet<>();
        filled.forEach(known::addAll);
        List<Cell> newest = fresh && !filled.isEmpty() ? filled.get(filled.size() - 1) : List.of();
        double top = LETTER * 1.6;
        double left = 2 + problem.multiplier().length() * LETTER * 0.6;
        double x = left;
        for (BigInteger a : across) {
            double width = a.doubleValue() * unit;
            easel.text("across " + a, x + width / 2, top - 1, letters(width, a), text(a), Tone.PLAIN);
            double y = top;
            for (BigInteger b : down) {
                double height = b.doubleValue() * unit;
                Cell cell = new Cell(a, b);
                easel.area("cell " + a + " " + b, x, y, width, height, known.contains(cell) ? text(a.multiply(b)) : "",
                        Math.min(letters(width, a.multiply(b)), Math.max(height * 0.8, 1.2)),
                        newest.contains(cell) ? Tone.FRESH : known.contains(cell) ? Tone.PLAIN : Tone.FAINT);
                y += height;
            }
            x += width;
        }
        double y = top;
        for (BigInteger b : down) {
            double height = b.doubleValue() * unit;
            easel.text("down " + b, left / 2, y + height / 2 + LETTER * 0.35, LETTER, text(b), Tone.PLAIN);
            y += height;
        }
        String sought = newest.isEmpty() ? "" : " Now: " + String.join(", ", newest.stream()
                .map(cell -> text(cell.across()) + " × " + text(cell.down()) + " = "
                        + text(cell.across().multiply(cell.down())))
                .toList()) + ".";
        easel.frame(step.n(), "A box " + style.number(problem.multiplicand()) + " wide and "
                + style.number(problem.multiplier()) + " high, cut into parts." + sought);
    }

    /** Letters as large as fit into a width. */
    private static double letters(double width, BigInteger number) {
        return Math.min(LETTER, Math.max(1.2, width / (0.62 * number.toString().length())));
    }

    private String text(BigInteger number) {
        return style.number(Numeral.of(number));
    }
}
