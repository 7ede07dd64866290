package bemble.core.sheet;

import bemble.core.working.Anchor;
import bemble.core.working.MarkKind;
import bemble.core.working.Size;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How marks are drawn, in squares: the one table that the painters on screen and on paper share.
 */
public final class MarkGeometry {
    /** Where in its square a text has its middle, or where it begins. */
    public record TextPlace(double x, double y, boolean begins) {}

    /** A straight line from a point in one square to a point in another. */
    public record Stroke(double fromX, double fromY, double toX, double toY) {}

    /** By how much a text's foot lies under its middle, as a share of its height. */
    public static final double FOOT = 0.36;
    /** How far a stroke through a figure reaches to each side, as a share of the figure's height. */
    public static final double STRIKE_REACH = 0.48;
    /** A figure that begins at its anchor has its middle so far to the right, as a share of the stroke's reach. */
    public static final double STRIKE_SHIFT = 0.6;
    /** How far above its feet an arc is drawn towards. */
    public static final double ARC_RISE = 1.4;
    /** Where the foot of an arc is: low at the lower edge, else just under the upper one. */
    public static final double ARC_LOW = 1;
    public static final double ARC_HIGH = 0.06;
    /** The bracket of a division: where it stands, and how far to the right it is drawn towards. */
    public static final double BRACKET = 1.02;
    public static final double BRACKET_BEND = 0.33;
    public static final double ARROW_HEAD = 0.12;
    /** How far below the first of two rules the second one is. */
    public static final double RULES_APART = 0.1;
    /** How far inside its squares a frame is drawn, and how round a ring is at its ends. */
    public static final double FRAME_INSET = 0.02;
    public static final double RING_RADIUS = 0.5;
    public static final double LABEL_INDENT = 0.1;

    private static final Map<Anchor, TextPlace> ANCHORS = new EnumMap<>(Anchor.class);
    private static final Map<Size, Double> HEIGHTS =
            new EnumMap<>(Map.of(Size.FULL, 0.76, Size.SMALL, 0.42, Size.TINY, 0.32));
    private static final Map<MarkKind, Stroke> STROKES = new EnumMap<>(Map.of(
            MarkKind.RULE, new Stroke(-0.1, 0, 1.1, 0),
            MarkKind.RULE_BELOW, new Stroke(-0.05, 1.02, 1.05, 1.02),
            MarkKind.DOUBLE_RULE, new Stroke(-0.05, 1.02, 1.05, 1.02),
            MarkKind.UNDERLINE, new Stroke(0.14, 0.93, 0.86, 0.93),
            MarkKind.SIDE, new Stroke(0, 0, 0, 1),
            MarkKind.GROUP, new Stroke(1, 0.78, 0.95, 0.98),
            MarkKind.LINE, new Stroke(0.5, 0.95, 0.5, 0.08),
            MarkKind.ARROW, new Stroke(0.5, 0.98, 0.5, 0.06)));

    static {
        ANCHORS.put(Anchor.MIDDLE, new TextPlace(0.5, 0.5, false));
        ANCHORS.put(Anchor.LOW, new TextPlace(0.5, 0.72, false));
        ANCHORS.put(Anchor.HIGH, new TextPlace(0.5, 0.28, false));
        ANCHORS.put(Anchor.BEFORE, new TextPlace(0.05, 0.5, true));
        ANCHORS.put(Anchor.BEFORE_HIGH, new TextPlace(0.03, 0.26, true));
        ANCHORS.put(Anchor.BEFORE_LOW, new TextPlace(0.04, 0.76, true));
        ANCHORS.put(Anchor.AFTER, new TextPlace(1, 0.66, false));
    }

    private MarkGeometry() {}

    public static TextPlace place(Anchor anchor) {
        return Objects.requireNonNull(ANCHORS.get(anchor));
    }

    /** The height of a text. */
    public static double height(Size size) {
        return Objects.requireNonNull(HEIGHTS.get(size));
    }

    /** The straight line that a mark of that kind is, its ends in the squares it goes from and to; null for others. */
    public static @Nullable Stroke stroke(MarkKind kind) {
        return STROKES.get(kind);
    }
}
