package bemble.core.print;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.TextPages.Gap;
import bemble.core.print.TextPages.Paragraph;
import bemble.core.print.TextPages.Part;
import bemble.core.print.TextPages.Row;
import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk.Align;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.words.KeyWord;
import bemble.core.words.MethodSteps.Reminder;
import bemble.core.words.MethodSteps;
import java.util.ArrayList;
import java.util.List;

/** What children keep beside their work: the steps of a method on a bookmark, and the words that questions are told with. */
public final class Handouts {
    private static final double MARGIN = 12;
    private static final int ACROSS = 4;
    private static final int DOWN = 2;
    private static final double WIDTH = (PaperSize.A4.width() - 2 * MARGIN) / ACROSS;
    private static final double HEIGHT = (PaperSize.A4.height() - 2 * MARGIN) / DOWN;
    private static final double INSIDE = 3;
    private static final double TITLE = 4.6;
    private static final double SIGN = 6.4;
    private static final double TEXT = 3.5;
    private static final double LEADING = 1.25;
    private static final double LARGEST_SQUARE = 6;
    private static final double FINE = 0.2;
    private static final List<Double> CELLS = List.of(0.2, 0.3, 0.5);

    private Handouts() {}

    /** A page of bookmarks to cut out: the steps of an operation as this house works it, and an example worked so. */
    public static Page bookmarks(Problem example, HouseStyle style) {
        List<PageInk> bookmark = bookmark(example, style);
        List<PageInk> inks = new ArrayList<>();
        for (int i = 0; i < ACROSS * DOWN; i++) {
            double x = MARGIN + i % ACROSS * WIDTH;
            double y = MARGIN + (double) (i / ACROSS) * HEIGHT;
            bookmark.forEach(ink -> inks.add(ink.placed(1, x, y)));
        }
        for (int i = 0; i <= ACROSS; i++) {
            double x = MARGIN + i * WIDTH;
            inks.addAll(PageInk.dashed(x, MARGIN, x, MARGIN + DOWN * HEIGHT, FINE));
        }
        for (int i = 0; i <= DOWN; i++) {
            double y = MARGIN + i * HEIGHT;
            inks.addAll(PageInk.dashed(MARGIN, y, MARGIN + ACROSS * WIDTH, y, FINE));
        }
        return new Page(PaperSize.A4.width(), PaperSize.A4.height(), inks);
    }

    private static List<PageInk> bookmark(Problem example, HouseStyle style) {
        Operation operation = example.operation();
        List<PageInk> inks = new ArrayList<>();
        double foot = INSIDE + TITLE;
        inks.add(new PageInk.Text(WIDTH / 2, foot, TITLE, Align.MIDDLE, true, operation.title()));
        foot += INSIDE;
        double beside = INSIDE + Letters.width("×2", SIGN) + INSIDE / 2;
        for (Reminder step : MethodSteps.of(style.method(operation), style)) {
            List<String> lines = Letters.lines(step.says(), TEXT, WIDTH - beside - INSIDE);
            inks.add(new PageInk.Text(INSIDE, foot + SIGN, SIGN, Align.START, true, step.sign()));
            double line = foot + SIGN * 0.8;
            for (String text : lines) {
                inks.add(new PageInk.Text(beside, line, TEXT, Align.START, false, text));
                line += TEXT * LEADING;
            }
            foot = Math.max(foot + SIGN, line - TEXT) + INSIDE;
        }
        inks.addAll(worked(example, style, foot));
        return inks;
    }

    /** A sum worked in this house style, in the middle of what is left of the bookmark. */
    private static List<PageInk> worked(Problem problem, HouseStyle style, double top) {
        Worked worked = Worked.from(new WorkOrder(problem, null, style, null));
        SheetView view = SheetView.after(worked, worked.working().lastOfWork());
        SheetView.Area area = view.area();
        double side = Math.min(LARGEST_SQUARE, Math.min((WIDTH - 2 * INSIDE) / area.columns(),
                (HEIGHT - top - INSIDE) / area.rows()));
        Panel panel = view.draw(side);
        return panel.at((WIDTH - panel.width()) / 2, HEIGHT - INSIDE - panel.height());
    }

    /** The words that questions are told with: what each can mean, and where it misleads. */
    public static List<Page> keyWords() {
        List<Part> parts = new ArrayList<>();
        parts.add(new Paragraph(
                "No word says by itself what is to be done. See what happens in the question, draw it, and only then choose "
                        + "+, −, × or ÷."));
        parts.add(new Gap());
        parts.add(new Row(List.of("It says", "It can mean", "But be careful"), CELLS));
        for (KeyWord word : KeyWord.ALL) {
            parts.add(new Gap());
            parts.add(new Row(List.of(word.word(), word.means(), word.careful()), CELLS));
        }
        return TextPages.of("Words in questions", "", parts);
    }
}
