package bemble.core.print;

import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.core.print.ink.Passage.Sense;
import bemble.core.print.ink.Passage;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Pages of headings, sentences and rows, as many as it takes; every page in black on white. */
public final class TextPages {
    private static final double MARGIN = 20;
    private static final double TITLE = 8;
    private static final double HEADING = 5.4;
    private static final double TEXT = 4.4;
    static final double LEADING = 1.42;
    private static final double RULE = 0.3;
    private static final double SQUARE = 6;
    private static final double MOST_OF_A_PAGE = 110;

    private final PaperSize paper = PaperSize.A4;
    private final List<Page> pages = new ArrayList<>();
    private List<PageInk> inks = new ArrayList<>();
    private List<Passage> passages = new ArrayList<>();
    /** What is being set, and from which ink of the page on. */
    private @Nullable Sense sense;
    private int begun;
    private double y = MARGIN;

    private TextPages() {}

    /** One part of a text. */
    public sealed interface Part permits Heading,Paragraph,Row,Gap,Drawing,OwnHand,CutStrip {}

    /** A heading with a line under it. */
    public record Heading(String text) implements Part {}

    /** Sentences. */
    public record Paragraph(String text) implements Part {}

    /**
     * A row of cells.
     *
     * @param widths the share of the line that each cell has
     */
    public record Row(List<String> cells, List<Double> widths) implements Part {}

    /**
     * Somebody's work as it was scanned, in their own hand.
     *
     * @param jpeg its picture
     * @param width how wide the squares in it are together, in millimetres
     * @param height how high
     * @param says what it shows, for who does not see it
     */
    public record OwnHand(byte[] jpeg, double width, double height, String says) implements Part {}

    /** Half a line left empty. */
    public record Gap() implements Part {}

    /** Somebody's work on squares. */
    public record Drawing(OwnWork work) implements Part {}

    /**
     * Lays a text out.
     *
     * @param aside stands small at the right of the title, such as the date
     */
    public static List<Page> of(String title, String aside, List<Part> parts) {
        TextPages pages = new TextPages();
        pages.title(title, aside);
        parts.forEach(pages::add);
        pages.turn();
        return pages.pages;
    }

    private double room() {
        return paper.width() - 2 * MARGIN;
    }

    /** Inks from here on are one passage, or one on each page that they come to. */
    private void begin(Sense next) {
        sense = next;
        begun = inks.size();
    }

    private void end(String says) {
        if (sense != null && begun < inks.size()) {
            passages.add(new Passage(sense, begun, inks.size(), says));
        }
        sense = null;
    }

    private void title(String title, String aside) {
        y += TITLE;
        begin(Sense.TITLE);
        for (String line : Letters.lines(title, TITLE, room() - Letters.width(aside, TEXT))) {
            inks.add(new PageInk.Text(MARGIN, y, TITLE, PageInk.Align.START, true, line));
            y += TITLE * LEADING;
        }
        end("");
        begin(Sense.PARAGRAPH);
        inks.add(new PageInk.Text(paper.width() - MARGIN, MARGIN + TITLE, TEXT, PageInk.Align.END, false, aside));
        end("");
    }

    private void add(Part part) {
        if (part instanceof Heading heading) {
            need(HEADING * 3 + TEXT * LEADING);
            y += HEADING * 1.3;
            begin(Sense.HEADING);
            inks.add(new PageInk.Text(MARGIN, y, HEADING, PageInk.Align.START, true, heading.text()));
            end("");
            inks.add(new PageInk.Line(MARGIN, y + 1.6, paper.width() - MARGIN, y + 1.6, RULE));
            y += HEADING * LEADING + 1;
        } else if (part instanceof Paragraph paragraph) {
            begin(Sense.PARAGRAPH);
            for (String line : Letters.lines(paragraph.text(), TEXT, room())) {
                need(TEXT * LEADING);
                inks.add(new PageInk.Text(MARGIN, y, TEXT, PageInk.Align.START, false, line));
                y += TEXT * LEADING;
            }
            end("");
        } else if (part instanceof Row row) {
            row(row);
        } else if (part instanceof Gap) {
            y += TEXT * LEADING / 2;
        } else if (part instanceof Drawing drawing) {
            panel(drawing.work().draw(room(), SQUARE), Sense.FIGURE, "A working on squares.");
        } else if (part instanceof OwnHand own) {
            double scale = Math.min(1, Math.min(room() / own.width(), MOST_OF_A_PAGE / own.height()));
            double width = own.width() * scale;
            double height = own.height() * scale;
            panel(new Panel(width, height, List.of(new PageInk.Photo(0, 0, width, height, own.jpeg(), own.says()))),
                    Sense.FIGURE, own.says());
        } else if (part instanceof CutStrip strip) {
            panel(strip.draw(room(), TEXT), Sense.PARAGRAPH, "");
        }
    }

    private void panel(Panel panel, Sense shows, String says) {
        need(panel.height() + TEXT);
        begin(shows);
        inks.addAll(panel.at(MARGIN, y - TEXT * 0.6));
        end(says);
        y += panel.height() + TEXT;
    }

    private void row(Row row) {
        List<List<String>> cells = new ArrayList<>();
        for (int i = 0; i < row.cells().size(); i++) {
            cells.add(Letters.lines(row.cells().get(i), TEXT, room() * row.widths().get(i) - 3));
        }
        int lines = cells.stream().mapToInt(List::size).max().orElse(0);
        need(lines * TEXT * LEADING);
        double x = MARGIN;
        for (int i = 0; i < cells.size(); i++) {
            begin(i == 0 ? Sense.FIRST_CELL : Sense.CELL);
            for (int line = 0; line < cells.get(i).size(); line++) {
                inks.add(new PageInk.Text(x, y + line * TEXT * LEADING, TEXT, PageInk.Align.START, false,
                        cells.get(i).get(line)));
            }
            end("");
            x += room() * row.widths().get(i);
        }
        y += lines * TEXT * LEADING;
    }

    private void need(double height) {
        if (y + height > paper.height() - MARGIN) {
            turn();
        }
    }

    private void turn() {
        // What is being set goes on over the page.
        Sense goesOn = sense;
        end("");
        pages.add(new Page(paper.width(), paper.height(), inks, List.of(), passages));
        inks = new ArrayList<>();
        passages = new ArrayList<>();
        sense = goesOn;
        begun = 0;
        y = MARGIN + TEXT;
    }
}
