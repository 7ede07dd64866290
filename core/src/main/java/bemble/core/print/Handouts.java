package bemble.core.print;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.TextPages.Gap;
import bemble.core.print.TextPages.Paragraph;
import bemble.core.print.TextPages.Part;
import bemble.core.print.TextPages.Row;
import bemble.core.print.ink.Ink.Align;
import bemble.core.print.ink.Ink;
import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
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
    private static final double INSIDE = 3;
    private static final double TITLE = 4.6;
    private static final double SIGN = 6.4;
    private static final double TEXT = 3.5;
    private static final double LEADING = 1.25;
    private static final double LARGEST_SQUARE = 6;
    private static final double DASH = 2;
    private static final double FINE = 0.2;
    private static final List<Double> CELLS = List.of(0.2, 0.3, 0.5);

    private final double width = (PaperSize.A4.width() - 2 * MARGIN) / ACROSS;
    private final double height = (PaperSize.A4.height() - 2 * MARGIN) / DOWN;

    private Handouts() {}

    /** A page of bookmarks to cut out: the steps of an operation as this house works it, and an example worked so. */
    public static Page bookmarks(Problem example, HouseStyle style) {
        Handouts sheet = new Handouts();
        List<Ink> bookmark = sheet.bookmark(example, style);
        List<Ink> inks = new ArrayList<>();
        for (int i = 0; i < ACROSS * DOWN; i++) {
            double x = MARGIN + i % ACROSS * sheet.width;
            double y = MARGIN + (double) (i / ACROSS) * sheet.height;
            bookmark.forEach(ink -> inks.add(ink.placed(1, x, y)));
        }
        for (int i = 0; i <= ACROSS; i++) {
            dashed(inks, MARGIN + i * sheet.width, MARGIN, 0, DOWN * sheet.height);
        }
        for (int i = 0; i <= DOWN; i++) {
            dashed(inks, MARGIN, MARGIN + i * sheet.height, ACROSS * sheet.width, 0);
        }
        return new Page(PaperSize.A4.width(), PaperSize.A4.height(), inks);
    }

    private static void dashed(List<Ink> inks, double x, double y, double right, double down) {
        double length = right + down;
        for (double from = 0; from < length; from += 2 * DASH) {
            double to = Math.min(from + DASH, length);
            inks.add(new Ink.Line(x + right * from / length, y + down * from / length, x + right * to / length,
                    y + down * to / length, FINE));
        }
    }

    private List<Ink> bookmark(Problem example, HouseStyle style) {
        Operation operation = example.operation();
        List<Ink> inks = new ArrayList<>();
        double foot = INSIDE + TITLE;
        inks.add(new Ink.Text(width / 2, foot, TITLE, Align.MIDDLE, true, operation.title()));
        foot += INSIDE;
        double beside = INSIDE + Letters.width("×2", SIGN) + INSIDE / 2;
        for (Reminder step : MethodSteps.of(style.method(operation), style)) {
            List<String> lines = Letters.lines(step.says(), TEXT, width - beside - INSIDE);
            inks.add(new Ink.Text(INSIDE, foot + SIGN, SIGN, Align.START, true, step.sign()));
            double line = foot + SIGN * 0.8;
            for (String text : lines) {
                inks.add(new Ink.Text(beside, line, TEXT, Align.START, false, text));
                line += TEXT * LEADING;
            }
            foot = Math.max(foot + SIGN, line - TEXT) + INSIDE;
        }
        inks.addAll(worked(example, style, foot));
        return inks;
    }

    /** A sum worked in this house style, in the middle of what is left of the bookmark. */
    private List<Ink> worked(Problem problem, HouseStyle style, double top) {
        Worked worked = Worked.from(new WorkOrder(problem, null, style, null));
        SheetView view = SheetView.after(worked, worked.working().lastOfWork());
        SheetView.Area area = view.area();
        double side = Math.min(LARGEST_SQUARE, Math.min((width - 2 * INSIDE) / area.columns(),
                (height - top - INSIDE) / area.rows()));
        Panel panel = view.draw(side);
        return panel.at((width - panel.width()) / 2, height - INSIDE - panel.height());
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
