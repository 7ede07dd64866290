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
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Draws the pictures that go with a working; each is computed from the working and stays in step with it. */
public final class Pictures {
    /** Pictures that are drawn from what a hand decided in each column, whether it was right or not. */
    private static final Set<PictureKind> SHOWS_SLIPS =
            Set.of(PictureKind.BLOCKS, PictureKind.TEN_FRAMES, PictureKind.EXPANDED);

    private Pictures() {}

    /** The pictures for the operation, those that do not suit these numbers with the reason why. */
    public static List<Picture> of(Worked worked, HouseStyle style) {
        return PictureKind.of(worked.problem().operation()).stream().map(kind -> draw(kind, worked, style)).toList();
    }

    private static Picture draw(PictureKind kind, Worked worked, HouseStyle style) {
        if (worked.slip() != null && !SHOWS_SLIPS.contains(kind)) {
            return Picture.none(kind, "This picture goes with the right working only. Put the mistake right first.");
        }
        if (worked.problem().operands().stream().anyMatch(number -> !number.isWhole()) && kind != PictureKind.SQUARE) {
            return Picture.none(kind, "This picture is drawn for whole numbers.");
        }
        Problem problem = worked.problem();
        return switch (kind) {
            case BLOCKS, TEN_FRAMES, EXPANDED -> inColumns(kind, worked, style);
            case NUMBER_LINE -> isInColumns(worked) ? new Jumps(problem, style).draw(worked.working())
                    : otherMethod(kind, worked);
            case BARS -> new TwoBars((Problem.Subtraction) problem, style).draw(worked);
            case BOX -> new ScaledBox((Problem.Multiplication) problem, style).draw(worked);
            case SHARING, GROUPING -> worked.record() instanceof DivisionRecord record
                    ? new Counters(kind, (Problem.Division) problem, style).draw(worked.working(), record)
                    : otherMethod(kind, worked);
            case SQUARE -> new CutSquare(style).draw(worked.working(), (RootRecord) worked.record());
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
            default -> new InValues(numbers, style).draw(worked);
        };
    }

    private static Numeral asItStands(Placed number) {
        return Numeral.of(number.number().digits() + "0".repeat(number.shift()));
    }

    private static Picture otherMethod(PictureKind kind, Worked worked) {
        String usual = MethodName.of(worked.problem().operation()).get(0).label();
        return Picture.none(kind, "This picture goes with the method “" + usual + "”. Choose that method to see it.");
    }
}
