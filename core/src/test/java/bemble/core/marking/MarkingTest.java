package bemble.core.marking;

import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.NamedSlips;
import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.Trials;
import bemble.core.hand.Answer;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slips;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Papers of careful hands, of hands that slip and of nobody in particular, marked. */
@Tag("slow")
class MarkingTest {
    private static final int PROBLEMS = Trials.of(10, 6);

    /** What a hand leaves on the paper, as somebody types it in. */
    static List<PaperFigure> paperOf(Written written, boolean given, boolean small) {
        return figures(written.working().marks().stream()
                .filter(mark -> (given || mark.role() != Role.GIVEN && mark.role() != Role.PADDING)
                        && (small || mark.size() == Size.FULL && mark.kind() != MarkKind.STRIKE))
                .toList());
    }

    private static List<PaperFigure> figures(List<Mark> marks) {
        Map<Figure.Key, PaperFigure> figures = new LinkedHashMap<>();
        for (Mark mark : marks) {
            boolean figure =
                    mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE;
            if (figure && mark.role() != Role.MISSING && mark.role() != Role.FRAME && mark.until() == null) {
                figures.put(keyOf(mark), new PaperFigure(mark.at().block().name(), mark.at().line(), mark.at().place(),
                        mark.anchor(), mark.kind(), mark.text()));
            }
        }
        return List.copyOf(figures.values());
    }

    private static Figure.Key keyOf(Mark mark) {
        return new Figure.Key(mark.at().block().name(), mark.at().line(), mark.at().place(), mark.anchor(),
                mark.kind() == MarkKind.STRIKE);
    }

    /** Whether the numbers of the problem stand otherwise than they should, so that they are among what is marked. */
    static boolean isGiven(Written written) {
        return written.working().marks().stream()
                .anyMatch(mark -> mark.isBroken() && mark.at().line().id()
                        .matches("addend.*|minuend|subtrahend|top|bottom|dividend|divisor|radicand"));
    }

    static Marked mark(Problem problem, MethodName method, HouseStyle style, List<PaperFigure> paper,
            boolean given) {
        return Marking.mark(problem, method.id(), style, new PaperToMark(paper, given, false, false, null));
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void aCarefulPaperIsRightWithAndWithoutItsSmallFigures(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(7000 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, i % 20 == 0 ? 20 : 6);
            HouseStyle style = RandomStyles.next(random);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(name), style);
            boolean small = random.nextBoolean();
            boolean given = random.nextBoolean();
            Marked marked = mark(problem, name, style, paperOf(careful, given, small), given);
            String what = name + " " + problem.text() + " " + small + given + style;
            assertThat(marked.figures()).as(what).filteredOn(figure -> figure.verdict() != Verdict.RIGHT
                    && figure.verdict() != Verdict.UNWRITTEN).isEmpty();
            assertThat(marked.verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
            assertThat(marked.answer()).as(what)
                    .isEqualTo(new Marked.MarkedAnswer(careful.answer().text(), PaperVerdict.RIGHT));
        }
    }

    static Stream<KnownSlip> slips() {
        return Slips.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("slips")
    void aSlipIsFoundWhereItBroke(KnownSlip slip) {
        RandomGenerator random = RandomNumbers.seeded(8000 + slip.id().length());
        int found = 0;
        int elsewhere = 0;
        for (MethodName name : slip.methods().stream().sorted().toList()) {
            // Some slips find few problems in which they can be made.
            for (int i = 0; i < PROBLEMS * 3
                    || found == 0 && i < PROBLEMS * 60 && !slip.id().startsWith("point-"); i++) {
                Problem problem = EveryMethodTest.problem(slip.operation(), random, 4);
                HouseStyle style = i % 2 == 0 ? HouseStyle.USUAL : RandomStyles.next(random);
                if (Slips.of(problem, name).contains(slip)) {
                    Found here = find(problem, name, style, slip.slip(), slip.id(), NamedSlips.has(slip));
                    found += here == Found.THERE ? 1 : 0;
                    elsewhere += here == Found.ELSEWHERE ? 1 : 0;
                }
            }
        }
        // Where two hands leave nearly the same paper it may be read as the other's.
        if (!slip.id().startsWith("point-")) {
            assertThat(found).as(slip.id() + " elsewhere: " + elsewhere).isPositive().isGreaterThan(2 * elsewhere);
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void twoSlipsAreFoundWhereTheFirstOfThemBroke(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(9000 + name.ordinal());
        int found = 0;
        int elsewhere = 0;
        for (int i = 0; i < PROBLEMS * 3; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 4);
            List<KnownSlip> slips = Slips.of(problem, name);
            if (slips.size() > 1) {
                KnownSlip first = slips.get(random.nextInt(slips.size()));
                KnownSlip second = slips.get(random.nextInt(slips.size()));
                Found here = find(problem, name, HouseStyle.USUAL, first.slip().and(second.slip()),
                        first.id() + " " + second.id(),
                        NamedSlips.has(first) && NamedSlips.has(second));
                found += here == Found.THERE ? 1 : 0;
                elsewhere += here == Found.ELSEWHERE ? 1 : 0;
            }
        }
        assertThat(found).as(name + " elsewhere: " + elsewhere).isGreaterThanOrEqualTo(2 * elsewhere);
    }

    /** A 0 at the end of decimals does not make it another answer. */
    private static boolean isSame(Answer one, Answer other) {
        return new BigDecimal(one.value()).compareTo(new BigDecimal(other.value())) == 0
                && Objects.equals(one.remainder(), other.remainder());
    }

    private enum Found {
        CANNOT_HAPPEN,
        THERE,
        ELSEWHERE
    }

    /**
     * Where a slip that could be made there is found; another one may be found that would have written just the same.
     *
     * @param surely whether it must be found where it broke
     */
    private static Found find(Problem problem, MethodName name, HouseStyle style, Slip slip, String ids,
            boolean surely) {
        Written written;
        try {
            written = Written.by(slip.over(Hand.CAREFUL), problem, Methods.of(name), style);
        } catch (Stuck stuck) {
            return Found.CANNOT_HAPPEN;
        }
        Mark broken =
                written.working().marks().stream().filter(mark -> mark.isBroken() && mark.until() == null).findFirst()
                        .orElse(null);
        // Where the point stands is not among the figures of a paper.
        if (broken == null || broken.kind() == MarkKind.POINT) {
            return Found.CANNOT_HAPPEN;
        }
        Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(name), style);
        // A remainder of tenths behind the point is no slip: 55 ÷ 10 is 5.5.
        boolean tenths = problem.operation() == Operation.DIVISION && problem.operands().get(1).plain().equals("10");
        if (tenths || isSame(careful.answer(), written.answer())) {
            return Found.CANNOT_HAPPEN;
        }
        boolean given = isGiven(written);
        Marked marked = mark(problem, name, style, paperOf(written, given, true), given);
        String what = ids + " in " + name + " " + problem.text() + " " + style + marked.slips();
        List<MarkedFigure> figures = marked.figures();
        if (marked.verdict() == PaperVerdict.RIGHT && ids.contains("point-")) {
            // The other slip came to nothing.
            return Found.CANNOT_HAPPEN;
        }
        if (marked.verdict() == PaperVerdict.RIGHT && ids.contains("remainder-")
                && problem.operands().get(1).digits().matches("10+")) {
            // Behind the ones, 19 of 19 ÷ 100 are its decimals.
            return Found.CANNOT_HAPPEN;
        }
        if (marked.verdict() == PaperVerdict.UNFINISHED && ids.contains(" ")) {
            // Two slips may leave a paper that just ends.
            return Found.CANNOT_HAPPEN;
        }
        List<MarkedFigure> wrong = figures.stream().filter(figure -> figure.verdict() == Verdict.WRONG).toList();
        assertThat(wrong).as(what).isNotEmpty();
        assertThat(marked.verdict()).as(what).isEqualTo(PaperVerdict.WRONG);
        assertThat(marked.first().at()).as(what).isEqualTo(wrong.get(0).at());
        assertThat(marked.first().say()).as(what).matches("(?s)[A-Z].*[.]");
        if (!isTie(marked, ids)) {
            boolean there = wrong.get(0).at().equals(keyOf(broken))
                    && figures.stream().noneMatch(figure -> figure.verdict() == Verdict.MISSING);
            assertThat(there || !surely).as(what + figures).isTrue();
            return there ? Found.THERE : Found.ELSEWHERE;
        }
        return Found.THERE;
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void aPaperThatIsNotDoneIsUnfinishedAndRightSoFar(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(9100 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 5);
            List<PaperFigure> all =
                    paperOf(Written.by(Hand.CAREFUL, problem, Methods.of(name), HouseStyle.USUAL), false, true);
            int full = (int) all.stream().filter(figure -> figure.anchor() == Anchor.MIDDLE).count();
            int some = full < 2 ? 0 : random.nextInt(all.size());
            List<PaperFigure> begun = all.subList(0, some);
            Marked marked = Marking.mark(problem, name.id(), HouseStyle.USUAL,
                    new PaperToMark(begun, false, true, false, null));
            assertThat(marked.figures()).as(name + " " + problem.text() + " " + begun)
                    .noneMatch(figure -> figure.verdict() == Verdict.WRONG || figure.verdict() == Verdict.FOLLOWS);
            if (full > 0) {
                assertThat(mark(problem, name, HouseStyle.USUAL, List.of(), false).verdict())
                        .as(name + " " + problem.text()).isEqualTo(PaperVerdict.UNFINISHED);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void anyFiguresAnywhereAreMarked(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(9200 + name.ordinal());
        for (int i = 0; i < PROBLEMS * 3; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 5);
            List<PaperFigure> all = new ArrayList<>(paperOf(Written.by(Hand.CAREFUL, problem, Methods.of(name),
                    HouseStyle.USUAL), true, true));
            Collections.shuffle(all, new Random(i));
            List<PaperFigure> written = new ArrayList<>();
            for (PaperFigure figure : all) {
                int dice = random.nextInt(8);
                String text =
                        dice < 4 ? figure.text() : dice == 4 ? "" + random.nextInt(10) : dice == 5 ? "?" : dice == 6
                                ? "999999999999" : "" + random.nextInt(100);
                written.add(new PaperFigure(figure.block(), figure.line(), figure.place() + random.nextInt(8) / 7,
                        random.nextInt(5) == 0 ? null : figure.anchor(), figure.kind(), text));
            }
            written.add(new PaperFigure(BlockName.named("nowhere"), Line.named("at all"), random.nextInt(100) - 50,
                    null, MarkKind.DIGIT, "7"));
            boolean given = random.nextBoolean();
            Marked marked = mark(problem, name, HouseStyle.USUAL, written, given);
            assertThat(marked.figures()).as(name + " " + problem.text())
                    .anyMatch(figure -> figure.at().block().id().equals("nowhere")
                            && figure.verdict() == Verdict.EXTRA);
            assertThat(marked.first() != null).isEqualTo(marked.verdict() == PaperVerdict.WRONG);
        }
    }

    @Test
    void aCarryStandsWhereAnyStyleWritesIt() {
        Problem problem = ProblemText.kept("47 + 38");
        for (PaperFigure carry : List.of(figure("carries", 1, Anchor.LOW, "1"), figure("on-rule", 1, null, "1"),
                figure("under", 1, Anchor.HIGH, "1"), figure("answer", 1, Anchor.BEFORE, "1"),
                figure("addend-2", 1, Anchor.BEFORE_LOW, "1"))) {
            Marked marked =
                    mark(problem, MethodName.COLUMN, HouseStyle.USUAL, List.of(figure("answer", 0, null, "5"), carry,
                            figure("answer", 1, null, "8")), false);
            assertThat(marked.figures()).as(carry.line().id()).hasSize(3)
                    .allMatch(figure -> figure.verdict() == Verdict.RIGHT);
        }
    }

    @Test
    void numbersSetOutInTheWrongColumnsAreFoundAndWhatFollowsIsMarkedFromThem() {
        Problem problem = ProblemText.kept("450 + 62");
        List<PaperFigure> paper = List.of(figure("addend-1", 2, null, "4"), figure("addend-1", 1, null, "5"),
                figure("addend-1", 0, null, "0"), figure("addend-2", 2, null, "6"), figure("addend-2", 1, null, "2"),
                figure("answer", 0, null, "0"), figure("answer", 1, null, "7"), figure("answer", 2, null, "0"),
                figure("answer", 3, null, "1"));
        Marked marked = mark(problem, MethodName.COLUMN, HouseStyle.USUAL, paper, true);
        assertThat(marked.figures()).filteredOn(figure -> figure.at().line().id().equals("answer"))
                .extracting(MarkedFigure::verdict).containsOnly(Verdict.FOLLOWS);
        assertThat(marked.first().at())
                .isEqualTo(new Figure.Key(BlockName.named("sum"), Line.named("addend-2"), 2, Anchor.MIDDLE, false));
        assertThat(marked.answer()).isEqualTo(new Marked.MarkedAnswer("1070", PaperVerdict.WRONG));
        assertThat(marked.slips()).first().extracting(Marked.Explained::slip).isEqualTo("lined-up-left");
    }

    @Test
    void aCarryLeftOutOnceIsTheCarryAndNotAFact() {
        Problem problem = ProblemText.kept("487 + 96 + 8");
        Marked marked = mark(problem, MethodName.COLUMN, HouseStyle.USUAL, List.of(figure("answer", 0, null, "1"),
                figure("answer", 1, null, "7"), figure("answer", 2, null, "5")), false);
        assertThat(marked.first().at().place()).isEqualTo(1);
        assertThat(marked.first().say())
                .isEqualTo(
                        "In the tens column stands 7 where 9 belongs. Tens: 2 tens carried, 8 tens and 9 tens are 19 tens.");
        assertThat(marked.slips()).first().extracting(Marked.Explained::slip).isEqualTo("carry-forgotten");
        assertThat(marked.figures()).filteredOn(figure -> figure.verdict() == Verdict.FOLLOWS).isEmpty();
    }

    @Test
    void whatNobodyCanReadIsNeitherRightNorWrongAndAWayOfOnesOwnIsJudgedByItsAnswer() {
        Problem problem = ProblemText.kept("47 + 38");
        List<PaperFigure> unclear = List.of(figure("answer", 0, null, "?"), figure("answer", 1, null, "8"));
        Marked marked = mark(problem, MethodName.COLUMN, HouseStyle.USUAL, unclear, false);
        assertThat(marked.figures()).extracting(MarkedFigure::verdict)
                .containsExactly(Verdict.UNCLEAR, Verdict.UNWRITTEN, Verdict.RIGHT);
        assertThat(marked.verdict()).isEqualTo(PaperVerdict.RIGHT);
        List<PaperFigure> own = List.of(figure("addend-1", 3, null, "9"), figure("answer", 1, null, "8"),
                figure("answer", 0, null, "5"));
        assertThat(ownWay(problem, own).verdict()).isEqualTo(PaperVerdict.RIGHT);
        assertThat(ownWay(problem, own.subList(0, 2)).verdict()).isEqualTo(PaperVerdict.WRONG);
        assertThat(ownWay(problem, own.subList(0, 2)).first()).isNull();
        assertThat(ownWay(problem, List.of()).verdict()).isEqualTo(PaperVerdict.UNFINISHED);
    }

    private static Marked ownWay(Problem problem, List<PaperFigure> paper) {
        return Marking.mark(problem, null, HouseStyle.USUAL, new PaperToMark(paper, false, false, true, null));
    }

    @ParameterizedTest
    @EnumSource(CheckKind.class)
    void aCheckIsMarkedFromTheAnswerOnThePaper(CheckKind kind) {
        RandomGenerator random = RandomNumbers.seeded(9300 + kind.ordinal());
        for (Operation operation : Operation.values()) {
            for (int i = 0; i < PROBLEMS && CheckKind.of(operation).contains(kind); i++) {
                Problem problem = EveryMethodTest.problem(operation, random, 4);
                if (kind == CheckKind.DIVIDE_BACK && problem.operands().stream().allMatch(Numeral::isZero)) {
                    continue;
                }
                List<PaperFigure> paper = new ArrayList<>(figures(
                        Worked.from(new WorkOrder(problem, null, HouseStyle.USUAL, kind.id())).working().marks()));
                String what = problem.text() + " " + kind;
                Marked right = marked(problem, paper, kind);
                assertThat(right.verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
                assertThat(right.check().agrees()).as(what).isTrue();
                List<PaperFigure> ofCheck = paper.stream().filter(figure -> figure.block().id().startsWith("check.")
                        && figure.kind() == MarkKind.DIGIT && figure.anchor() == Anchor.MIDDLE).toList();
                if (ofCheck.isEmpty()) {
                    continue;
                }
                PaperFigure changed = ofCheck.get(random.nextInt(ofCheck.size()));
                paper.replaceAll(figure -> figure != changed ? figure : new PaperFigure(changed.block(), changed.line(),
                        changed.place(), changed.anchor(), changed.kind(),
                        "" + (Integer.parseInt(changed.text()) + 1) % 10));
                Marked wrong = marked(problem, paper, kind);
                assertThat(wrong.check().verdict()).as(what + changed).isEqualTo(PaperVerdict.WRONG);
                assertThat(wrong.answer().verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
            }
        }
    }

    private static Marked marked(Problem problem, List<PaperFigure> paper, CheckKind check) {
        return Marking.mark(problem, null, HouseStyle.USUAL, new PaperToMark(paper, true, false, false, check));
    }

    private static PaperFigure figure(String line, int place, Anchor anchor, String text) {
        return new PaperFigure(BlockName.named("sum"), Line.named(line), place, anchor, MarkKind.DIGIT, text);
    }

    /** Whether another hand explains this paper as well. */
    private static boolean isTie(Marked marked, String ids) {
        double own = marked.slips().stream()
                .filter(each -> ids.equals(each.slip() + (each.with() == null ? "" : " " + each.with()))
                        || ids.equals(each.with() + " " + each.slip()))
                .mapToDouble(Marked.Explained::cost).min().orElse(9);
        return marked.slips().stream().anyMatch(other -> !ids.contains(other.slip()) && other.cost() <= own + 1e-9
                || ids.contains(" ") && other.with() == null && other.cost() <= own + 1e-9);
    }
}
