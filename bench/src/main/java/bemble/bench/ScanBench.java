package bemble.bench;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.handwriting.PracticePage;
import bemble.core.handwriting.Scanning;
import bemble.core.marking.Marked;
import bemble.core.marking.Marking;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.method.Methods;
import bemble.core.print.LessonPart;
import bemble.core.print.PageLayout;
import bemble.core.print.Pages;
import bemble.core.print.PaperSize;
import bemble.core.print.PrintKind;
import bemble.core.print.PrintOrder;
import bemble.core.print.PrintQuestion;
import bemble.core.print.ReadableQuestion;
import bemble.core.print.ink.Page;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.scan.FigureChances;
import bemble.core.scan.FigureNet;
import bemble.core.scan.FigureRead;
import bemble.core.scan.Homography;
import bemble.core.scan.PageFound;
import bemble.core.scan.PageMarks;
import bemble.core.scan.QuestionRead;
import bemble.core.scan.QuestionReader;
import bemble.core.scan.ReadSquare;
import bemble.core.scan.asked.AskedOnPage;
import bemble.core.scan.asked.ReadFigures;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.working.Anchor;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;

/**
 * How well filled pages are read: pages of sums written by hands that were drawn with other numbers than those the net was trained on, seen
 * through each device. Prints for each how many pages were found, squares and answers read rightly, how many answers are taken unasked,
 * and of those how many are wrong; and how many truly wrong answers were taken for right ones.
 */
public final class ScanBench {
    private static final int PAGES = 20;
    private static final int QUESTIONS = 8;

    private final FigureNet net;
    private final HouseStyle style = HouseStyle.USUAL;

    private ScanBench(FigureNet net) {
        this.net = net;
    }

    /** What was counted of a device. */
    private static final class Count {
        private int pages;
        private int found;
        private int misplaced;
        private int questions;
        private int refused;
        private int digits;
        private int digitsRight;
        private int small;
        private int smallRight;
        private int empty;
        private int emptyRight;
        private int struck;
        private int struckRight;
        private int answers;
        private int answersRight;
        private int inkRight;
        private int taken;
        private int takenWrong;
        private int trulyWrong;
        private int wrongTakenForRight;
        private int slipped;
        private int breakFound;
        private int sound;
        private int falseBreaks;
        private long nanos;

        @Override
        public String toString() {
            return String.format(Locale.ROOT,
                    "pages found %d of %d; questions refused %d of %d, misplaced %d; digits %.2f %%, small %.1f %%, "
                            + "empty %.2f %%, struck %.1f %%; answers right %.1f %% (ink alone %.1f %%), taken unasked %.1f %%, of these wrong "
                            + "%.2f %%; wrong taken for right unasked %d of %d; first break at its square %d of %d, false breaks %d of %d; %.0f ms a page",
                    found, pages, refused, questions, misplaced,
                    share(digitsRight, digits), share(smallRight, small), share(emptyRight, empty),
                    share(struckRight, struck),
                    share(answersRight, answers), share(inkRight, answers), share(taken, answers),
                    share(takenWrong, taken),
                    wrongTakenForRight, trulyWrong, breakFound, slipped, falseBreaks, sound,
                    nanos / 1e6 / Math.max(1, pages));
        }

        private static double share(int of, int all) {
            return 100.0 * of / Math.max(1, all);
        }
    }

    public static void main(String[] arguments) throws IOException {
        int pages = arguments.length > 0 ? Integer.parseInt(arguments[0]) : PAGES;
        byte[] weights;
        try (InputStream file = FigureNet.class.getResourceAsStream("figures.net")) {
            weights = file.readAllBytes();
        }
        ScanBench bench = new ScanBench(FigureNet.of(weights));
        for (Scanning.Device device : arguments.length > 1
                ? new Scanning.Device[] {Scanning.Device.valueOf(arguments[1])}
                : Scanning.Device.values()) {
            RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(44_000 + device.ordinal());
            Count count = new Count();
            for (int i = 0; i < pages; i++) {
                bench.page(device, random, count);
            }
            System.out.println(device + ": " + count);
        }
    }

    private static Problem problem(RandomGenerator random) {
        int a = 100 + random.nextInt(900);
        int b = 100 + random.nextInt(900);
        return ProblemText.kept(switch (random.nextInt(4)) {
            case 0 -> a + " + " + b;
            case 1 -> Math.max(a, b) + " − " + Math.min(a, b);
            case 2 -> a + " × " + (2 + random.nextInt(8));
            default -> a + " ÷ " + (2 + random.nextInt(8));
        });
    }

    private void page(Scanning.Device device, RandomGenerator random, Count count) {
        List<Problem> problems = IntStream.range(0, QUESTIONS).mapToObj(i -> problem(random)).toList();
        List<PrintQuestion> questions = IntStream.range(0, QUESTIONS)
                .mapToObj(i -> new PrintQuestion(i + 1, problems.get(i), "", LessonPart.ALONE)).toList();
        PageLayout layout =
                new PageLayout(PaperSize.A4, 2, 7, true, random.nextBoolean(), false, true, false, false, true);
        Page page = Pages.of(new PrintOrder("Sums", "K7PT-A", questions, layout, style, PrintKind.QUESTIONS)).get(0);
        List<AskedOnPage> asked = AskedOnPage.on(page, problems, style);
        PracticePage filled = PracticePage.of(page, asked, each -> by(each.problem(), random), device, random);
        long begun = System.nanoTime();
        count.pages++;
        Optional<Homography> place = PageFound.in(filled.picture(), new PageMarks(page.width(), page.height()),
                filled.patterns(), PracticePage.MODULES);
        if (place.isPresent()) {
            count.found++;
            QuestionReader reader = new QuestionReader(filled.picture(), place.get(), net);
            for (AskedOnPage each : asked) {
                count.questions++;
                Optional<QuestionRead> read = reader.read(each.field(), each.squares(), each::likely);
                if (read.isEmpty()) {
                    count.refused++;
                } else {
                    compare(read.get(), each, filled.written().get(each.number()), count);
                }
            }
        }
        count.nanos += System.nanoTime() - begun;
    }

    private Written by(Problem problem, RandomGenerator random) {
        var method = Methods.find(problem, null, style);
        Written careful = Written.by(Hand.CAREFUL, problem, method, style);
        if (random.nextDouble() < 0.5) {
            return careful;
        }
        List<KnownSlip> slips = Slips.of(problem, method.name());
        return Written.tried(slips.get(random.nextInt(slips.size())).slip().over(Hand.CAREFUL), problem, method,
                style).orElse(careful);
    }

    /** What stands in each part of a square: of several the last. */
    private static Map<List<Object>, Integer> truth(ReadableQuestion question, Written written) {
        Map<List<Object>, Integer> figures = new HashMap<>();
        for (Mark mark : question.paper().writtenBy(written)) {
            List<Object> at = key(mark.at().block().name(), mark.at().line(), mark.at().place(), mark.anchor());
            if (mark.kind() == MarkKind.STRIKE) {
                figures.put(at, FigureChances.STRUCK);
            } else if (mark.text().length() == 1 && Character.isDigit(mark.text().charAt(0))) {
                figures.put(at, mark.text().charAt(0) - '0');
            } else {
                figures.put(at, FigureChances.NO_FIGURE);
            }
        }
        return figures;
    }

    private static List<Object> key(Object block, Object line, int place, Anchor anchor) {
        return List.of(block, line, place, anchor == null ? Anchor.MIDDLE : anchor);
    }

    private static int at(Map<List<Object>, Integer> truth, ReadSquare square) {
        return truth.getOrDefault(key(square.block(), square.line(), square.place(), square.anchor()),
                FigureChances.EMPTY);
    }

    private void compare(QuestionRead read, AskedOnPage asked, Written written, Count count) {
        Map<List<Object>, Integer> truth = truth(asked.question(), written);
        int digitsBefore = count.digits;
        int rightBefore = count.digitsRight;
        for (FigureRead figure : read.figures()) {
            if (figure.square().given() != null) {
                continue;
            }
            int stands = at(truth, figure.square());
            boolean same = figure.kind() == stands;
            if (stands == FigureChances.EMPTY) {
                count.empty++;
                count.emptyRight += same ? 1 : 0;
            } else if (stands < FigureChances.EMPTY && figure.square().isSmall()) {
                count.small++;
                count.smallRight += same ? 1 : 0;
            } else if (stands < FigureChances.EMPTY) {
                count.digits++;
                count.digitsRight += same ? 1 : 0;
            }
        }
        // Where most figures are others the squares were not where they were thought to be.
        count.misplaced += 2 * (count.digitsRight - rightBefore) < count.digits - digitsBefore ? 1 : 0;
        truth.forEach((at, kind) -> {
            if (kind == FigureChances.STRUCK && at.get(3) == Anchor.MIDDLE) {
                count.struck++;
                count.struckRight += read.figures().stream().anyMatch(figure -> figure.kind() == FigureChances.STRUCK
                        && key(figure.square().block(), figure.square().line(), figure.square().place(),
                                figure.square().anchor()).equals(at))
                                        ? 1 : 0;
            }
        });
        workings(asked, written, ReadFigures.of(read, read.answer().kinds()), count);
        int[] stands = asked.kinds(written, read.answerSquares());
        int[] should = asked.kinds(
                Written.by(Hand.CAREFUL, asked.problem(), Methods.find(asked.problem(), null, style), style),
                read.answerSquares());
        boolean answerRight = Arrays.equals(read.answer().kinds(), stands);
        boolean taken = !read.answer().isDoubtful();
        count.answers++;
        count.answersRight += answerRight ? 1 : 0;
        count.inkRight += Arrays.equals(read.answer().without(), stands) ? 1 : 0;
        count.taken += taken ? 1 : 0;
        count.takenWrong += taken && !answerRight ? 1 : 0;
        if (!Arrays.equals(stands, should)) {
            count.trulyWrong++;
            count.wrongTakenForRight += taken && Arrays.equals(read.answer().kinds(), should) ? 1 : 0;
        }
    }

    /** Where the working breaks first, by what was read and by what was written; answers and all, before anything is confirmed. */
    private void workings(AskedOnPage asked, Written written, List<PaperFigure> read, Count count) {
        List<PaperFigure> stands = asked.question().paper().writtenBy(written).stream()
                .map(mark -> new PaperFigure(mark.at().block().name(), mark.at().line(), mark.at().place(),
                        mark.anchor(),
                        mark.kind(), mark.text()))
                .toList();
        Marked.FirstWrong truly = first(asked, stands);
        Marked.FirstWrong seen = first(asked, read);
        if (truly == null) {
            count.sound++;
            count.falseBreaks += seen == null ? 0 : 1;
        } else {
            count.slipped++;
            count.breakFound += seen != null && seen.at().equals(truly.at()) ? 1 : 0;
        }
    }

    private static Marked.FirstWrong first(AskedOnPage asked, List<PaperFigure> figures) {
        return Marking.mark(asked.problem(), null, asked.style(), new PaperToMark(figures, false, false, false, null))
                .first();
    }
}
