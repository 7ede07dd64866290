package bemble.core.marking;

import bemble.core.hand.Written;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.LineOfBlock;
import bemble.core.working.Role;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Marks for a paper, as many schools give them: one for the answer, one for the setting-out where that was asked for, and one for
 * each line of working that is right or follows from what stands before it. Where all of a working is the answer's own line, each
 * of its columns is a line. What was done in the head counts where the answer is right.
 *
 * @param given how many marks it gets
 * @param of of how many
 * @param say what for, in a sentence
 */
public record MethodMarksGiven(int given, int of, String say) {
    /**
     * What gets a mark of its own: a line of working, or of the answer, which may follow from what is wrong above it, a
     * column or with none the whole.
     */
    private record Marks(@Nullable LineOfBlock line, @Nullable Integer column) {}

    /**
     * How many marks a paper gets that is right in all.
     *
     * @return nothing where the style gives none
     */
    public static OptionalInt full(Problem problem, HouseStyle style) {
        MethodMarksGiven marks =
                Marking.mark(problem, null, style, new PaperToMark(List.of(), false, false, false, null)).marks();
        return marks == null ? OptionalInt.empty() : OptionalInt.of(marks.of());
    }

    /**
     * Counts the marks.
     *
     * @param read the reading that fits the paper, which tells the lines there are
     * @param figures the paper as it is marked
     * @param answer whether a figure belongs to the answer
     */
    static MethodMarksGiven of(Written read, List<MarkedFigure> figures, Predicate<Figure.Key> answer,
            PaperVerdict ofAnswer,
            boolean settingOut) {
        boolean right = ofAnswer == PaperVerdict.RIGHT;
        Map<Marks, List<MarkedFigure>> lines = new LinkedHashMap<>();
        List<LineOfBlock> setOut = new ArrayList<>();
        read.ink().forEach(figure -> {
            if (figure.role() == Role.GIVEN) {
                setOut.add(figure.key().lineOfBlock());
            } else if (figure.isFull() && !answer.test(figure.key())) {
                lines.putIfAbsent(new Marks(figure.key().lineOfBlock(), null), new ArrayList<>());
            }
        });
        boolean columns = lines.isEmpty();
        for (MarkedFigure figure : figures) {
            boolean ofAnswerLine = answer.test(figure.at()) && !figure.at().block().isFirst(BlockName.Kind.REMAINDER);
            Marks line = !ofAnswerLine ? new Marks(figure.at().lineOfBlock(), null)
                    : new Marks(null, columns ? figure.at().place() : null);
            if (ofAnswerLine) {
                lines.putIfAbsent(line, new ArrayList<>());
            }
            if (lines.containsKey(line)) {
                lines.get(line).add(figure);
            }
        }
        int working = (int) lines.values().stream().filter(line -> isProper(line, right)).count();
        boolean setOutWell = figures.stream()
                .noneMatch(figure -> figure.verdict() == Verdict.WRONG && setOut.contains(figure.at().lineOfBlock()));
        int given = (right ? 1 : 0) + working + (settingOut && setOutWell ? 1 : 0);
        String kind = columns ? "columns" : "lines of working";
        return new MethodMarksGiven(given, 1 + lines.size() + (settingOut ? 1 : 0),
                "The answer " + (right ? 1 : 0) + " of 1"
                        + (settingOut ? ", the setting-out " + (setOutWell ? 1 : 0) + " of 1" : "") + ", the " + kind
                        + " " + working + " of " + lines.size() + ".");
    }

    private static boolean isProper(List<MarkedFigure> line, boolean answerRight) {
        boolean shown = line.stream().anyMatch(figure -> !figure.text().isEmpty());
        boolean fault = line.stream()
                .anyMatch(figure -> figure.verdict() == Verdict.WRONG || figure.verdict() == Verdict.MISSING);
        return !fault && (shown || answerRight);
    }
}
