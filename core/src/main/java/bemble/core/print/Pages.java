package bemble.core.print;

import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk.Align;
import bemble.core.print.ink.PageInk;
import bemble.core.scan.PageCode;
import bemble.core.scan.PageMarks;
import bemble.core.scan.ReadField;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/** Lays a print out on its pages, question after question, column after column. */
public final class Pages {
    private static final double MARGIN = 15;
    private static final double GUTTER = 6;
    private static final double BETWEEN = 5;

    private final PrintOrder order;
    private final double width;
    private final double height;
    private final double columnWidth;
    private final double bottom;
    private final List<List<PageInk>> pages = new ArrayList<>();
    private final List<List<ReadField>> fields = new ArrayList<>();
    private int column;
    private double y;

    private Pages(PrintOrder order) {
        this.order = order;
        PaperSize paper = order.layout().paper();
        this.width = paper == PaperSize.TWO_A5 ? paper.width() / 2 : paper.width();
        this.height = paper.height();
        int columns = order.layout().columns();
        this.columnWidth = (width - 2 * MARGIN - (columns - 1) * GUTTER) / columns;
        this.bottom = height - (order.isToBeRead() ? PageMarks.foot() : MARGIN + order.layout().letter() * 1.5);
    }

    /** The pages of a print. */
    public static List<Page> of(PrintOrder order) {
        return of(order, done -> {});
    }

    /** @param progress is told after each question how many are done; it may stop the work by throwing */
    public static List<Page> of(PrintOrder order, IntConsumer progress) {
        Pages pages = new Pages(order);
        QuestionPanel panels = new QuestionPanel(order, pages.columnWidth);
        pages.turn();
        int done = 0;
        for (PrintQuestion question : order.questions()) {
            panels.draw(question).forEach(pages::place);
            pages.y += BETWEEN;
            progress.accept(++done);
        }
        return pages.finished();
    }

    /** One question alone, on a page no larger than it needs. */
    public static Page single(PrintOrder order, int number) {
        PrintQuestion question = order.questions().get(number - 1);
        List<PageInk> inks = new ArrayList<>();
        double width = new Pages(order).columnWidth;
        double y = BETWEEN;
        for (Panel panel : new QuestionPanel(order, width).draw(question)) {
            inks.addAll(panel.at(BETWEEN, y));
            y += panel.height();
        }
        return new Page(width + 2 * BETWEEN, y + BETWEEN, inks);
    }

    private void place(Panel panel) {
        boolean fresh = y <= top();
        if (y + panel.height() > bottom && !fresh) {
            nextColumn();
        }
        double scale = (bottom - top()) / panel.height();
        // A question longer than a page is drawn smaller, so that nothing falls off it.
        Panel fitting = scale < 1 ? panel.scaled(scale) : panel;
        pages.get(pages.size() - 1).addAll(fitting.at(left(), y));
        fields.get(fields.size() - 1).addAll(fitting.fieldsAt(left(), y));
        y += fitting.height();
    }

    private double left() {
        return MARGIN + column * (columnWidth + GUTTER);
    }

    private double top() {
        return MARGIN + order.layout().letter() * (hasNameLine() ? 4.2 : 2.2);
    }

    private boolean hasNameLine() {
        return order.layout().nameLine() && order.kind() == PrintKind.QUESTIONS;
    }

    private void nextColumn() {
        if (++column == order.layout().columns()) {
            turn();
        }
        y = top();
    }

    /** A new page with its head and its code. */
    private void turn() {
        double letter = order.layout().letter();
        List<PageInk> inks = new ArrayList<>();
        String title =
                order.kind() == PrintKind.QUESTIONS ? order.title() : order.title() + " – " + order.kind().title();
        double room = width - 2 * MARGIN - Letters.width(order.code(), letter) - GUTTER;
        inks.add(new PageInk.Text(MARGIN, MARGIN + letter, letter, Align.START, true,
                Letters.lines(title, letter, room).stream().findFirst().orElse("")));
        inks.add(new PageInk.Text(width - MARGIN, MARGIN + letter, letter, Align.END, false, order.code()));
        if (hasNameLine()) {
            double foot = MARGIN + letter * 3;
            double half = (width - 2 * MARGIN) * 0.6;
            inks.add(new PageInk.Text(MARGIN, foot, letter, Align.START, false, "Name"));
            inks.add(new PageInk.Line(MARGIN + Letters.width("Name ", letter), foot + 0.5, MARGIN + half, foot + 0.5,
                    0.2));
            inks.add(new PageInk.Text(MARGIN + Letters.width("Name ", letter) + 1, foot, letter, Align.START, true,
                    order.name()));
            inks.add(new PageInk.Text(MARGIN + half + 4, foot, letter, Align.START, false, "Date"));
            inks.add(new PageInk.Line(MARGIN + half + 4 + Letters.width("Date ", letter), foot + 0.5, width - MARGIN,
                    foot + 0.5, 0.2));
        }
        pages.add(inks);
        fields.add(new ArrayList<>());
        if (order.isToBeRead()) {
            inks.addAll(marks());
        }
        inks.add(new PageInk.Text(width / 2, height - MARGIN, letter * 0.8, Align.MIDDLE, false, "" + pages.size()));
        column = 0;
        y = top();
    }

    /** What the page is found and known by when it comes back filled. */
    private List<PageInk> marks() {
        PageMarks where = new PageMarks(width, height);
        List<PageInk> marks = new ArrayList<>();
        for (int corner = 0; corner < PageMarks.CORNERS; corner++) {
            PageMarks.Place middle = where.corner(corner);
            marks.add(new PageInk.Block(middle.x() - PageMarks.MARK / 2, middle.y() - PageMarks.MARK / 2,
                    PageMarks.MARK));
        }
        marks.add(new PageInk.Code(where.codeLeft(), where.codeTop(), PageMarks.CODE,
                new PageCode(order.code(), pages.size(), order.pupil()).text()));
        return marks;
    }

    private List<Page> finished() {
        if (order.layout().paper() != PaperSize.TWO_A5) {
            return IntStream.range(0, pages.size())
                    .mapToObj(i -> new Page(width, height, pages.get(i), fields.get(i))).toList();
        }
        List<Page> sheets = new ArrayList<>();
        for (int i = 0; i < pages.size(); i += 2) {
            List<PageInk> inks = new ArrayList<>(pages.get(i));
            if (i + 1 < pages.size()) {
                inks.addAll(new Panel(width, height, pages.get(i + 1)).at(width, 0));
            }
            inks.add(new PageInk.Line(width, 0, width, height, 0.1));
            sheets.add(new Page(2 * width, height, inks));
        }
        return sheets;
    }
}
