package bemble.core.words;

import bemble.core.style.HouseStyle;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Part;
import bemble.core.working.Spot;
import java.util.Set;

/** What the squares of a paper are called, for whoever does not see them. */
public final class LineNames {
    /** Blocks whose squares are slots in a row and no place-value columns. */
    private static final Set<BlockName.Kind> SLOTS =
            Set.of(BlockName.Kind.BOX, BlockName.Kind.LINE, BlockName.Kind.TOTALS);

    private final Words words;

    public LineNames(HouseStyle style) {
        this.words = new Words(style);
    }

    /** Such as {@code tens, answer line}, {@code sum 2, tens, row 1} or {@code check, product, ones, row 2}. */
    public String of(Spot spot) {
        BlockName block = spot.block().name();
        StringBuilder name = new StringBuilder(block.part() == Part.CHECK ? "check, " : "");
        if (block.number() > 1) {
            name.append(block.kind().id()).append(' ').append(block.number()).append(", ");
        } else if (block.part() == Part.CHECK) {
            name.append(block.kind().id()).append(", ");
        }
        return name.append(isSlot(spot) ? "" : words.places(spot.place()) + ", ").append(ofLine(block, spot.line()))
                .toString();
    }

    /** Whether its place is only the next one in a row, and no place value. */
    public static boolean isSlot(Spot spot) {
        return SLOTS.contains(spot.block().name().kind());
    }

    /** Such as {@code answer line} or {@code row 2}. */
    public static String ofLine(BlockName block, Line line) {
        return switch (block.kind()) {
            case DIVISORS -> "divisor, " + line(line);
            case CHUNKS -> line.is(Line.Kind.PRODUCT) ? "part " + line.number() + " of the quotient" : line(line);
            default -> line(line);
        };
    }

    private static String line(Line line) {
        return switch (line.kind()) {
            case ANSWER -> "answer line";
            case CARRIES -> "line of small figures";
            case ON_RULE -> "on the rule";
            case UNDER -> "under the answer";
            case TOP -> "upper number";
            case BOTTOM -> "lower number";
            case EDGE -> "edge of the box";
            case TICKS -> "stop";
            case SIZES -> "jump";
            case ROW_CARRIES -> "small figures of row " + line.number();
            case ADDEND -> "row " + line.number();
            case EXCHANGED -> "exchanged above " + line.number();
            case PRODUCT -> "product " + line.number();
            case DIFFERENCE -> "what is left " + line.number();
            case ROW -> "box, row " + line.number();
            case TOTAL -> "total beside " + line.number();
            default -> line.id();
        };
    }
}
