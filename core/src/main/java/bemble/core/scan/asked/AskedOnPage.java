package bemble.core.scan.asked;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.print.ReadableQuestion;
import bemble.core.print.ink.Page;
import bemble.core.problem.Problem;
import bemble.core.scan.AnswerRead.Likely;
import bemble.core.scan.FigureChances;
import bemble.core.scan.ReadField;
import bemble.core.scan.ReadSquare;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Size;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A question as it stands on a printed page, with what a child may well have answered. */
public final class AskedOnPage {
    /** How likely a child's answer is right, and together how likely it is what a known slip leads to. */
    private static final double RIGHT = 0.7;
    private static final double SLIPPED = 0.15;

    private final ReadField field;
    private final Problem problem;
    private final HouseStyle style;
    private final ReadableQuestion question;
    private final List<ReadSquare> squares;
    private final List<Written> slipped;

    private AskedOnPage(ReadField field, Problem problem, HouseStyle style) {
        this.field = field;
        this.problem = problem;
        this.style = style;
        this.question = ReadableQuestion.of(problem, style);
        this.squares = question.squares(field);
        List<Written> others = new ArrayList<>();
        for (KnownSlip slip : Slips.of(problem, style.method(problem.operation()))) {
            Written.tried(slip.slip().over(Hand.CAREFUL), problem, Methods.find(problem, null, style), style)
                    .ifPresent(others::add);
        }
        this.slipped = others;
    }

    /**
     * The questions on a printed page that can be read.
     *
     * @param problems the questions of its sheet in their order
     * @param style the house style it was printed in
     */
    public static List<AskedOnPage> on(Page page, List<Problem> problems, HouseStyle style) {
        return page.fields().stream().map(field -> new AskedOnPage(field, problems.get(field.question() - 1), style))
                .toList();
    }

    public ReadField field() {
        return field;
    }

    public int number() {
        return field.question();
    }

    public Problem problem() {
        return problem;
    }

    public HouseStyle style() {
        return style;
    }

    public ReadableQuestion question() {
        return question;
    }

    public List<ReadSquare> squares() {
        return squares;
    }

    /** What a child may well have written into the squares of the answer. */
    public List<Likely> likely(List<ReadSquare> answer) {
        List<Likely> likely = new ArrayList<>();
        Written careful = Written.by(Hand.CAREFUL, problem, Methods.find(problem, null, style), style);
        int[] right = kinds(careful, answer);
        likely.add(new Likely(right, RIGHT));
        Set<List<Integer>> others = new LinkedHashSet<>();
        slipped.forEach(each -> others.add(Arrays.stream(kinds(each, answer)).boxed().toList()));
        others.remove(Arrays.stream(right).boxed().toList());
        others.forEach(kinds -> likely.add(
                new Likely(kinds.stream().mapToInt(Integer::intValue).toArray(), SLIPPED / others.size())));
        return likely;
    }

    /** What a hand wrote into some squares, in their order: figures that fill a square, or {@link FigureChances#EMPTY}. */
    public int[] kinds(Written written, List<ReadSquare> answer) {
        Map<List<Object>, Integer> figures = new HashMap<>();
        for (Mark mark : question.paper().writtenBy(written)) {
            if (mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL && mark.text().length() == 1
                    && Character.isDigit(mark.text().charAt(0))) {
                figures.put(List.of(mark.at().block().name(), mark.at().line(), mark.at().place()),
                        mark.text().charAt(0) - '0');
            }
        }
        return answer.stream().mapToInt(square -> figures.getOrDefault(
                List.of(square.block(), square.line(), square.place()), FigureChances.EMPTY)).toArray();
    }
}
