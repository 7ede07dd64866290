package bemble.core.hand;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.hand.slipped.Slip;
import bemble.core.marking.ReadingHandTest;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.working.Mark;
import bemble.core.working.Spoken;
import bemble.core.working.Working;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is told of something written: how much it is, where its rule was broken, and what a careful hand says there. */
class WrittenTest {
    private static final int PROBLEMS = 10;
    private static final Set<String> OTHER_PROCEDURES =
            Set.of("digit-by-digit", "matching-columns-only", "added-instead");

    private static Problem problem(String text) {
        return ProblemText.kept(text);
    }

    private static Written write(String text, Slip slip) {
        Problem problem = problem(text);
        return Written.by(slip == null ? Hand.CAREFUL : slip.over(Hand.CAREFUL), problem, Methods.usual(problem),
                HouseStyle.USUAL);
    }

    private static Slip slip(String id, String text) {
        return Slips.find(id, problem(text).operation()).orElseThrow().slip();
    }

    private static String rule(Written written) {
        Mark broken = written.working().firstBroken().orElseThrow();
        return written.ruleFirstBroken(broken.key()).map(Spoken::say).orElse("");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "687 + 58 | carry-forgotten | 1 2 | Tens: 1 ten carried, 8 tens and 5 tens are 14 tens.",
        "402 − 158 | smaller-from-larger | 0 1 | Ones: 12 ones take away 8 ones leaves 4 ones. Write 4 in the ones column.",
        "75 ÷ 8 | remainder-forgotten | | 3 left over, the remainder. Write it beside the quotient: 75 = 8 × 9 + 3.",
    })
    void whereARuleWasBrokenIsToldAndWhatACarefulHandSaysThere(String problem, String slip, String places,
            String rule) {
        Written written = write(problem, slip(slip, problem));
        assertThat(written.isBroken()).isTrue();
        assertThat(written.brokenPlaces()).extracting(String::valueOf)
                .containsExactly(places == null ? new String[0] : places.split(" "));
        assertThat(rule(written)).contains(rule);
    }

    @Test
    void ofAFactThatWasMissedTheFactIsSaid() {
        Written written = write("687 + 58", Slip.nearMiss(0, 1));
        assertThat(rule(written)).startsWith("Ones: 7 ones and 8 ones are 15 ones.");
        Written careful = write("687 + 58", null);
        assertThat(careful.ruleFirstBroken(written.working().firstBroken().orElseThrow().key())).isEmpty();
        assertThat(careful.brokenPlaces()).isEmpty();
    }

    /** Of every slip: as many figures as are on the paper, and something is said wherever a rule was broken. */
    @ParameterizedTest
    @EnumSource(Operation.class)
    void figuresAreCountedAndEveryBrokenRuleHasWords(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(60 + operation.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(operation, random, 4);
            for (var known : Slips.of(problem, Methods.usual(problem).name())) {
                Written written;
                try {
                    written = write(problem.text(), known.slip());
                } catch (Stuck noWayOn) {
                    continue;
                }
                String what = problem.text() + " " + known.id();
                Working looks = written.workingAsItLooks();
                assertThat(written.figures()).as(what).isEqualTo(looks.marks().stream().filter(Mark::isAsked)
                        .mapToInt(mark -> mark.text().length()).sum());
                assertThat(written.isFinished()).isTrue();
                assertThat(written.style()).isEqualTo(HouseStyle.USUAL);
                // Where it leaves no trace, nothing can be said of it; another procedure altogether has no place where it begins.
                if (written.isBroken() && written.working().firstBroken().isPresent()
                        && !OTHER_PROCEDURES.contains(known.id())) {
                    assertThat(rule(written)).as(what).isNotBlank();
                }
            }
        }
    }

    @ParameterizedTest
    // The second fact missed makes a carry too: it shows in two figures.
    @CsvSource({"0, 0, 1", "1, 1, 2", "2, 2, 1", "3, 3, 1"})
    void whatAPaperSaysOtherwiseIsCountedFromWhereItDeparts(int fact, int place, int departures) {
        String problem = "4738 + 1956";
        ReadingHand reading =
                new ReadingHand(ReadingHandTest.paperOf(write(problem, Slip.nearMiss(fact, 1))), Hand.CAREFUL);
        Written read = Written.by(reading, problem(problem), Methods.usual(problem(problem)), HouseStyle.USUAL);
        assertThat(read.answer().text()).isEqualTo(write(problem, Slip.nearMiss(fact, 1)).answer().text());
        assertThat(List.of(reading.departures(), reading.firstMissed(), reading.firstPlace()))
                .containsExactly(departures, fact, place);
        ReadingHand right = new ReadingHand(ReadingHandTest.paperOf(write(problem, null)), Hand.CAREFUL);
        Written.by(right, problem(problem), Methods.usual(problem(problem)), HouseStyle.USUAL);
        assertThat(List.of(right.departures(), right.firstMissed())).containsExactly(0, -1);
    }
}
