package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.hand.Decision;
import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.WorkRecord;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.words.Words;
import bemble.core.working.Figure;
import bemble.core.working.Mark;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Working;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What slips do one by one: which decision they touch, which square is rung, what is heard of it. */
class SlippedHandsTest {
    private static final HouseStyle STYLE = HouseStyle.USUAL;

    private static Problem problem(String text) {
        return ProblemText.kept(text);
    }

    private static Slip slip(String id, Problem problem) {
        return Slips.of(problem, Methods.usual(problem).name()).stream().filter(slip -> slip.id().equals(id))
                .findFirst()
                .map(KnownSlip::slip).orElseThrow();
    }

    private static Written written(Slip slip, Problem problem) {
        return Written.by(slip.over(Hand.CAREFUL), problem, Methods.usual(problem), STYLE);
    }

    private static List<Integer> brokenPlaces(Written written) {
        return written.decisions().stream().filter(Decision::isBroken).map(decision -> decision.asked().place())
                .distinct()
                .toList();
    }

    /** A fact missed by one too many or, where no hand goes on from there, by one too few. */
    private static Written missing(int which, Problem problem) {
        try {
            return written(Slip.nearMiss(which, 1), problem);
        } catch (Stuck tooBig) {
            return written(Slip.nearMiss(which, -1), problem);
        }
    }

    /** A worked fact that is missed is one, the one that is counted to, and by what was said. */
    @ParameterizedTest
    @CsvSource({"386 + 247", "503 − 128", "46 × 37", "√529"})
    void aNearMissTouchesTheOneFactThatIsCounted(String text) {
        Problem problem = problem(text);
        Method<?> method = Methods.usual(problem);
        int facts = (int) Written.by(Hand.CAREFUL, problem, method, STYLE).decisions().stream()
                .filter(decision -> decision.asked() instanceof FactQuestion<?> fact && fact.isWorked()).count();
        assertThat(facts).isGreaterThan(1);
        Set<Integer> touched = IntStream.range(0, facts).mapToObj(which -> {
            List<Decision<?>> worked = missing(which, problem).decisions().stream()
                    .filter(decision -> decision.asked() instanceof FactQuestion<?> fact && fact.isWorked())
                    .collect(Collectors.toList());
            List<Integer> broken =
                    IntStream.range(0, worked.size()).filter(i -> worked.get(i).isBroken()).boxed().toList();
            assertThat(broken).as(text + ", fact " + which).isEqualTo(List.of(which));
            return which;
        }).collect(Collectors.toSet());
        assertThat(touched).hasSize(facts);
        assertThat(written(Slip.nearMiss(facts, 1), problem).isBroken()).as("there is no such fact").isFalse();
        assertThat(Slipped.find(Slips.FACT_NEAR_MISS, problem, method, STYLE)
                .flatMap(slip -> Slipped.answer(slip, problem, method, STYLE))).isPresent()
                        .get().isNotEqualTo(Written.answerBy(Hand.CAREFUL, problem, method, STYLE).answer().text());
    }

    @ParameterizedTest
    @CsvSource({"64 + 23, subtracted-instead, 41", "23 + 64, subtracted-instead, 41", "64 + 64, subtracted-instead, 0",
        "12 + 3, multiplied-instead, 36", "82 − 15, multiplied-instead, 1230", "14 × 30, subtracted-instead, 16",
        "30 × 14, subtracted-instead, 16", "96 ÷ 4, multiplied-instead, 384", "96 ÷ 4, subtracted-instead, 92",
        "96 ÷ 4, added-instead, 100", "214 + 153, answer-digits-turned, 376", "75 + 300, answer-digits-turned, 357"})
    void oneOperationIsTakenForAnotherAndAnAnswerTurned(String text, String id, String answer) {
        Problem problem = problem(text);
        Written written = written(slip(id, problem), problem);
        assertThat(written.answer().value()).isEqualTo(answer);
        assertThat(written.method()).isNotNull();
    }

    @Test
    void aListOfNumbersIsCutShortOnlyWhereItIsLong() {
        List<String> twelve = IntStream.rangeClosed(1, 12).mapToObj(Integer::toString).toList();
        assertThat(WorkRecord.listed("left", twelve)).endsWith("11, 12");
        assertThat(WorkRecord.listed("left", Stream.concat(twelve.stream(), Stream.of("13")).toList()))
                .endsWith("11, 12 …");
        assertThat(WorkRecord.listed("left", List.of())).isEqualTo("no left");
    }

    /** A hand over another leaves alone what it does not decide: what is left off stays off, whoever is above. */
    @ParameterizedTest
    @CsvSource({"386 + 247", "503 − 128", "46 × 37", "4806 ÷ 6", "√1849"})
    void whatIsAboveASlipChangesNothingElseOfIt(String text) {
        Problem problem = problem(text);
        List<Figure> careful = ink(base -> base, problem);
        for (KnownSlip known : Slips.of(problem, Methods.usual(problem).name())) {
            List<Figure> slipped = ink(known.slip(), problem);
            assertThat(ink(known.slip().and(Slip.nearMiss(999, 1)), problem)).as(known.id()).isEqualTo(slipped);
            assertThat(ink(known.slip().notAt(99), problem)).as(known.id()).isEqualTo(slipped);
            assertThat(ink(known.slip().at(99), problem)).as(known.id()).isEqualTo(careful);
            assertThat(ink(known.slip().chance(1, () -> 0), problem)).as(known.id()).isEqualTo(slipped);
            assertThat(ink(known.slip().chance(0, () -> 0), problem)).as(known.id()).isEqualTo(careful);
        }
    }

    private static List<Figure> ink(Slip slip, Problem problem) {
        return Written.asFarAs(slip.over(Hand.CAREFUL), problem, Methods.usual(problem), STYLE, true).ink();
    }

    @Test
    void aSlipCanBeLimitedToOneColumnOrNeverHaveItsChance() {
        Problem sum = problem("5876 + 4687");
        Slip forgotten = slip("carry-forgotten", sum);
        assertThat(brokenPlaces(written(forgotten, sum))).containsExactly(1, 2, 3);
        assertThat(brokenPlaces(written(forgotten.at(2), sum))).containsExactly(2);
        assertThat(written(forgotten.chance(0, RandomNumbers.seeded(1)), sum).isBroken()).isFalse();
        assertThat(brokenPlaces(written(forgotten.chance(1, RandomNumbers.seeded(1)), sum))).containsExactly(1, 2, 3);
        Written both = written(forgotten.at(1).and(forgotten.at(3)), sum);
        assertThat(brokenPlaces(both)).containsExactly(1, 3);
    }

    @ParameterizedTest
    @CsvSource({"58 + 67,carry-forgotten,1,WRONG,1,2", "87 + 38,last-carry-lost,2,MISSING,'',1",
        "8412 ÷ 4,quotient-zero-forgotten,1,MISSING,'',0"})
    void theSquareThatIsRungIsTheOneWhereTheRuleWasBroken(String text, String id, int place, Role role, String stands,
            String should) {
        Working working = written(slip(id, problem(text)), problem(text)).working();
        Mark ring = working.firstBroken().orElseThrow();
        assertThat(ring.role()).isEqualTo(role);
        assertThat(ring.at().place()).isEqualTo(place);
        assertThat(ring.text()).isEqualTo(stands);
        assertThat(ring.should()).isEqualTo(should);
        assertThat(written(base -> base, problem(text)).working().firstBroken()).isEmpty();
    }

    @Test
    void theWorkEndsWhereItsCheckBeginsAndItsAnswerStandsInOneLine() {
        Working working = Worked.from(new WorkOrder(problem("5002 − 1347"), null, STYLE, null)).working();
        int last = working.lastOfWork();
        assertThat(working.steps().get(last - 1).part()).isEqualTo(Part.WORK);
        assertThat(working.steps().get(last).part()).isEqualTo(Part.CHECK);
        assertThat(working.marks().stream().filter(mark -> mark.isAsked() && working.isInAnswer(mark)).map(Mark::text)
                .collect(Collectors.joining())).isEqualTo("5563");
    }

    @Test
    void aStruckFigureIsHeardAsStruckAndASmallOneWithWhatItIsFor() {
        Words words = new Words(STYLE);
        List<String> heard = written(base -> base, problem("503 − 128")).working().marks().stream().map(words::heard)
                .filter(text -> text.matches(".*[a-z].*")).toList();
        assertThat(heard).contains("5 struck", "4 by exchange", "10 struck", "9 by exchange");
        assertThat(written(base -> base, problem("58 + 67")).working().marks()).map(words::heard).contains("carried 1");
        assertThat(written(slip("last-carry-lost", problem("87 + 38")), problem("87 + 38")).working().marks().stream()
                .filter(mark -> mark.role() == Role.MISSING).map(words::heard)).containsOnly("");
    }

    @Test
    void slipsInWholeNumbersAreNotLookedForAmongDecimals() {
        assertThat(Slips.of(problem("58 + 67"), MethodName.COLUMN)).extracting(KnownSlip::id)
                .contains("carry-forgotten");
        assertThat(Slips.of(problem("5.8 + 6.7"), MethodName.COLUMN))
                .allMatch(slip -> slip.numbers() != KnownSlip.Numbers.WHOLE);
        assertThat(Slips.label("carry-forgotten", problem("58 + 67"))).isEqualTo("never adds a carry");
        assertThat(Slips.label(Slips.FACT_NEAR_MISS, problem("58 + 67"))).isEqualTo("gets one fact wrong");
        assertThat(Slips.label("carry-forgotten", problem("5 × 7"))).isNotEqualTo("never adds a carry");
    }
}
