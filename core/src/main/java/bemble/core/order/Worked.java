package bemble.core.order;

import bemble.core.check.Check;
import bemble.core.check.Checking;
import bemble.core.hand.Answer;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.WorkRecord;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.sheet.Layout;
import bemble.core.sheet.Sheet;
import bemble.core.slip.Slipped;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.working.Working;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A problem worked on paper, with its check; paper, record and words are made when they are read. Of 687 + 58 worked with the
 * slip {@code carry-forgotten} the answer is 635, and the check does not hold.
 */
public final class Worked {
    private final Written written;
    private final @Nullable String slip;
    private final @Nullable String with;
    private final Check check;
    private @Nullable Working working;
    private @Nullable Sheet sheet;

    private Worked(Written written, CheckKind kind, @Nullable String slip, @Nullable String with) {
        this.with = with;
        this.written = written;
        this.slip = slip;
        AnswerMarked.draw(written);
        this.check = Checking.write(kind, written.problem(), written.method(), written.answer(), written.desk());
    }

    /**
     * Works a problem with a careful hand, or with the slip that is ordered.
     *
     * @throws Refusal where the method, check or slip does not fit the problem
     */
    public static Worked from(WorkOrder order) {
        Problem problem = order.problem();
        Method<?> method = Methods.find(problem, order.method(), order.style());
        CheckKind kind = Checking.find(problem, order.check(), order.style());
        String name = order.slip();
        if (name == null) {
            return new Worked(Written.by(Hand.CAREFUL, problem, method, order.style()), kind, null, null);
        }
        String with = order.with();
        Slip slip = with != null
                ? Slipped.find(name, with, problem, method, order.style()).orElseThrow(() -> Refusal.of("with",
                        "“" + name + "” and “" + with + "” together cannot happen in " + problem.text()
                                + ", or leave its answer as it is. Choose others, or another problem."))
                : Slipped.find(name, problem, method, order.style()).orElseThrow(() -> Refusal.of("slip",
                        "“" + name + "” cannot happen in " + problem.text()
                                + ", or leaves its answer as it is. Choose another slip or another problem."));
        return by(slip, order, kind, name, with);
    }

    /**
     * Works a problem with a slip of any kind.
     *
     * @param name the slip's name, to be kept with it
     * @param with the name of the second slip where it is of two
     */
    public static Worked by(Slip slip, WorkOrder order, @Nullable String name, @Nullable String with) {
        return by(slip, order, Checking.find(order.problem(), order.check(), order.style()), name, with);
    }

    private static Worked by(Slip slip, WorkOrder order, CheckKind kind, @Nullable String name, @Nullable String with) {
        Method<?> method = Methods.find(order.problem(), order.method(), order.style());
        return new Worked(Written.by(slip.over(Hand.CAREFUL), order.problem(), method, order.style()), kind, name,
                with);
    }

    public Problem problem() {
        return written.problem();
    }

    public HouseStyle style() {
        return written.style();
    }

    /** The id of the method that was followed. */
    public String method() {
        return written.method().id();
    }

    /** The id of the slip it was written with, or null. */
    public @Nullable String slip() {
        return slip;
    }

    /** The id of the second slip made beside it, or null. */
    public @Nullable String with() {
        return with;
    }

    public Answer answer() {
        return written.answer();
    }

    /** The numbers as they were set out under each other, where they were; else none. */
    public List<Placed> setOut() {
        return written.decisions().stream().filter(decision -> decision.asked() instanceof LineUp).findFirst()
                .map(decision -> ((List<?>) decision.decided()).stream().map(Placed.class::cast).toList())
                .orElse(List.of());
    }

    public WorkRecord record() {
        return written.record();
    }

    public Check check() {
        return check;
    }

    /** Steps and marks, made when they are first read. */
    public Working working() {
        if (working == null) {
            working = Closing.said(written.working(), this);
        }
        return working;
    }

    /** The working laid out in squares, made when it is first read. */
    public Sheet sheet() {
        if (sheet == null) {
            sheet = Layout.of(working());
        }
        return sheet;
    }
}
