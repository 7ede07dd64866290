package bemble.core.writing;

import bemble.core.hand.KnownSlip;
import bemble.core.hand.Stuck;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Refusal;
import bemble.core.sheet.Layout;
import bemble.core.sheet.SheetMark;
import bemble.core.slip.Slips;
import bemble.core.working.Figure;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/** A paper to write on: every square that a hand could need under its method and style, so that nothing ever moves. */
public final class WritingPaper {
    private final boolean settingOut;
    private final boolean check;
    private final Worked careful;
    private final Layout layout;
    private final List<Square> squares;

    private WritingPaper(WorkOrder order, boolean settingOut, boolean check) {
        WorkOrder asked = order.withCare();
        this.settingOut = settingOut;
        this.check = check;
        this.careful = Worked.from(asked);
        List<Working> workings = new ArrayList<>();
        workings.add(part(careful));
        for (KnownSlip slip : Slips.of(asked.problem(), Methods.find(asked.problem(), asked.method(), asked.style()).name())) {
            try {
                workings.add(part(Worked.by(slip.slip(), asked, slip.id())));
            } catch (Stuck | Refusal nowhere) {
                // A hand that cannot go on needs no square, nor does one whose answer no check goes with.
            }
        }
        this.layout = Layout.of(workings);
        this.squares = new Squares(layout, workings, this::isPrinted, asked.style()).all();
    }

    /**
     * The squares for the careful hand and for every slip that is known, laid out once.
     *
     * @param settingOut whether the numbers of the problem are written too, instead of being printed
     * @param check whether the check is written too
     * @throws Refusal where the method or the check does not fit the problem
     */
    public static WritingPaper of(WorkOrder order, boolean settingOut, boolean check) {
        return new WritingPaper(order, settingOut, check);
    }

    /** The working as far as it is to be written. */
    private Working part(Worked worked) {
        Working all = worked.working();
        if (check) {
            return all;
        }
        int last = all.lastOfWork();
        return new Working(all.blocks().stream().filter(block -> !block.id().startsWith(Part.CHECK.id() + ".")).toList(),
                all.steps().subList(0, last), all.marks().stream().filter(mark -> mark.step() <= last).toList(), all.answer());
    }

    /** Whether a mark is there before anybody writes. */
    private boolean isPrinted(Mark mark) {
        return !settingOut && mark.step() == 1 && (mark.role() == Role.GIVEN || mark.role() == Role.PADDING)
                && mark.until() == null;
    }

    /** The id of the method that is asked for. */
    public String method() {
        return careful.method();
    }

    public Layout layout() {
        return layout;
    }

    public List<Square> squares() {
        return squares;
    }

    /** The working of a careful hand on this paper. */
    public Working careful() {
        return part(careful);
    }

    /**
     * What is printed: the numbers of the problem unless they are to be set out, and the rules and signs, each with the
     * step of the working with which it comes.
     */
    public List<SheetMark> printed() {
        return careful().marks().stream()
                .filter(mark -> isPrinted(mark) || mark.role() == Role.FRAME && mark.until() == null && mark.kind() != MarkKind.WASH
                        || mark.kind() == MarkKind.POINT && mark.role() != Role.GIVEN && mark.role() != Role.PADDING)
                .map(layout::lay).toList();
    }

    /** What a careful hand writes, in order, with the step in which it does: the way through the squares. */
    public List<SheetMark> path() {
        return careful().marks().stream().filter(mark -> isWritten(mark) && !isPrinted(mark)).map(layout::lay).toList();
    }

    /** What a careful hand has written before a step, for somebody who goes on from there. */
    public List<SheetMark> before(int step) {
        return path().stream().filter(mark -> mark.step() < step).toList();
    }

    /** Whether a mark is a figure that a hand writes to stay. */
    static boolean isWritten(Mark mark) {
        boolean figure = mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE;
        return figure && mark.until() == null && mark.role() != Role.FRAME && mark.role() != Role.MISSING;
    }

    /** The steps that somebody can join in at: those of the work after the numbers are set out. */
    public List<Step> stepsToJoin() {
        return careful().steps().stream().filter(step -> step.part() == Part.WORK && step.kind() != StepKind.SET_OUT).toList();
    }

    /** The steps of the careful working, whose questions a nudge asks. */
    Step stepOf(Figure.Key key) {
        Working working = careful();
        return working.marks().stream().filter(mark -> isWritten(mark) && Squares.key(mark).equals(key)).findFirst()
                .map(mark -> working.steps().get(mark.step() - 1)).orElse(null);
    }
}
