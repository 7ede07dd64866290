package bemble.core.picture;

import bemble.core.division.digits.DivisionRecord;
import bemble.core.order.Worked;
import bemble.core.problem.Problem;
import bemble.core.root.RootRecord;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.exchange.DecompositionRecord;
import java.util.List;

/** Draws the pictures that go with a working; each is computed from the working and stays in step with it. */
public final class Pictures {
    private Pictures() {}

    /** The pictures for the operation, those that do not suit these numbers with the reason why. */
    public static List<Picture> of(Worked worked, HouseStyle style) {
        return PictureKind.of(worked.problem().operation()).stream().map(kind -> draw(kind, worked, style)).toList();
    }

    private static Picture draw(PictureKind kind, Worked worked, HouseStyle style) {
        if (worked.slip() != null) {
            return Picture.none(kind, "A picture goes with the right working only. Put the mistake right first.");
        }
        if (worked.problem().operands().stream().anyMatch(number -> !number.isWhole()) && kind != PictureKind.SQUARE) {
            return Picture.none(kind, "This picture is drawn for whole numbers.");
        }
        Problem problem = worked.problem();
        return switch (kind) {
            case BLOCKS -> worked.record() instanceof ColumnRecord record
                    ? new AddedBlocks(problem, record, style).draw(worked.working())
                    : worked.record() instanceof DecompositionRecord record
                            ? new ExchangedBlocks(problem, record, style).draw(worked.working())
                            : otherMethod(kind, worked);
            case TEN_FRAMES -> worked.record() instanceof ColumnRecord || worked.record() instanceof DecompositionRecord
                    ? new TenFrames(style).draw(worked) : otherMethod(kind, worked);
            case EXPANDED -> worked.record() instanceof ColumnRecord || worked.record() instanceof DecompositionRecord
                    ? new InValues(problem, style).draw(worked) : otherMethod(kind, worked);
            case NUMBER_LINE -> worked.record() instanceof ColumnRecord
                    || worked.record() instanceof DecompositionRecord
                            ? new Jumps(problem, style).draw(worked.working()) : otherMethod(kind, worked);
            case BARS -> new TwoBars((Problem.Subtraction) problem, style).draw(worked);
            case BOX -> new ScaledBox((Problem.Multiplication) problem, style).draw(worked);
            case SHARING, GROUPING -> worked.record() instanceof DivisionRecord record
                    ? new Counters(kind, (Problem.Division) problem, style).draw(worked.working(), record)
                    : otherMethod(kind, worked);
            case SQUARE -> new CutSquare(style).draw(worked.working(), (RootRecord) worked.record());
        };
    }

    private static Picture otherMethod(PictureKind kind, Worked worked) {
        String usual = MethodName.of(worked.problem().operation()).get(0).label();
        return Picture.none(kind, "This picture goes with the method “" + usual + "”. Choose that method to see it.");
    }
}
