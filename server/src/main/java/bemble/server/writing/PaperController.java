package bemble.server.writing;

import bemble.core.order.WorkOrder;
import bemble.core.words.Words;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import bemble.core.working.Step;
import bemble.server.work.WorkRequest;
import bemble.server.work.WorkResponse.MarkView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The paper to write on, with its squares; for anybody, and nothing is stored. */
@RestController
class PaperController {
    /**
     * @param settingOut whether the numbers are to be set out too
     * @param withCheck whether the check is to be written too
     */
    record PaperRequest(@NotNull(message = "Say which problem it is for.") @Valid WorkRequest work, Boolean settingOut,
                        Boolean withCheck) {}

    /**
     * A square to write into.
     *
     * @param toColumn the last column of a number written over several squares; else its own
     * @param given the figure of the problem that is printed there
     * @param full whether a figure fills it
     * @param small the part of it that a small figure takes
     * @param smallAt the square that takes the small figures of its column
     * @param name what it is called
     */
    record SquareView(@NotNull String block, @NotNull String line, @NotNull int place, @NotNull int row, @NotNull int column,
                      @NotNull int toColumn, String given, @NotNull boolean full, String small, @NotNull boolean number,
                      Integer smallAt, @NotNull String name) {
        static SquareView of(Square square) {
            return new SquareView(square.spot().block().id(), square.spot().line(), square.spot().place(), square.row(),
                    square.column(), square.toColumn(), square.given(), square.full(),
                    square.small() == null ? null : square.small().id(), square.number(), square.smallAt(), square.name());
        }
    }

    /** A square on the way that a hand takes, with the step in which it comes there. */
    record WayView(@NotNull int square, @NotNull int step) {}

    /** A step that somebody can join in at. */
    record JoinView(@NotNull int step, @NotNull String title) {}

    /**
     * @param marks what is printed; each is seen from its step on
     * @param way the squares of full figures, in the order in which a hand fills them
     */
    record PaperView(@NotNull String problem, @NotNull String method, @NotNull int rows, @NotNull int columns,
                     @NotNull List<MarkView> marks, @NotNull List<SquareView> squares, @NotNull List<WayView> way,
                     @NotNull List<JoinView> joins) {}

    @PostMapping("/api/paper")
    PaperView paper(@Valid @RequestBody PaperRequest request) {
        WorkOrder order = request.work().order();
        WritingPaper paper = WritingPaper.of(order, Boolean.TRUE.equals(request.settingOut()),
                Boolean.TRUE.equals(request.withCheck()));
        Words words = new Words(order.style());
        return new PaperView(order.problem().text(), paper.method(), paper.layout().rows(), paper.layout().columns(),
                paper.printed().stream().map(mark -> MarkView.of(mark, words)).toList(),
                paper.squares().stream().map(SquareView::of).toList(), way(paper),
                paper.stepsToJoin().stream().map(PaperController::join).toList());
    }

    private static JoinView join(Step step) {
        return new JoinView(step.n(), step.title());
    }

    private static List<WayView> way(WritingPaper paper) {
        Map<List<Integer>, Integer> at = new HashMap<>();
        List<Square> squares = paper.squares();
        for (int i = 0; i < squares.size(); i++) {
            at.put(List.of(squares.get(i).row(), squares.get(i).column()), i);
        }
        return paper.way().stream().map(mark -> List.of(mark.row(), mark.column(), mark.step()))
                .filter(mark -> at.containsKey(mark.subList(0, 2)))
                .map(mark -> new WayView(at.get(mark.subList(0, 2)), mark.get(2))).toList();
    }
}
