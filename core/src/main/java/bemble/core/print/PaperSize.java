package bemble.core.print;

import bemble.core.problem.Coded;
import bemble.core.problem.Refusal;
import java.util.stream.Stream;

/** The sheets of paper there are. */
public enum PaperSize implements Coded {
    A4(210, 297),
    LETTER(215.9, 279.4),
    /** Two pages of half the size side by side on one A4, to be cut and glued into books. */
    TWO_A5(297, 210);

    private final double width;
    private final double height;

    PaperSize(double width, double height) {
        this.width = width;
        this.height = height;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    /** @throws Refusal where there is no such paper */
    public static PaperSize of(String id) {
        return Stream.of(values()).filter(paper -> paper.id().equals(id)).findFirst().orElseThrow(
                () -> Refusal.of("layout.paper", "There is no paper “" + id + "”. Choose a4, letter or two-a5."));
    }
}
