package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.entry.GivenAnswer;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Which facts an answer rests on, and which was missed. */
class FactsWorkedTest {
    private static final HouseStyle STYLE = HouseStyle.USUAL;

    @ParameterizedTest
    @CsvSource({
        "687 + 58, 8+7 8+5+1", "134 - 52, 4-2 13-5", "48 x 7, 7x8 4x7 28+5"
    })
    void areThoseOfACarefulHand(String problem, String facts) {
        Problem asked = ProblemText.kept(problem);
        assertThat(FactsWorked.of(asked, Methods.usual(asked), STYLE)).containsAll(List.of(facts.split(" ")));
    }

    @ParameterizedTest
    @CsvSource({
        "fact-near-miss, 48 x 7, 329, 7x8, 49", "fact-near-miss, 687 + 58, 755, 8+5, 14",
        "fact-near-miss, 687 + 58, 746, 8+7, 16", "fact-near-miss, 134 - 52, 92, 13-5, 9",
        "fact-known-wrongly, 48 x 7, 334, 7x8, 54", "carry-forgotten, 687 + 58, 635, ,"
    })
    void theMissedOneIsToldWithWhatWasSaid(String cause, String problem, String given, String fact, String said) {
        Problem asked = ProblemText.kept(problem);
        Optional<FactsWorked.Missed> missed = FactsWorked.missed(cause, asked, Methods.usual(asked), STYLE, given);
        assertThat(missed.map(FactsWorked.Missed::fact).orElse(null)).isEqualTo(fact);
        assertThat(missed.map(FactsWorked.Missed::said).orElse(null)).isEqualTo(said);
    }

    /** Whoever misses one fact leaves an answer that some missed fact explains. */
    @ParameterizedTest
    @EnumSource(Operation.class)
    void whateverFactIsMissedOneIsTold(Operation operation) {
        for (FeaturedProblem drawn : new Draft(Ladder.of(operation).get(1).wishes(), 5).draw(6)) {
            Problem asked = drawn.problem();
            Written careful = Written.answerBy(Hand.CAREFUL, asked, Methods.usual(asked), STYLE);
            for (int which = 0; which < careful.factsWorked().size(); which++) {
                Written missed = Written.asFarAs(Slip.nearMiss(which, 1).over(Hand.CAREFUL), asked,
                        Methods.usual(asked), STYLE, false);
                if (missed.isFinished() && careful.factsWorked().get(which).fact() != null
                        && !missed.answer().text().equals(careful.answer().text())) {
                    assertThat(FactsWorked.missed(Slips.FACT_NEAR_MISS, asked, Methods.usual(asked), STYLE,
                            GivenAnswer.of(missed.answer()).key())).as(asked.text() + " " + which).isPresent();
                }
            }
        }
    }

    @Test
    void aVeryLongProblemIsNotTriedForEver() {
        Problem asked = ProblemText.kept("9".repeat(40) + " x " + "8".repeat(40));
        assertThat(FactsWorked.missed(Slips.FACT_NEAR_MISS, asked, Methods.usual(asked), STYLE, "1")).isEmpty();
    }
}
