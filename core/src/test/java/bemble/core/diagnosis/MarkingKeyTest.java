package bemble.core.diagnosis;

import bemble.core.entry.RightAnswer;
import bemble.core.diagnosis.outcome.Answers;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.MarkingKey.KeyAnswer;
import bemble.core.diagnosis.MarkingKey.KeyCode;
import bemble.core.diagnosis.MarkingKey.KeyLine;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The key to mark books by. */
class MarkingKeyTest {
    private static List<Problem> problems(String sheet) {
        return Arrays.stream(sheet.split(", ")).map(text -> ProblemText.kept(text)).toList();
    }

    /** What hands with the slip come to, however it is made. */
    private static Stream<String> answers(String slip, Problem problem) {
        Method<?> method = Methods.usual(problem);
        return Slips.met(problem, method.name()).stream().filter(known -> known.id().equals(slip))
                .flatMap(known -> known.slips(problem).stream()).flatMap(made -> answer(made, problem, method));
    }

    private static Stream<String> answer(Slip slip, Problem problem, Method<?> method) {
        try {
            return Stream
                    .of(Written.answerBy(slip.over(Hand.CAREFUL), problem, method, HouseStyle.USUAL).answer().text());
        } catch (Stuck noWayOn) {
            return Stream.of();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {
        "58 + 67, 402 − 158, 47 × 6, 7506 ÷ 25, √7384",
        "687 + 58, 409 + 593, 75 + 26, 111 + 222",
        "402 − 158, 7003 − 2446, 53 − 27",
        "4738 × 196, 305 × 40",
    })
    void everyLetterStandsForWhatLeadsToTheAnswerItIsWrittenBeside(String sheet) {
        List<Problem> problems = problems(sheet);
        List<Answers> answers = problems.stream().map(problem -> Answers.of(problem, null)).toList();
        MarkingKey key = MarkingKey.of(answers);
        List<KeyLine> lines = key.linesOf(answers, Punctuation.POINT);
        assertThat(key.codes()).isNotEmpty().extracting(KeyCode::code).doesNotHaveDuplicates();
        assertThat(key.codes()).allSatisfy(code -> assertThat(code.slips()).allSatisfy(slip -> {
            List<String> names =
                    Slips.ALL.stream().filter(known -> known.id().equals(slip)).map(known -> known.name()).toList();
            assertThat(names).as(slip + " in words").anyMatch(code.name()::contains);
            assertThat(code.name()).doesNotContain(slip);
        }));
        assertThat(lines).hasSameSizeAs(problems);
        for (int i = 0; i < problems.size(); i++) {
            KeyLine line = lines.get(i);
            Answers known = answers.get(i);
            assertThat(Diagnosis.verdict(known, line.answer(), Punctuation.POINT))
                    .isEqualTo(RightAnswer.Verdict.CORRECT);
            for (KeyAnswer wrong : line.wrong()) {
                assertThat(Diagnosis.verdict(known, wrong.answer(), Punctuation.POINT)).as(line + " " + wrong)
                        .isEqualTo(RightAnswer.Verdict.WRONG);
                for (String letter : wrong.codes()) {
                    KeyCode code =
                            key.codes().stream().filter(each -> each.code().equals(letter)).findFirst().orElseThrow();
                    Problem problem = problems.get(i);
                    assertThat(code.slips().stream().flatMap(slip -> answers(slip, problem)))
                            .as(line.problem() + " " + code)
                            .contains(wrong.answer());
                }
            }
        }
    }
}
