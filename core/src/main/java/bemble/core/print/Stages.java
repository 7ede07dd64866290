package bemble.core.print;

import bemble.core.order.Worked;
import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk.Align;
import bemble.core.print.ink.PageInk;
import bemble.core.sheet.SheetMark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The stages of a working side by side, each on a small paper with what is new in it marked: for the wall, or for a child who was away.
 * On a second page they stand in another order, to be numbered.
 */
public final class Stages {
    private static final int MOST = 9;
    private static final double MARGIN = 14;
    private static final double HEAD = 12;
    private static final double GAP = 6;
    private static final double LETTER = 4;
    private static final int MOST_LINES = 7;
    private static final double LARGEST_SQUARE = 12;
    private static final int MOST_ACROSS = 3;
    private static final double CORNER = 2;
    private static final double SMALL = LETTER * 0.8;
    private static final double LEADING = SMALL * 1.25;
    /** Where a paper begins below the head of its cell, with room for the arcs above its first row. */
    private static final double TOP = CORNER + 2 * LETTER + CORNER;
    private static final double FINE = 0.25;
    private static final double NEW = 0.6;

    private final Worked worked;
    private final List<Step> stages;
    /** What of the sheet is drawn: all that stands there after the last stage. */
    private final SheetView.Area area;
    private final int across;
    private final double side;

    private Stages(Worked worked) {
        this.worked = worked;
        List<Step> steps = worked.working().steps().stream().filter(step -> step.part() == Part.WORK).toList();
        this.stages = chosen(steps);
        this.area = SheetView.after(worked, stages.get(stages.size() - 1).n()).area();
        this.across = IntStream.rangeClosed(1, MOST_ACROSS).boxed().max(Comparator.comparing(this::side)).orElseThrow();
        this.side = side(across);
    }

    private double cellWidth(int columns) {
        return (PaperSize.A4.width() - 2 * MARGIN - (columns - 1) * GAP) / columns;
    }

    private double cellHeight(int columns) {
        int down = (stages.size() + columns - 1) / columns;
        return (PaperSize.A4.height() - 2 * MARGIN - HEAD - (down - 1) * GAP) / down;
    }

    /** The side of a square where so many papers lie side by side: as large as all papers can have it. */
    private double side(int columns) {
        double words =
                stages.stream().mapToInt(stage -> says(stage, cellWidth(columns)).size()).max().orElse(0) * LEADING;
        return Math.min(LARGEST_SQUARE, Math.min((cellWidth(columns) - 2 * CORNER) / area.columns(),
                (cellHeight(columns) - TOP - words - 2 * CORNER) / area.rows()));
    }

    /** What is said at a stage, in lines; nothing where it is too long for its cell. */
    private static List<String> says(Step stage, double cellWidth) {
        List<String> lines = Letters.lines(stage.spoken().say(), SMALL, cellWidth - 2 * CORNER);
        return lines.size() <= MOST_LINES ? lines : List.of();
    }

    /** The stages in order with what is said at each, and the same mixed up, with a box for the number of each. */
    public static List<Page> pages(Worked worked) {
        Stages stages = new Stages(worked);
        List<Integer> order = stages.order();
        List<Integer> mixed = new ArrayList<>(order);
        Random random = new Random(worked.problem().text().hashCode());
        while (mixed.equals(order) && order.size() > 1) {
            Collections.shuffle(mixed, random);
        }
        return List.of(stages.page(stages.title(), order, true),
                stages.page(worked.style().problem(worked.problem()) + ": which comes first? Number the papers.", mixed,
                        false));
    }

    /** The stages in order, for a pupil who was not there when it was shown. */
    public static Page of(Worked worked, String name) {
        Stages stages = new Stages(worked);
        return stages.page(name + ": " + stages.title(), stages.order(), true);
    }

    private List<Integer> order() {
        return IntStream.range(0, stages.size()).boxed().toList();
    }

    private String title() {
        return worked.style().problem(worked.problem()) + ", step by step";
    }

    /** All steps, or of many the first, the last and those that lie evenly between. */
    private static List<Step> chosen(List<Step> steps) {
        Set<Step> chosen = new LinkedHashSet<>();
        for (int i = 0; i < Math.min(MOST, steps.size()); i++) {
            chosen.add(steps.get(steps.size() <= MOST ? i : i * (steps.size() - 1) / (MOST - 1)));
        }
        return List.copyOf(chosen);
    }

    private Page page(String title, List<Integer> order, boolean told) {
        List<PageInk> inks = new ArrayList<>();
        inks.add(new PageInk.Text(MARGIN, MARGIN + LETTER, LETTER * 1.3, Align.START, true, title));
        for (int i = 0; i < order.size(); i++) {
            double x = MARGIN + i % across * (cellWidth(across) + GAP);
            double y = MARGIN + HEAD + (double) (i / across) * (cellHeight(across) + GAP);
            cell(order.get(i), told).forEach(ink -> inks.add(ink.placed(1, x, y)));
        }
        return new Page(PaperSize.A4.width(), PaperSize.A4.height(), inks);
    }

    private List<PageInk> cell(int which, boolean told) {
        double width = cellWidth(across);
        double height = cellHeight(across);
        List<PageInk> inks = new ArrayList<>(PageInk.box(0, 0, width, height, FINE));
        Step step = stages.get(which);
        if (told) {
            inks.add(new PageInk.Text(CORNER, CORNER + LETTER, LETTER, Align.START, true,
                    (which + 1) + "  " + step.spoken().title()));
            List<String> says = says(step, width);
            for (int i = 0; i < says.size(); i++) {
                inks.add(new PageInk.Text(CORNER, height - CORNER - (says.size() - 1 - i) * LEADING, SMALL, Align.START,
                        false,
                        says.get(i)));
            }
        } else {
            inks.addAll(PageInk.box(CORNER, CORNER, CORNER + 2 * LETTER, CORNER + 2 * LETTER, FINE));
        }
        paper(which, width, told, inks);
        return inks;
    }

    /** The paper in the middle of its cell; all papers lie in squares of one size. */
    private void paper(int which, double cellWidth, boolean marked, List<PageInk> inks) {
        SheetView view = SheetView.after(worked, stages.get(which).n(), area);
        Panel panel = view.draw(side);
        double left = (cellWidth - panel.width()) / 2;
        inks.addAll(panel.at(left, TOP));
        int before = which == 0 ? 0 : stages.get(which - 1).n();
        if (!marked || which == 0) {
            return;
        }
        for (SheetMark mark : view.marks()) {
            if (mark.step() > before && (mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER)) {
                double x = left + (mark.column() - area.column()) * side;
                double y = TOP + (mark.row() - area.row()) * side;
                inks.addAll(PageInk.box(x, y, x + (mark.lastColumn() - mark.column() + 1) * side, y + side, NEW));
            }
        }
    }
}
