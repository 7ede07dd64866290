package bemble.core;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.hand.Hand;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.sheet.Layout;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.Step;
import bemble.core.working.Working;
import bemble.core.writing.Square;
import bemble.core.writing.WritingPaper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
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
        return working.marks().stream().filter(mark -> mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL)
                .map(Mark::at).collect(Collectors.toSet());
    }

    /** Every spot that a hand leaves something in, small figures and strokes too. */
    private static Set<Spot> written(Working working, boolean jots) {
        return working.marks().stream().filter(mark -> mark.until() == null && mark.role() != Role.FRAME && (jots || !mark.at().block().id().startsWith("totals"))
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
            for (KnownSlip slip : Slips.of(problem, name)) {
                hands.add(slip.slip().over(Hand.CAREFUL));
                if (NamedSlips.has(slip)) {
                    hands.add(slip.slip().chance(0.5, RandomNumbers.seeded(i)).over(Hand.CAREFUL));
                }
            }
            for (Hand hand : hands) {
                String what = name + " " + problem.text() + " " + style;
                written(hand, problem, method, style).ifPresent(working -> {
                    Set<Spot> spots = full(working);
                    assertThat(spots).as(what).allSatisfy(spot -> {
                        assertThat(paper.row(spot)).isBetween(0, paper.rows() - 1);
                        assertThat(paper.column(spot)).isBetween(0, paper.columns() - 1);
                        assertThat(paper.spot(paper.row(spot), paper.column(spot))).contains(spot);
                    });
                    assertThat(squares).as(what).containsAll(written(working, style.jotsTotals()));
                    assertThat(spots.stream().map(spot -> paper.row(spot) + " " + paper.column(spot)).distinct().count())
                            .as("no two in one square: " + what).isEqualTo(spots.size());
                });
            }
        }
    }

    @Test
    void aLongMultiplicationIsWrittenAlongItsPathAndSmallFiguresHaveTheirSquares() {
        Problem problem = ProblemText.read("346 × 205", 0, Punctuation.POINT);
        WritingPaper paper = WritingPaper.of(new WorkOrder(problem, null, HouseStyle.USUAL, null), false, false);
        assertThat(paper.way().stream().limit(5))
                .extracting(mark -> mark.line() + " " + mark.place() + " " + mark.text())
                .containsExactly("addend-1 0 0", "addend-1 1 3", "addend-1 2 7", "addend-1 3 1", "addend-3 1 0");
        Square digit = paper.squares().stream().filter(square -> square.name().equals("tens, row 1")).findFirst().orElseThrow();
        assertThat(digit.full()).isTrue();
        assertThat(paper.squares().get(digit.smallAt()).name()).isEqualTo("tens, small figures of row 1");
        assertThat(paper.squares()).filteredOn(square -> square.given() != null).extracting(Square::given)
                .containsExactly("3", "4", "6", "2", "0", "5");
        assertThat(paper.stepsToJoin()).first().extracting(Step::title).isEqualTo("Ones");
    }

    @Test
    void theCheckHasItsSquaresWhereItIsToBeWritten() {
        WorkOrder order = new WorkOrder(ProblemText.read("4206 - 1358", 0, Punctuation.POINT), null, HouseStyle.USUAL, null);
        assertThat(WritingPaper.of(order, false, false).squares()).noneMatch(square -> square.name().startsWith("check, "));
        assertThat(WritingPaper.of(order, false, true).squares()).anyMatch(square -> square.name().equals("check, ones, row 1"))
                .anyMatch(square -> square.name().equals("check, ones, answer line"));
    }
}
