package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.practice.Feedback.Done;
import bemble.core.practice.Feedback.Outcome;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a child is told is counted from their own answers, and short. */
class FeedbackTest {
    /** @param marks for each question {@code +} right, {@code -} wrong, {@code .} left out, {@code ?} not marked yet */
    private static List<Done> sheet(String problems, String marks) {
        List<Done> sheet = new ArrayList<>();
        String[] each = problems.split(", ");
        for (int i = 0; i < each.length; i++) {
            sheet.add(new Done(i + 1, ProblemText.kept(each[i]), Outcome.values()["+-.?".indexOf(marks.charAt(i))]));
        }
        return sheet;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "403 − 128, 84 − 31, 62 − 48 | +++ | All 3 are right, 1 of them across a zero. Make a harder one up, for a neighbour.",
        "403 − 128, 84 − 31, 62 − 48 | -++ | 2 of 3 are right, 1 of them with an exchange. Look again at 1.",
        "403 − 128, 84 − 31, 62 − 48 | -+. | 1 of 3 is right. Look again at 1.",
        "403 − 128, 84 − 31, 62 − 48 | +.. | 1 of 3 is right, across a zero. Now try 2 and 3.",
        "36 + 48, 27 + 35 | ++ | Both are right, both with a carry. Make a harder one up, for a neighbour.",
        "36 + 48 | + | It is right, with a carry. Make a harder one up, for a neighbour.",
        "36 + 48, 27 + 35, 1 + 1, 2 + 2 | ---- | You worked at 4 of 4 questions. Look again at 1, 2 and 3 first.",
        "403 − 128, 84 − 31, 62 − 48 | +?? | 1 is right so far, across a zero.",
        "403 − 128, 84 − 31, 62 − 48 | ++? | 2 are right so far, 1 of them across a zero.",
        "403 − 128, 84 − 31, 62 − 48 | -?? | You worked at it. Look again at 1.",
        "36 + 48, 27 + 35 | ?? | ''", "36 + 48, 27 + 35 | .. | ''"})
    void whatWentWellAndOneThing(String problems, String marks, String said) {
        assertThat(Feedback.of(sheet(problems, marks), HouseStyle.USUAL)).isEqualTo(said);
    }

    @Test
    void itIsSaidInTheWordsOfTheHouse() {
        assertThat(Feedback.of(sheet("62 − 48", "+"), HouseStyle.USUAL.with(Map.of("exchangeWord", "borrow"))))
                .contains("with borrowing");
    }

    @Test
    void noSentenceIsLongerThanAChildReads() {
        RandomGenerator random = RandomNumbers.seeded(91);
        List<String> problems = List.of("36 + 48", "487 + 596", "403 − 128", "4003 − 1358", "346 × 205", "23 × 47",
                "816 ÷ 4", "8136 ÷ 25", "97 ÷ 4", "√529");
        for (int i = 0; i < Trials.of(2000); i++) {
            StringBuilder marks = new StringBuilder();
            List<String> asked = new ArrayList<>();
            for (int n = 1 + random.nextInt(30); n > 0; n--) {
                asked.add(problems.get(random.nextInt(problems.size())));
                marks.append("+-.?".charAt(random.nextInt(4)));
            }
            String said = Feedback.of(sheet(String.join(", ", asked), marks.toString()), HouseStyle.USUAL);
            assertThat(Arrays.stream(said.split("(?<=\\.) "))).as(said)
                    .allSatisfy(sentence -> assertThat(sentence.split(" ").length)
                            .isLessThanOrEqualTo(Feedback.MOST_WORDS));
        }
    }
}
