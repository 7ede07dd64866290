package bemble.core.writing;

import bemble.core.check.Checking;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.sheet.Layout;
import bemble.core.sheet.SheetMark;
import bemble.core.slip.Slips;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A paper to write on: every square that a hand could need under its method and style, so that nothing ever moves. */
public final class WritingPaper {
    private final boolean settingOut;
    private final Written careful;
    private final Working working;
    /** In which the box is drawn as it is printed. */
    private final Working frame;
    private final Layout layout;
    private final List<Square> squares;
    private final List<Course> courses;

    private WritingPaper(WorkOrder order, boolean settingOut, boolean check) {
        this.settingOut = settingOut;
        Problem problem = order.problem();
        Method<?> method = Methods.find(problem, order.method(), order.style());
        @Nullable
        CheckKind kind = check ? Checking.find(problem, order.check(), order.style()) : null;
        this.careful = written(order, check);
        this.working = careful.workingAsItLooks();
        List<Working> workings = new ArrayList<>(List.of(working));
        // Who writes down what others leave out needs room for it.
        HouseStyle thorough = order.style().with(Map.of("zeroProducts", "yes", "zeroRows", "written",
                "exchangeWriting", "in-full"));
        boolean exchanges = problem.operation() == Operation.SUBTRACTION;
        // What is drawn beside a sum that was taken for a difference takes no room from what is written here.
        HouseStyle plain = order.style().with(Map.of("expandedExchanges", "no"));
        for (KnownSlip slip : Slips.of(problem, method.name())) {
            for (HouseStyle style : exchanges ? List.of(order.style(), thorough) : List.of(plain)) {
                try {
                    Working slipped =
                            written(slip.slip().over(Hand.CAREFUL), problem, method, style, kind).workingAsItLooks();
                    // Who takes one operation for another sets it out elsewhere; on this paper its answer has its line.
                    if (slipped.blocks().get(0).name().equals(working.blocks().get(0).name())) {
                        workings.add(slipped);
                    }
                } catch (Stuck | Refusal nowhere) {
                    // A hand that cannot go on needs no square, nor does one whose answer no check goes with.
                }
            }
        }
        workings.add(written(Hand.CAREFUL, problem, method, thorough, kind).workingAsItLooks());
        // All problems of a shape have room for the widest, so that nobody reads from the room how long the answer is.
        Working widest =
                written(Hand.CAREFUL, WidestProblem.widest(problem), method, thorough, kind).workingAsItLooks();
        workings.add(widest);
        if (settingOut) {
            // Who sets out as they choose needs room for the choice, and a frame that does not tell of it.
            this.frame =
                    written(new RoomyHand(), WidestProblem.widest(problem), method, thorough, kind).workingAsItLooks();
            workings.add(frame);
        } else {
            this.frame = working;
        }
        this.layout = Layout.of(workings);
        this.squares = new Squares(layout, workings, this::isPrinted, order.style()).all();
        this.courses = new Courses(problem, squares, unprinted(way(working)), unprinted(way(widest)), working).all();
    }

    private List<Mark> unprinted(List<Mark> marks) {
        return marks.stream().filter(mark -> !isPrinted(mark)).toList();
    }

    /** What a careful hand writes, with its check where that is asked for. */
    static Written written(WorkOrder order, boolean check) {
        return written(Hand.CAREFUL, order.problem(), Methods.find(order.problem(), order.method(), order.style()),
                order.style(),
                check ? Checking.find(order.problem(), order.check(), order.style()) : null);
    }

    private static Written written(Hand hand, Problem problem, Method<?> method, HouseStyle style,
            @Nullable CheckKind kind) {
        Written written = Written.by(hand, problem, method, style);
        if (kind != null) {
            Checking.write(kind, problem, written.method(), written.answer(), written.desk());
        }
        return written;
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

    /** Whether a mark is there before anybody writes. */
    private boolean isPrinted(Mark mark) {
        return !settingOut && mark.step() == 1 && (mark.role() == Role.GIVEN || mark.role() == Role.PADDING)
                && mark.until() == null;
    }

    /** The id of the method that is asked for. */
    public String method() {
        return careful.method().id();
    }

    public Layout layout() {
        return layout;
    }

    public List<Square> squares() {
        return squares;
    }

    /**
     * What is printed: the numbers of the problem unless they are to be set out, and the rules and signs, each with the
     * step of the working with which it comes.
     */
    public List<SheetMark> printed() {
        return Stream.concat(working.marks().stream().filter(mark -> !isOfBox(mark)),
                frame.marks().stream().filter(WritingPaper::isOfBox))
                .filter(mark -> isPrinted(mark)
                        || mark.role() == Role.FRAME && mark.until() == null && mark.kind() != MarkKind.WASH
                        || mark.kind() == MarkKind.POINT && mark.role() != Role.GIVEN && mark.role() != Role.PADDING)
                .map(layout::lay).toList();
    }

    private static boolean isOfBox(Mark mark) {
        return mark.at().block().name().is(BlockName.Kind.BOX);
    }

    /** What a careful hand writes, in order, with the step in which it does. */
    public List<SheetMark> path() {
        return working.marks().stream().filter(mark -> isWritten(mark) && !isPrinted(mark)).map(layout::lay).toList();
    }

    /** What a careful hand writes into the line that reads the answer. */
    public List<SheetMark> answer() {
        return path().stream().filter(mark -> working.isInAnswer(mark.mark())).toList();
    }

    /** What somebody else's hand wrote of the same problem, in order: its figures and strokes. */
    public List<Mark> writtenBy(Written other) {
        return other.workingAsItLooks().marks().stream().filter(mark -> isWritten(mark) && !isPrinted(mark)).toList();
    }

    /** The lines that a pen follows, in the order in which they are begun. */
    public List<Course> courses() {
        return courses;
    }

    /**
     * The full figures of a working in the order in which a pen comes to them. What stands in front of a column's digit
     * comes after it, since a sum is written leftwards, though its last total is said as a whole.
     */
    static List<Mark> way(Working working) {
        List<Mark> way = new ArrayList<>();
        List<Mark> inFront = new ArrayList<>();
        for (Mark mark : working.marks()) {
            if (!isWritten(mark) || mark.kind() == MarkKind.STRIKE
                    || mark.kind() == MarkKind.DIGIT && mark.size() != Size.FULL) {
                continue;
            }
            Integer column = working.steps().get(mark.step() - 1).place();
            boolean sum = mark.at().line().equals(Line.ANSWER) || mark.at().line().is(Line.Kind.ADDEND);
            if (sum && mark.kind() == MarkKind.DIGIT && column != null && mark.at().place() > column) {
                inFront.add(0, mark);
            } else {
                way.add(mark);
                way.addAll(inFront);
                inFront.clear();
            }
        }
        way.addAll(inFront);
        return way;
    }

    /** What a careful hand has written before a step, for somebody who goes on from there. */
    public List<SheetMark> before(int step) {
        return path().stream().filter(mark -> mark.step() < step).toList();
    }

    /** Whether a mark is a figure that a hand writes to stay. */
    static boolean isWritten(Mark mark) {
        boolean figure =
                mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE;
        return figure && mark.until() == null && mark.role() != Role.FRAME && mark.role() != Role.MISSING;
    }

    /** The steps that somebody can join in at: those of the work after the numbers are set out. */
    public List<Step> stepsToJoin() {
        return working.steps().stream().filter(step -> step.part() == Part.WORK && step.kind() != StepKind.SET_OUT)
                .toList();
    }
}
