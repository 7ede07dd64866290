package bemble.core;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.hand.Hand;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.order.PaperToWriteOn;
import bemble.core.order.WorkOrder;
import bemble.core.problem.Problem;
import bemble.core.sheet.Layout;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A paper laid out before anybody writes has the squares for whatever is written. */
class PaperToWriteOnTest {
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

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void everyHandFindsItsSquares(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(3000 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 6);
            HouseStyle style = RandomStyles.next(random);
            Method<?> method = Methods.of(name);
            Layout paper = PaperToWriteOn.of(new WorkOrder(problem, name.id(), style, null));
            List<Hand> hands = new ArrayList<>(List.of(Hand.CAREFUL));
            for (KnownSlip slip : Slips.of(problem, name)) {
                hands.add(slip.slip().over(Hand.CAREFUL));
                hands.add(slip.slip().chance(0.5, RandomNumbers.seeded(i)).over(Hand.CAREFUL));
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
                    assertThat(spots.stream().map(spot -> paper.row(spot) + " " + paper.column(spot)).distinct().count())
                            .as("no two in one square: " + what).isEqualTo(spots.size());
                });
            }
        }
    }
}
