package bemble.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.NamedSlips;
import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.sheet.Layout;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.BlockName;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.Step;
import bemble.core.working.Working;
import bemble.core.writing.Course;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A paper laid out before anybody writes has the squares for whatever is written. */
class WritingPaperTest {
    private static final int PROBLEMS = 25;

    private static Optional<Working> written(Hand hand, Problem problem, Method<?> method, HouseStyle style) {
        try {
            return Optional.of(Written.by(hand, problem, method, style).working());
        } catch (Stuck stuck) {
            return Optional.empty();
        }
    }

    private static Set<Spot> full(Working working) {
        return working.marks().stream().filter(
                mark -> mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL && mark.role() != Role.MISSING)
                .map(Mark::at).collect(Collectors.toSet());
    }

    /** Every spot that a hand leaves something in, small figures and strokes too. */
    private static Set<Spot> written(Working working, boolean jots) {
        return working.marks().stream().filter(mark -> mark.until() == null && mark.role() != Role.FRAME
                && mark.role() != Role.MISSING && (jots || !mark.at().block().name().id().startsWith("totals"))
                && (mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE))
                .map(Mark::at).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void everyHandFindsItsSquares(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(3000 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 6);
            HouseStyle style = RandomStyles.next(random);
            Method<?> method = Methods.of(name);
            WritingPaper toWriteOn = WritingPaper.of(new WorkOrder(problem, name.id(), style, null), true, false);
            Layout paper = toWriteOn.layout();
            Set<Spot> squares = toWriteOn.squares().stream().map(Square::spot).collect(Collectors.toSet());
            List<Hand> hands = new ArrayList<>(List.of(Hand.CAREFUL));
            List<String> ids = new ArrayList<>(List.of("careful"));
            for (KnownSlip slip : Slips.of(problem, name)) {
                hands.add(slip.slip().over(Hand.CAREFUL));
                ids.add(slip.id());
                if (NamedSlips.has(slip)) {
                    hands.add(slip.slip().chance(0.5, RandomNumbers.seeded(i)).over(Hand.CAREFUL));
                    ids.add(slip.id() + " now and then");
                }
            }
            for (Hand hand : hands) {
                String what = ids.get(hands.indexOf(hand)) + " " + name + " " + problem.text() + " " + style;
                written(hand, problem, method, style).filter(working -> isSetOutAs(toWriteOn, working))
                        .ifPresent(working -> {
                            Set<Spot> spots = full(working);
                            assertThat(spots).as(what).allSatisfy(spot -> {
                                assertThat(paper.row(spot)).isBetween(0, paper.rows() - 1);
                                assertThat(paper.column(spot)).isBetween(0, paper.columns() - 1);
                                assertThat(paper.spot(paper.row(spot), paper.column(spot))).contains(spot);
                            });
                            assertThat(squares).as(what).containsAll(written(working, style.jotsTotals()));
                            assertThat(spots.stream().map(spot -> paper.row(spot) + " " + paper.column(spot)).distinct()
                                    .count())
                                            .as("no two in one square: " + what).isEqualTo(spots.size());
                        });
            }
        }
    }

    @Test
    void aLongMultiplicationIsWrittenAlongItsPathAndSmallFiguresHaveTheirSquares() {
        Problem problem = ProblemText.kept("346 × 205");
        WritingPaper paper = WritingPaper.of(new WorkOrder(problem, null, HouseStyle.USUAL, null), false, false);
        assertThat(paper.courses().stream().limit(3)
                .map(course -> paper.squares().get(course.squares().get(course.start())).name()))
                        .containsExactly("ones, row 1", "ones, row 3", "ones, answer line");
        Square digit = paper.squares().stream().filter(square -> square.name().equals("tens, row 1")).findFirst()
                .orElseThrow();
        assertThat(digit.full()).isTrue();
        assertThat(paper.squares().get(digit.smallAt()).name()).isEqualTo("tens, small figures of row 1");
        assertThat(paper.squares()).filteredOn(square -> square.given() != null).extracting(Square::given)
                .containsExactly("3", "4", "6", "2", "0", "5");
        assertThat(paper.stepsToJoin()).first().extracting(Step::title).isEqualTo("Ones");
    }

    /** A pen that is taken to where a line begins and then types, going on by itself as far as it does. */
    private static final class Pen {
        private final WritingPaper paper;
        private final Map<Integer, String> there = new HashMap<>();
        private int at;

        Pen(WritingPaper paper) {
            this.paper = paper;
        }

        Course course() {
            return paper.courses().stream().filter(course -> course.squares().contains(at)).findFirst().orElseThrow();
        }

        /** Types into an empty square and goes on; at the end of its line it stays where it is. */
        void type(String figure) {
            assertThat(there).as("nothing is written over").doesNotContainKey(at);
            there.put(at, figure);
            List<Integer> line = course().squares();
            at = line.subList(line.indexOf(at) + 1, line.size()).stream().filter(square -> !there.containsKey(square))
                    .findFirst().orElse(at);
        }
    }

    /** Who takes one operation for another sets it out elsewhere. */
    private static boolean isSetOutAs(WritingPaper paper, Working working) {
        BlockName first = working.blocks().get(0).name();
        return paper.squares().stream().anyMatch(square -> square.spot().block().name().equals(first));
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void whateverSomebodyWritesAlongALineStandsThereJustSo(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(5100 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 5);
            HouseStyle style = RandomStyles.next(random);
            WritingPaper paper = WritingPaper.of(new WorkOrder(problem, name.id(), style, null), false, false);
            List<Spot> spots = paper.squares().stream().map(Square::spot).toList();
            Set<String> printed = paper.squares().stream().filter(square -> square.given() != null)
                    .map(square -> line(square.spot())).collect(Collectors.toSet());
            Slips.of(problem, name)
                    .forEach(slip -> written(slip.slip().over(Hand.CAREFUL), problem, Methods.of(name), style)
                            .filter(working -> isSetOutAs(paper, working)).ifPresent(working -> {
                                String what = slip.id() + " " + name + " " + problem.text() + " " + style;
                                Map<Integer, String> meant = new HashMap<>();
                                working.marks().stream()
                                        .filter(mark -> mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL
                                                && mark.until() == null
                                                && mark.role() != Role.GIVEN && mark.role() != Role.PADDING
                                                && mark.role() != Role.FRAME && mark.role() != Role.MISSING)
                                        .filter(mark -> !printed.contains(line(mark.at())))
                                        .forEach(mark -> meant.put(spots.indexOf(mark.at()), mark.text()));
                                Pen pen = new Pen(paper);
                                for (Course course : paper.courses()) {
                                    for (int square : course.squares()) {
                                        if (meant.containsKey(square)) {
                                            int before = course.squares().indexOf(square) - 1;
                                            if (before >= 0 && meant.containsKey(course.squares().get(before))) {
                                                assertThat(pen.at).as(what).isEqualTo(square);
                                            }
                                            pen.at = square;
                                            pen.type(meant.get(square));
                                        }
                                    }
                                }
                                assertThat(pen.there).as(what).isEqualTo(meant);
                            }));
        }
    }

    private static String line(Spot spot) {
        return spot.block().name() + " " + spot.line();
    }

    @Test
    void aLongerWrongDifferenceIsTypedAsItIs() {
        WritingPaper paper = WritingPaper.of(
                new WorkOrder(ProblemText.kept("204 - 125"), null, HouseStyle.USUAL, null), false,
                false);
        Pen pen = new Pen(paper);
        pen.at = paper.courses().get(0).squares().get(0);
        List.of("1", "2", "1").forEach(pen::type);
        assertThat(pen.there.entrySet().stream().collect(
                Collectors.toMap(each -> paper.squares().get(each.getKey()).spot().place(), Map.Entry::getValue)))
                        .isEqualTo(Map.of(0, "1", 1, "2", 2, "1"));
    }

    /** What a pen tells of a paper before anybody writes: where lines begin, which way they run, and how far. */
    private static String seen(WritingPaper paper) {
        return paper.courses().stream().map(course -> {
            List<Square> line = course.squares().stream().map(paper.squares()::get).toList();
            return line.get(course.start()).spot()
                    + (line.get(0).column() < line.get(line.size() - 1).column() ? " rightwards " : " leftwards ")
                    + course.span();
        }).sorted().collect(Collectors.joining("\n"));
    }

    @ParameterizedTest
    @CsvSource({"204 - 125, 941 - 107", "41 + 97, 12 + 30", "38.2 - 5.75, 90.1 - 9.99", "34 × 26, 98 × 97",
        "7 + 8, 1 + 1", "1002 - 997, 9999 - 111"})
    void nothingOfThePaperTellsHowLongTheAnswerIs(String one, String other) {
        Operation operation = ProblemText.kept(one).operation();
        Stream.of(MethodName.values())
                .filter(name -> name.operation() == operation && name != MethodName.COUNTING_UP
                        && name != MethodName.MATCHING_COLUMNS)
                .forEach(name -> assertThat(seen(paper(one, name.id()))).as(name.id())
                        .isEqualTo(seen(paper(other, name.id()))));
    }

    private static WritingPaper paper(String problem, String method) {
        return WritingPaper.of(
                new WorkOrder(ProblemText.kept(problem), method, HouseStyle.USUAL, null), false,
                false);
    }

    @Test
    void theCheckHasItsSquaresWhereItIsToBeWritten() {
        WorkOrder order =
                new WorkOrder(ProblemText.kept("4206 - 1358"), null, HouseStyle.USUAL, null);
        assertThat(WritingPaper.of(order, false, false).squares())
                .noneMatch(square -> square.name().startsWith("check, "));
        assertThat(WritingPaper.of(order, false, true).squares())
                .anyMatch(square -> square.name().equals("check, sum, ones, row 1"))
                .anyMatch(square -> square.name().equals("check, sum, ones, answer line"));
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void noTwoSquaresHaveOneName(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(5200 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 5);
            WorkOrder order = new WorkOrder(problem, name.id(), RandomStyles.next(random), null);
            assertThat(WritingPaper.of(order, true, true).squares().stream().map(Square::name)).as("%s", problem)
                    .doesNotHaveDuplicates();
        }
    }
}
