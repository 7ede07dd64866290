package bemble.server.writing;

import bemble.core.check.Checking;
import bemble.core.marking.Marked;
import bemble.core.marking.Marking;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.order.WorkOrder;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.slip.NamedRules;
import bemble.server.limits.Limits;
import bemble.server.load.Cost;
import bemble.server.load.CostlyRequest;
import bemble.server.work.WorkRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Somebody's paper: the problem as in {@link WorkRequest}, and what stands there.
 *
 * @param check the check that is written too, or left out where none is
 * @param written what stands there, in the order of writing where that is known
 * @param settingOut whether the numbers of the problem are among it
 * @param soFar whether the writer is still at it: what comes after the last figure is not missed yet
 * @param ownWay whether the answer alone is judged
 */
public record MarkRequest(
        @Size(max = Limits.LINE_LETTERS, message = "This line is too long to be one problem.") @Nullable String problem,
        @Nullable Operation operation,
        @Size(max = Limits.OPERANDS, message = "These are more numbers than go on one paper.") @Nullable List<String> operands,
        @Nullable Integer decimals,
        @Nullable String method,
        @Size(max = Limits.CHOICES, message = "These are more choices than a house style has.") @Nullable Map<String, String> style,
        @Nullable String check,
        @NotNull(message = "Say what stands on the paper; an empty list where nothing does.") @Size(max = Limits.FIGURES, message = "So many figures do not stand on one paper; {max} are taken at most.") List<@Valid @NotNull(message = "A figure is missing here.") FigureRequest> written,
        @Nullable Boolean settingOut,
        @Nullable Boolean soFar,
        @Nullable Boolean ownWay) implements CostlyRequest {
    private static final int HANDS = 4;
    private static final int FIGURES_A_UNIT = 500;

    /** It is read as if each likely hand had written it. */
    @Override
    public int cost() {
        return HANDS * Cost.ofProblem(problem, operation, operands, decimals)
                + (written == null ? 0 : written.size() / FIGURES_A_UNIT);
    }

    /** What is asked, apart from what was written. */
    WorkOrder order() {
        return new WorkRequest(problem, operation, operands, decimals, method, style, check, null, null, null).order();
    }

    /** The request to mark a paper of that order. */
    public static MarkRequest of(WorkOrder order, List<FigureRequest> written, boolean settingOut, boolean ownWay,
            boolean withCheck) {
        return new MarkRequest(null, order.problem().operation(),
                order.problem().operands().stream().map(Numeral::plain).toList(), order.problem().decimals(),
                order.method(),
                order.style().ids(), withCheck ? order.check() : null, written, settingOut, false, ownWay);
    }

    /** The request of who is still at a paper of that order, with its numbers printed. */
    public static MarkRequest soFar(WorkOrder order, List<FigureRequest> written) {
        MarkRequest whole = of(order, written, false, false, false);
        return new MarkRequest(whole.problem, whole.operation, whole.operands, whole.decimals, whole.method,
                whole.style, whole.check,
                whole.written, false, true, false);
    }

    /** @throws bemble.core.problem.Refusal where the paper cannot be marked */
    public MarkResponse response(NamedRules kept) {
        WorkOrder order = order();
        return MarkResponse.of(marked(order, kept), order);
    }

    Marked marked(WorkOrder order, NamedRules kept) {
        return Marking.mark(order.problem(), order.method(), order.style(), new PaperToMark(
                written.stream().map(FigureRequest::figure).toList(), Boolean.TRUE.equals(settingOut),
                Boolean.TRUE.equals(soFar), Boolean.TRUE.equals(ownWay),
                check == null ? null : Checking.find(order.problem(), check, order.style())), kept);
    }
}
