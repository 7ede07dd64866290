package bemble.bench;

import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.marking.Marked;
import bemble.core.marking.Marking;
import bemble.core.marking.PaperVerdict;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.style.option.Placeholder;
import bemble.core.style.option.YesNo;
import bemble.core.style.option.ZeroRows;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;

/** Papers marked: legitimate ones of many kinds, wrong answers, and facts missed in the middle of a working. */
public final class FairnessBench {
    private static final int PAPERS = Integer.getInteger("bemble.fair", 2000);
    private static final List<MethodName> METHODS = List.of(MethodName.COLUMN, MethodName.RUNNING,
            MethodName.PARTIAL_SUMS, MethodName.DECOMPOSITION,
            MethodName.EQUAL_ADDITIONS, MethodName.COUNTING_UP, MethodName.LONG_MULTIPLICATION, MethodName.AREA,
            MethodName.CROSSWISE,
            MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION, MethodName.PARTIAL_QUOTIENTS, MethodName.DOUBLED_ROOT);

    private final Random random;
    private final Problems problems;
    private final List<Double> times = new ArrayList<>();

    private FairnessBench(long seed) {
        this.random = new Random(seed);
        this.problems = new Problems(random);
    }

    public static void main(String[] arguments) {
        FairnessBench bench = new FairnessBench(arguments.length > 0 ? Long.parseLong(arguments[0]) : 70_141);
        bench.legitimate();
        bench.wrong();
        bench.missed();
        double[] sorted = bench.times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        System.out.printf("marking a paper: median %.2f ms, p99 %.1f ms, longest %.0f ms%n", sorted[sorted.length / 2],
                sorted[sorted.length * 99 / 100], sorted[sorted.length - 1]);
    }

    private static List<PaperFigure> figures(Written written, boolean small) {
        Map<List<Object>, PaperFigure> figures = new LinkedHashMap<>();
        for (Mark mark : written.working().marks()) {
            boolean figure = mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER
                    || small && mark.kind() == MarkKind.STRIKE;
            boolean its = mark.role() != Role.GIVEN && mark.role() != Role.PADDING && mark.role() != Role.FRAME
                    && mark.role() != Role.MISSING;
            if (figure && its && mark.until() == null && (small || mark.anchor() == Anchor.MIDDLE)) {
                figures.put(
                        List.of(mark.at().block().name(), mark.at().line(), mark.at().place(), mark.anchor(),
                                mark.kind() == MarkKind.STRIKE),
                        new PaperFigure(mark.at().block().name(), mark.at().line(), mark.at().place(), mark.anchor(),
                                mark.kind(), mark.text()));
            }
        }
        return List.copyOf(figures.values());
    }

    private List<PaperFigure> careful(Problem problem, MethodName method, HouseStyle style) {
        return figures(Written.by(Hand.CAREFUL, problem, Methods.of(method), style), random.nextBoolean());
    }

    private Marked mark(Problem problem, MethodName method, List<PaperFigure> paper) {
        long begun = System.nanoTime();
        Marked marked =
                Marking.mark(problem, method.id(), HouseStyle.USUAL, new PaperToMark(paper, false, false, false, null));
        times.add((System.nanoTime() - begun) / 1e6);
        return marked;
    }

    private static boolean isAnswer(PaperFigure figure, Written careful) {
        return figure.kind() != MarkKind.STRIKE && figure.anchor() == Anchor.MIDDLE
                && (figure.block().isFirst(BlockName.Kind.REMAINDER)
                        || figure.block().equals(careful.answerStands().block().name())
                                && figure.line().equals(careful.answerStands().line()));
    }

    private void legitimate() {
        int right = 0;
        for (int i = 0; i < PAPERS; i++) {
            MethodName method = METHODS.get(i % METHODS.size());
            Problem problem = problems.next(method);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL);
            List<PaperFigure> paper = legitimate(problem, method, careful, i / METHODS.size());
            right += mark(problem, method, paper).verdict() == PaperVerdict.RIGHT ? 1 : 0;
        }
        System.out.printf("legitimate papers: %d of %d right%n", right, PAPERS);
    }

    /** A paper of one of several kinds; those that do not go with a method are the whole working. */
    private List<PaperFigure> legitimate(Problem problem, MethodName method, Written careful, int kind) {
        List<PaperFigure> all = careful(problem, method, HouseStyle.USUAL);
        boolean product = method == MethodName.LONG_MULTIPLICATION;
        return switch (kind % 10) {
            case 0 -> all.stream().filter(figure -> isAnswer(figure, careful)).toList();
            case 1 -> {
                List<String> lines = all.stream().filter(figure -> !isAnswer(figure, careful))
                        .map(figure -> figure.block() + " " + figure.line()).distinct().toList();
                String out = lines.isEmpty() ? "" : lines.get(random.nextInt(lines.size()));
                yield all.stream()
                        .filter(figure -> isAnswer(figure, careful)
                                || !out.equals(figure.block() + " " + figure.line()))
                        .toList();
            }
            case 2 -> product ? careful(problem, method, HouseStyle.USUAL.with("zeroRows", ZeroRows.WRITTEN)) : all;
            case 3 -> product ? careful(problem, method, HouseStyle.USUAL.with("placeholder", Placeholder.BLANK)) : all;
            case 4 -> product ? careful(problem, method, HouseStyle.USUAL.keepingOrder()) : all;
            case 5 -> product ? rows(all, true) : all;
            case 6 -> product ? rows(all, false) : all;
            case 7 -> method == MethodName.LONG_DIVISION
                    ? careful(problem, method, HouseStyle.USUAL.with("zeroProducts", YesNo.YES)) : all;
            case 8 -> method == MethodName.LONG_DIVISION ? careful(problem, MethodName.SHORT_DIVISION, HouseStyle.USUAL)
                    : method == MethodName.SHORT_DIVISION ? careful(problem, MethodName.LONG_DIVISION, HouseStyle.USUAL)
                            : all;
            default -> {
                List<PaperFigure> more = new ArrayList<>(all);
                more.add(
                        new PaperFigure(BlockName.named("aside"), Line.named("jotting"), 0, Anchor.MIDDLE,
                                MarkKind.DIGIT, "" + random.nextInt(10)));
                yield more;
            }
        };
    }

    /** The rows of a product with the highest first, or right under each other. */
    private static List<PaperFigure> rows(List<PaperFigure> paper, boolean turned) {
        List<Integer> rows = paper.stream().map(PaperFigure::line).filter(line -> line.is(Line.Kind.ADDEND)).distinct()
                .map(Line::number).sorted().toList();
        UnaryOperator<PaperFigure> moved = figure -> {
            int at = figure.line().is(Line.Kind.ADDEND) || figure.line().is(Line.Kind.ROW_CARRIES)
                    ? rows.indexOf(figure.line().number()) : -1;
            Line line = at < 0 ? figure.line()
                    : Line.of(figure.line().kind(), turned ? rows.size() - at : at + 1);
            return new PaperFigure(figure.block(), line, figure.place(), figure.anchor(), figure.kind(), figure.text());
        };
        return paper.stream().map(moved).toList();
    }

    private void wrong() {
        int accepted = 0;
        for (int i = 0; i < 5 * PAPERS; i++) {
            MethodName method = METHODS.get(i % (METHODS.size() - 1));
            Problem problem = problems.next(method);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL);
            boolean alone = random.nextBoolean();
            List<PaperFigure> all = careful(problem, method, HouseStyle.USUAL).stream()
                    .filter(figure -> !alone || isAnswer(figure, careful)).toList();
            PaperFigure[] digits =
                    all.stream().filter(figure -> isAnswer(figure, careful) && figure.text().length() == 1)
                            .toArray(PaperFigure[]::new);
            if (digits.length > 0) {
                PaperFigure changed = digits[random.nextInt(digits.length)];
                String other = "" + (Integer.parseInt(changed.text()) + 1 + random.nextInt(9)) % 10;
                accepted += mark(problem, method, all.stream()
                        .map(figure -> figure != changed ? figure : new PaperFigure(figure.block(), figure.line(),
                                figure.place(), figure.anchor(), figure.kind(), other))
                        .toList()).verdict() == PaperVerdict.RIGHT ? 1 : 0;
            }
        }
        System.out.printf("wrong answers: %d of %d accepted%n", accepted, 5 * PAPERS);
    }

    private void missed() {
        int found = 0;
        int all = 0;
        for (int i = 0; i < PAPERS; i++) {
            MethodName method = Arrays.asList(MethodName.COLUMN, MethodName.DECOMPOSITION,
                    MethodName.LONG_MULTIPLICATION, MethodName.LONG_DIVISION).get(i % 4);
            Problem problem = problems.next(method);
            try {
                Written written = Written.by(
                        Slip.nearMiss(random.nextInt(6), random.nextBoolean() ? 1 : -1).over(Hand.CAREFUL), problem,
                        Methods.of(method), HouseStyle.USUAL);
                Mark broken = written.working().marks().stream().filter(mark -> mark.isBroken() && mark.until() == null)
                        .findFirst().orElse(null);
                if (broken != null && !written.answer().equals(
                        Written.answerBy(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL).answer())) {
                    Marked marked = mark(problem, method, figures(written, true));
                    all++;
                    found += marked.first() != null && marked.first().at().equals(broken.key()) ? 1 : 0;
                }
            } catch (Stuck stuck) {
                // Such a miss leads nowhere here.
            }
        }
        System.out.printf("a fact missed, found where it broke: %d of %d%n", found, all);
    }
}
