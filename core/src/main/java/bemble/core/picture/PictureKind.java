package bemble.core.picture;

import bemble.core.problem.Coded;
import bemble.core.problem.Operation;
import java.util.List;

/** The pictures there are. */
public enum PictureKind implements Coded {
    BLOCKS("Blocks"),
    TEN_FRAMES("Ten frames"),
    EXPANDED("In values"),
    NUMBER_LINE("Number line"),
    BARS("Two bars"),
    BOX("Box to scale"),
    SHARING("Sharing out"),
    GROUPING("Making groups"),
    SQUARE("Square");

    private final String label;

    PictureKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Those that can help with an operation. */
    public static List<PictureKind> of(Operation operation) {
        return switch (operation) {
            case ADDITION -> List.of(BLOCKS, TEN_FRAMES, EXPANDED, NUMBER_LINE);
            case SUBTRACTION -> List.of(BLOCKS, TEN_FRAMES, EXPANDED, NUMBER_LINE, BARS);
            case MULTIPLICATION -> List.of(BOX);
            case DIVISION -> List.of(SHARING, GROUPING);
            case SQUARE_ROOT -> List.of(SQUARE);
        };
    }
}
