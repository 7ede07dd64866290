package bemble.core.print;

import bemble.core.hand.Method;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Problem;
import bemble.core.sheet.SheetMark;
import bemble.core.slip.Slipped;
import bemble.core.style.HouseStyle;
import bemble.core.working.Role;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * Somebody's own sum as far as it was right, set out as it was written, with one question about what comes next. The figure in which
 * it went wrong does not stand there, nor any after it: to find that is the child's.
 *
 * @param marks what stands there
 * @param columns the squares that the whole working takes across
 * @param rows and down
 * @param asks what to think about, in a dozen words at most
 */
record OwnSoFar(List<SheetMark> marks, int columns, int rows, String asks) {
    private static final int MOST_WORDS = 12;
    private static final String SET_OUT = "Which digits belong under each other?";
    private static final String WHOLE = "Work it once more. Which column was not right?";
    private static final String NEXT = "What comes next, and why?";

    /** @param slip what led to the wrong answer, or null where nobody knows */
    static OwnSoFar of(Problem problem, @Nullable String slip, HouseStyle style) {
        Worked right = Worked.from(new WorkOrder(problem, null, style, null));
        List<SheetMark> marks = slipped(problem, slip, style).orElse(right).sheet().marks();
        OptionalInt broken = marks.stream().filter(mark -> mark.role() == Role.WRONG || mark.role() == Role.MISSING)
                .mapToInt(SheetMark::step).min();
        int end = broken.orElse(2);
        List<SheetMark> there = marks.stream().filter(mark -> mark.step() < end)
                .filter(mark -> mark.until() == null || mark.until() >= end).toList();
        return new OwnSoFar(there, QuestionPanel.squaresOf(right), QuestionPanel.lastRow(right) + 1,
                broken.isEmpty() ? WHOLE : end == 1 ? SET_OUT : question(right, end));
    }

    /** The working with the slip; nothing where it is not known, or cannot be made here. */
    private static Optional<Worked> slipped(Problem problem, @Nullable String slip, HouseStyle style) {
        Method<?> method = Methods.find(problem, null, style);
        return slip == null ? Optional.empty() : Slipped.find(slip, problem, method, style)
                .map(made -> Worked.by(made, new WorkOrder(problem, null, style, null), slip, null));
    }

    /** What a class is asked before that step; of several sentences the first question alone. */
    private static String question(Worked right, int n) {
        String ask = right.working().steps().stream().filter(step -> step.n() == n).map(step -> step.spoken().ask())
                .findFirst().orElse("");
        int end = ask.indexOf('?') + 1;
        String first = ask.substring(ask.lastIndexOf(". ", end) + 1, end).strip();
        return !first.isEmpty() && first.split(" ").length <= MOST_WORDS ? first : NEXT;
    }

    /**
     * Draws it on squares.
     *
     * @param room how wide it may be, in millimetres
     * @param side the side of a square, unless it would be too wide then
     */
    Panel draw(double room, double side) {
        double square = Math.min(side, room / (columns + 2));
        SheetInk grid = new SheetInk(0, 0, square);
        grid.grid(columns + 2, rows + 1);
        SheetInk ink = new SheetInk(square, 0, square);
        marks.forEach(ink::mark);
        grid.inks().addAll(ink.inks());
        return new Panel((columns + 2) * square, (rows + 1) * square, grid.inks());
    }
}
