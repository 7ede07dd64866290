package bemble.server.writing;

import bemble.core.order.WorkOrder;
import bemble.core.words.Words;
import bemble.core.working.Anchor;
import bemble.core.writing.Course;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import bemble.server.work.WorkResponse.MarkView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A paper to write on.
 *
 * @param marks what is printed; each is seen from its step on
 * @param courses the lines of full figures, in the order in which a hand begins them
 */
public record PaperView(@NotNull String problem, @NotNull String method, @NotNull int rows, @NotNull int columns,
        @NotNull List<MarkView> marks, @NotNull List<SquareView> squares, @NotNull List<CourseView> courses,
        @NotNull List<JoinView> joins) {
    /** The paper to write a problem on. */
    public static PaperView of(WorkOrder order, boolean settingOut, boolean withCheck) {
        WritingPaper paper = WritingPaper.of(order, settingOut, withCheck);
        Words words = new Words(order.style());
        return new PaperView(order.problem().text(), paper.method(), paper.layout().rows(), paper.layout().columns(),
                paper.printed().stream().map(mark -> MarkView.of(mark, words)).toList(),
                paper.squares().stream().map(SquareView::of).toList(),
                paper.courses().stream().map(CourseView::of).toList(),
                paper.stepsToJoin().stream().map(step -> new JoinView(step.n(), step.title())).toList());
    }

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
    public record SquareView(@NotNull String block, @NotNull String line, @NotNull int place, @NotNull int row,
            @NotNull int column,
            @NotNull int toColumn, @Nullable String given, @NotNull boolean full, @Nullable Anchor small,
            @NotNull boolean number,
            @Nullable Integer smallAt, @NotNull String name) {
        static SquareView of(Square square) {
            return new SquareView(square.spot().block().name().id(), square.spot().line().id(), square.spot().place(),
                    square.row(),
                    square.column(), square.toColumn(), square.given(), square.full(),
                    square.small(), square.number(), square.smallAt(), square.name());
        }
    }

    /**
     * A line along which the pen goes on; where and how far is known from what is given, not from what is right.
     *
     * @param squares in the order in which they are written
     * @param start where among them one begins
     * @param span how many from there on a right figure can reach at the widest
     * @param under whether one begins under the first figure of the line above
     * @param home whether one comes back to this line again and again, as to a quotient
     * @param back whether one comes back to that line after this one
     * @param step the step in which it is begun
     */
    public record CourseView(@NotNull List<Integer> squares, @NotNull int start, @NotNull int span,
            @NotNull boolean under, @NotNull boolean home,
            @NotNull boolean back, @NotNull int step) {
        static CourseView of(Course course) {
            return new CourseView(course.squares(), course.start(), course.span(), course.under(), course.home(),
                    course.back(), course.step());
        }
    }

    /** A step that somebody can join in at. */
    public record JoinView(@NotNull int step, @NotNull String title) {}
}
