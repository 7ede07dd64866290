package bemble.core.handwriting;

import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import java.util.random.RandomGenerator;

/**
 * Draws what is printed on a page as a picture, for whoever tries reading without a printer: lines, blocks and the figures of the problems.
 * Other letters and codes are left out; whoever needs those has the PDF.
 */
public final class PrintOnPage {
    private static final int BLACK = 20;
    private static final double FIGURE = 0.7;
    private static final double MIDDLE = 0.36;
    private static final int BENDS = 8;

    private final InkOnPage ink;
    private final PenHand printed;

    /** @param random what its figures are drawn from */
    public PrintOnPage(InkOnPage ink, RandomGenerator random) {
        this.ink = ink;
        this.printed = PenHand.steady(random);
    }

    public void draw(Page page) {
        page.inks().forEach(this::draw);
    }

    private void draw(PageInk each) {
        if (each instanceof PageInk.Line line) {
            ink.line(line.x1(), line.y1(), line.x2(), line.y2(), line.width(), BLACK);
        } else if (each instanceof PageInk.Block block) {
            ink.box(block.left(), block.top(), block.left() + block.side(), block.top() + block.side(), BLACK);
        } else if (each instanceof PageInk.Bend bend) {
            double x = bend.x1();
            double y = bend.y1();
            for (int i = 1; i <= BENDS; i++) {
                double t = i / (double) BENDS;
                double nextX = bent(bend.x1(), bend.towardsX(), bend.x2(), t);
                double nextY = bent(bend.y1(), bend.towardsY(), bend.y2(), t);
                ink.line(x, y, nextX, nextY, bend.width(), BLACK);
                x = nextX;
                y = nextY;
            }
        } else if (each instanceof PageInk.Text text && text.text().length() == 1
                && Character.isDigit(text.text().charAt(0))) {
            ink.write(printed.figure(text.text().charAt(0) - '0', text.x(), text.y() - text.size() * MIDDLE,
                    text.size() * FIGURE), printed);
        }
    }

    private static double bent(double from, double towards, double to, double t) {
        return (1 - t) * (1 - t) * from + 2 * t * (1 - t) * towards + t * t * to;
    }
}
