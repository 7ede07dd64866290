package bemble.core.print;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.ink.Letters;
import bemble.core.print.ink.PageInk.Align;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Problem;
import bemble.core.scan.ReadField;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.style.option.AnswerMark;
import bemble.core.working.CueKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Step;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** Draws one question for a page: to be worked, its answer, or worked in full. */
final class QuestionPanel {
    static final double GAP = 1.5;
    /** Squares left empty round what is set out, for carries and figures that come in front. */
    private static final int ROOM = 1;
    private static final int CHECK_ROWS = 3;
    /** The side of the smallest squares that are read, in millimetres. */
    private static final double LEAST_READ = 6;
    private static final Set<Role> GIVEN = EnumSet.of(Role.GIVEN, Role.PADDING, Role.FRAME);

    private final PrintOrder order;
    private final double side;
    private final double letter;
    private final double room;

    /** @param room how wide the panel may be; a sheet that is wider gets smaller squares */
    QuestionPanel(PrintOrder order, double room) {
        this.order = order;
        this.side = order.layout().side();
        this.letter = order.layout().letter();
        this.room = room;
    }

    /** The question from top to bottom, in pieces between which a column may end. */
    List<Panel> draw(PrintQuestion question) {
        Problem problem = question.problem();
        return switch (order.kind()) {
            case ANSWERS -> List.of(head(question, result(work(problem))));
            case WORKED -> worked(question);
            case QUESTIONS -> switch (question.part()) {
                    case SHOWN -> worked(question);
                    case TOGETHER -> List.of(squared(question, 2));
                    case ALONE -> List.of(alone(question));
                };
        };
    }

    private Panel alone(PrintQuestion question) {
        Problem problem = question.problem();
        Panel asked = order.isToBeRead() && ReadableQuestion.isReadable(problem) ? readable(question)
                : order.layout().setOut() ? squared(question, 1) : sideBySide(question);
        if (order.style().answerMark() == AnswerMark.COPIED) {
            asked = asked.over(AnswerBox.of(room, letter));
        }
        return order.layout().explain() ? asked.over(LinesToExplain.of(problem, order.style(), room, letter)) : asked;
    }

    private String written(Problem problem) {
        HouseStyle style = order.style();
        if (problem instanceof Problem.SquareRoot root) {
            return "√" + style.number(root.radicand()) + (root.decimals() > 0 ? " to " + root.decimals() + " dp" : "");
        }
        return String.join(" " + problem.operation().sign() + " ",
                problem.operands().stream().map(style::number).toList());
    }

    private Worked work(Problem problem) {
        return Worked.from(new WorkOrder(problem, null, order.style(), null));
    }

    /** The problem with its answer; a root cut off is never called equal. */
    private String result(Worked worked) {
        boolean cutOff = Boolean.FALSE.equals(worked.answer().exact());
        return written(worked.problem()) + (cutOff ? " ≈ " : " = ") + worked.answer().text();
    }

    /** The number and, where there is one, the word problem; its height is the foot of its last line. */
    private Panel head(PrintQuestion question, String beside) {
        List<PageInk> inks = new ArrayList<>();
        double indent = Letters.width("00. ", letter);
        if (question.number() != PrintQuestion.UNNUMBERED) {
            inks.add(new PageInk.Text(0, letter, letter, Align.START, true, question.number() + "."));
        }
        double foot = letter;
        List<String> texts = new ArrayList<>();
        if (!question.story().isBlank()) {
            texts.addAll(Letters.lines(question.story(), letter, room - indent));
        }
        if (!beside.isEmpty()) {
            texts.addAll(Letters.lines(beside, letter, room - indent));
        }
        for (int i = 0; i < texts.size(); i++) {
            foot = letter + i * letter * 1.25;
            inks.add(new PageInk.Text(indent, foot, letter, Align.START, false, texts.get(i)));
        }
        return new Panel(room, foot + GAP, inks);
    }

    /** Side by side, with empty squares to set it out and work it in. */
    private Panel sideBySide(PrintQuestion question) {
        Worked worked = work(question.problem());
        int columns = Math.max(squaresOf(worked) + 2 * ROOM, 6);
        int rows = lastRow(worked) + 1 + 2 * ROOM + checkRows();
        Panel head = head(question, written(question.problem()) + " =");
        double square = Math.min(side, room / columns);
        SheetInk sheet = new SheetInk(0, head.height(), square);
        sheet.grid((int) (room / square), rows);
        return stacked(head, sheet, rows * square);
    }

    /** On squares with the numbers set out, and what the first steps write. */
    private Panel squared(PrintQuestion question, int steps) {
        Worked worked = work(question.problem());
        int columns = squaresOf(worked) + 2 * ROOM;
        int rows = lastRow(worked) + 1 + ROOM;
        Panel head = head(question, "");
        double square = Math.min(side, room / columns);
        SheetInk grid = new SheetInk(0, head.height(), square);
        grid.grid(columns, rows + checkRows());
        SheetInk sheet = new SheetInk(ROOM * square, head.height(), square);
        for (SheetMark mark : worked.sheet().marks()) {
            boolean early = mark.step() <= steps;
            boolean stays = mark.until() == null;
            if (early && stays && (steps > 1 || GIVEN.contains(mark.role()))) {
                sheet.mark(mark);
            }
        }
        if (order.layout().carryBoxes()) {
            CarryBoxes.draw(worked, order.style(), sheet);
        }
        grid.inks().addAll(sheet.inks());
        checkLabel(grid, head.height() + rows * square, square);
        return stacked(head, grid, (rows + checkRows()) * square);
    }

    private int checkRows() {
        return order.layout().checkRow() ? CHECK_ROWS : 0;
    }

    /** Says what the room under a question is for. */
    private void checkLabel(SheetInk grid, double top, double square) {
        if (checkRows() > 0) {
            grid.inks().add(
                    new PageInk.Text(0.2 * square, top + 0.75 * square, square * 0.5, Align.START, false, "check"));
        }
    }

    /** On the squares of a paper to write on, which say what they are for when they are read. */
    private Panel readable(PrintQuestion question) {
        ReadableQuestion readable = ReadableQuestion.of(question.problem(), order.style());
        Panel head = head(question, "");
        double square = Math.min(side, room / readable.columns());
        SheetInk grid = new SheetInk(0, head.height(), square);
        grid.grid(readable.columns(), readable.rows() + checkRows());
        grid.inks().addAll(readable.draw(0, head.height(), square, order.layout().carryBoxes()));
        checkLabel(grid, head.height() + readable.rows() * square, square);
        Panel panel = stacked(head, grid, (readable.rows() + checkRows()) * square);
        // Smaller squares hold no figure that can be told from another.
        return square < LEAST_READ ? panel : panel.reading(new ReadField(question.number(), 0, head.height(), square,
                readable.columns(), readable.rows()));
    }

    private List<Panel> worked(PrintQuestion question) {
        Worked worked = work(question.problem());
        int rows = lastRow(worked) + 1;
        int columns = squaresOf(worked) + 2 * ROOM;
        Panel head = head(question, "");
        double square = Math.min(side, room / columns);
        SheetInk grid = new SheetInk(0, head.height(), square);
        grid.grid(columns, rows);
        SheetInk sheet = new SheetInk(ROOM * square, head.height(), square);
        int last = lastStep(worked);
        worked.sheet().marks().stream().filter(mark -> mark.standsAfter(last)).forEach(sheet::mark);
        grid.inks().addAll(sheet.inks());
        List<Panel> panels = new ArrayList<>(List.of(stacked(head, grid, rows * square)));
        if (order.layout().sentences()) {
            worked.working().steps().stream().filter(step -> step.part() == Part.WORK)
                    .forEach(step -> panels.addAll(told(step, worked.working().steps())));
        }
        String check = worked.style().point().punctuation().write(worked.check().statement());
        // What comes out is never parted from its sign.
        panels.addAll(lines((result(worked) + "; check: " + check).replace("= ", "=\u00a0"), false));
        return panels;
    }

    /** What is said in a step, after the teacher's cue for it. */
    private List<Panel> told(Step step, List<Step> steps) {
        List<Panel> told = new ArrayList<>();
        CueKind.of(step, steps).stream().map(order.cues()::get).filter(Objects::nonNull).findFirst()
                .ifPresent(cue -> told.addAll(lines(cue, true)));
        told.addAll(lines(step.spoken().say(), false));
        int last = told.size() - 1;
        Panel end = told.get(last);
        told.set(last, new Panel(end.width(), end.height() + GAP, end.inks()));
        return told;
    }

    private List<Panel> lines(String text, boolean bold) {
        return Letters.lines(text, letter * 0.8, room).stream().map(line -> new Panel(room, letter,
                List.of(new PageInk.Text(0, letter * 0.8, letter * 0.8, Align.START, bold,
                        line.replace('\u00a0', ' ')))))
                .toList();
    }

    private static Panel stacked(Panel head, SheetInk sheet, double height) {
        List<PageInk> inks = new ArrayList<>(head.inks());
        inks.addAll(sheet.inks());
        return new Panel(head.width(), head.height() + height + GAP, inks);
    }

    /** The last step of the work, before its check. */
    private static int lastStep(Worked worked) {
        return worked.working().lastOfWork();
    }

    /** The lowest row that the work takes, from 0. */
    static int lastRow(Worked worked) {
        int last = lastStep(worked);
        return worked.sheet().marks().stream().filter(mark -> mark.step() <= last)
                .mapToInt(mark -> Math.max(mark.row(), mark.lastRow())).max().orElse(0);
    }

    /** The squares across that the work takes. */
    static int squaresOf(Worked worked) {
        int last = lastStep(worked);
        return 1 + worked.sheet().marks().stream().filter(mark -> mark.step() <= last)
                .mapToInt(mark -> Math.max(mark.column(), mark.lastColumn())).max().orElse(0);
    }
}
