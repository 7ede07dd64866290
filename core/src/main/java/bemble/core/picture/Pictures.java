package bemble.core.picture;

import bemble.core.division.digits.DivisionRecord;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.root.RootRecord;
import bemble.core.stack.Placed;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import java.math.BigInteger;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Draws the pictures that go with a working; each is computed from the working and stays in step with it. */
public final class Pictures {
    private Pictures() {}

    /** The pictures for the operation, those that do not suit these numbers with the reason why. */
    public static List<Picture> of(Worked worked, HouseStyle style) {
        return PictureKind.of(worked.problem().operation()).stream().map(kind -> draw(kind, worked, style)).toList();
    }

    private static Picture draw(PictureKind kind, Worked worked, HouseStyle style) {
        if (worked.problem().operands().stream().anyMatch(number -> !number.isWhole()) && kind != PictureKind.SQUARE) {
            return Picture.none(kind, "This picture is drawn for whole numbers.");
        }
        Problem problem = worked.problem();
        return switch (kind) {
            case BLOCKS, TEN_FRAMES, EXPANDED, NUMBER_LINE -> inColumns(kind, worked, style);
            case BARS -> new TwoBars((Problem.Subtraction) problem, style).draw(worked);
            case BOX -> new ScaledBox((Problem.Multiplication) problem, worked.record(), style).draw(worked);
            case SHARING, GROUPING -> worked.record() instanceof DivisionRecord record
                    ? new Counters(kind, (Problem.Division) problem, style).draw(worked.working(), record)
                    : otherMethod(kind, worked);
            case SQUARE -> worked.record() instanceof RootRecord record
                    ? new CutSquare(style).draw(worked.working(), record) : otherMethod(kind, worked);
        };
    }

    private static boolean isInColumns(Worked worked) {
        return worked.record() instanceof ColumnRecord || worked.record() instanceof DecompositionRecord;
    }

    /** A picture of what this hand did, column by column, with the numbers as it set them out. */
    private static Picture inColumns(PictureKind kind, Worked worked, HouseStyle style) {
        if (!isInColumns(worked)) {
            return otherMethod(kind, worked);
        }
        List<Integer> places = worked.record() instanceof ColumnRecord record
                ? record.columns().stream().map(AddedColumn::place).toList()
                : ((DecompositionRecord) worked.record()).columns().stream().map(SubtractedColumn::place).toList();
        if (places.isEmpty() || !places.equals(IntStream.range(0, places.size()).boxed().toList())
                || places.size() == 1 && worked.setOut().stream().anyMatch(number -> number.highest() > 0)) {
            return Picture.none(kind,
                    "This hand does not go through the columns from the right, so there is nothing to lay out.");
        }
        if (worked.setOut().stream().anyMatch(number -> number.lowest() < 0)) {
            return Picture.none(kind, "This hand sets a number out beyond the ones, where there are no blocks.");
        }
        List<Numeral> numbers = worked.setOut().stream().map(Pictures::asItStands).toList();
        if (worked.record() instanceof DecompositionRecord) {
            // Who takes away where numbers were to be added takes the smaller from the larger, whichever stands on top.
            numbers = numbers.stream().sorted(Comparator.reverseOrder()).toList();
        }
        return switch (kind) {
            case BLOCKS -> worked.record() instanceof ColumnRecord record
                    ? new AddedBlocks(numbers, record, style).draw(worked.working())
                    : new ExchangedBlocks(numbers.get(0), (DecompositionRecord) worked.record(), style)
                            .draw(worked.working());
            case TEN_FRAMES -> new TenFrames(style).draw(worked);
            case NUMBER_LINE -> new Jumps(numbers, worked.record(), new BigInteger(worked.answer().value()), style)
                    .draw(worked.working());
            default -> new InValues(numbers, style).draw(worked);
        };
    }

    private static Numeral asItStands(Placed number) {
        return Numeral.of(number.number().digits() + "0".repeat(number.shift()));
    }

    private static Picture otherMethod(PictureKind kind, Worked worked) {
        MethodName method = MethodName.of(worked.problem().operation()).get(0);
        if (worked.slip() != null && worked.method().equals(method.id())) {
            return Picture.none(kind, "This hand goes a way of its own, which this picture does not show.");
        }
        String usual = method.label();
        return Picture.none(kind, "This picture goes with the method “" + usual + "”. Choose that method to see it.");
    }
}
