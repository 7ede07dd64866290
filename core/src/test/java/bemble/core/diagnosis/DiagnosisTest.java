package bemble.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.entry.GivenAnswer;
import bemble.core.entry.RightAnswer;
import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.Answer;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What went wrong in answers: by one answer, by a paper of them, and what to ask next. */
class DiagnosisTest {
    private static final int PROBLEMS = Trials.of(36) / 12 + 1;

    static Stream<KnownSlip> slips() {
        return Slips.ALL.stream();
    }

    private static Judged judge(String problem, String method, String given) {
        return Diagnosis.of(Answers.of(ProblemText.kept(problem), method), given,
                Punctuation.POINT);
    }

    private static Optional<String> answer(Slip slip, Problem problem, MethodName method) {
        try {
            return Optional.of(Written.answerBy(slip.over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL)
                    .answer().text());
        } catch (Stuck stuck) {
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @MethodSource("slips")
    void theSlipThatLedToAnAnswerIsAmongWhatFitsItAndItsPresumedHandComesToIt(KnownSlip slip) {
        RandomGenerator random = RandomNumbers.seeded(40 + slip.id().length());
        for (MethodName method : slip.methods()) {
            for (int i = 0; i < PROBLEMS; i++) {
                Problem problem = EveryMethodTest.problem(slip.operation(), random, 3);
                Answers answers = Answers.of(problem, method.id());
                for (Slip hand : slip.slips(problem).stream().limit(3).toList()) {
                    String given = answer(hand, problem, method).orElse("");
                    Judged judged = Diagnosis.of(answers, given, Punctuation.POINT);
                    if (judged.verdict() == RightAnswer.Verdict.WRONG && Slips.met(problem, method).contains(slip)) {
                        String what = slip.id() + " " + problem.text() + " " + given;
                        assertThat(judged.findings()).as(what).extracting(Finding::slip).contains(slip.id());
                        assertThat(judged.findings()).as(what).allSatisfy(finding -> {
                            Answer presumed =
                                    Written.answerBy(finding.hand().over(Hand.CAREFUL), problem, Methods.of(method),
                                            finding.style()).answer();
                            GivenAnswer here = GivenAnswer.read(presumed.text(), Punctuation.POINT).orElseThrow();
                            GivenAnswer there = GivenAnswer.read(given, Punctuation.POINT).orElseThrow();
                            assertThat(here.value()).isEqualByComparingTo(there.value());
                            assertThat(here.remainder()).isEqualTo(there.remainder());
                            assertThat(finding.confidence()).isBetween(0.0, 1.0);
                            assertThat(finding.say()).contains("only fits").doesNotContain("null");
                        });
                        assertThat(judged.findings()).as(what)
                                .isSortedAccordingTo((a, b) -> Double.compare(b.confidence(), a.confidence()));
                        assertThat(judged.findings().stream().mapToDouble(Finding::confidence).sum()).as(what)
                                .isLessThan(1.0001);
                        assertThat(judged.firstWrongPlace() == null).as(what).isEqualTo(sameValue(answers, given));
                    }
                }
            }
        }
    }

    /** Whether only the remainder differs, which has no place of its own. */
    private static boolean sameValue(Answers answers, String given) {
        String right =
                Written.answerBy(Hand.CAREFUL, answers.problem(), answers.method(), HouseStyle.USUAL).answer().value();
        return GivenAnswer.read(given, Punctuation.POINT).orElseThrow().value().plain().equals(right);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "5002 − 1347 |       | 3655     | CORRECT    |",
        "7506 ÷ 25   |       | 300r6    | CORRECT    |",
        "7506 ÷ 25   |       | 300 R 6  | CORRECT    |",
        "7506 ÷ 25   |       | 300      | WRONG      |",
        "7506 ÷ 25   |       | 300.24   | CORRECT    |",
        "7506 ÷ 25   |       | 300 6/25 | CORRECT    |",
        "7506 ÷ 25   |       | 300 7/25 | WRONG      |",
        "7506 ÷ 25   |       | 300 6/0  | WRONG      |",
        "7506 ÷ 25   |       | 300.6    | WRONG      | -1",
        "7 ÷ 2       |       | 3 1/2    | CORRECT    |",
        "1.25 + 0.75 |       | 2        | CORRECT    |",
        "4738 + 1967 |       | 6,705    | CORRECT    |",
        "4738 + 1967 |       | 6,70     | UNREADABLE |",
        "4738 + 1967 |       | lots     | UNREADABLE |",
        "4738 + 1967 |       | ''       | UNREADABLE |",
        "√10 to 1 dp |       | 3.1      | CORRECT    |",
        "√10 to 1 dp |       | 3.2      | CORRECT    |",
        "5002 − 1347 |       | 4345     | WRONG      | 1",
        "3248 ÷ 8    |       | 46       | WRONG      | 2",
        "58 + 67     |       | 1115     | WRONG      | 1",
        "5.2 − 1.37  |       | 3.97     | WRONG      | -2"})
    void anAnswerIsReadAsItIsMeant(String problem, String method, String given, RightAnswer.Verdict verdict,
            Integer firstWrong) {
        Judged judged = judge(problem, method, given);
        assertThat(judged.verdict()).isEqualTo(verdict);
        assertThat(judged.firstWrongPlace()).isEqualTo(firstWrong);
    }

    @ParameterizedTest
    @CsvSource({"3.7 + 0.45, 3.52, sides-apart", "8.2 − 3.75, 5.73, sides-apart", "346 × 205, 7093, last-zero-lost",
        "812 ÷ 4, 230, quotient-zero-moved", "85 ÷ 5, 107, quotient-zero-too-many",
        "4056 ÷ 13, 3120, quotient-zero-at-end",
        "532 ÷ 7, 75, fact-near-miss", "532 ÷ 7, 74, fact-near-miss", "72 − 38, 43, answer-reversed",
        "144 ÷ 6, 2 r 24, stopped-with-the-rest",
        "936 ÷ 9, 10 r 36, stopped-with-the-rest", "97 ÷ 4, 25, rounded-up", "1.25 + 0.5, 17.5, point-moved",
        "1.25 + 0.5, 175, point-left-out",
        "69 + 25, 124, digit-misread", "47 + 35, 1645, multiplied-instead", "96 ÷ 4, 92, subtracted-instead",
        "3.47 + 2.85, 5.22, carry-forgotten"})
    void whatAClassMeetsEveryWeekIsFirst(String problem, String given, String slip) {
        Finding first = judge(problem, null, given).findings().get(0);
        assertThat(first.slip()).isEqualTo(slip);
        assertThat(first.with()).isNull();
    }

    @Test
    void whereNothingFitsItIsSaid() {
        Judged judged = judge("487 + 96", null, "8888");
        assertThat(judged.unknown()).isGreaterThan(0.5);
        assertThat(judged.say()).contains("Nothing that is known fits");
        assertThat(judged.findings()).noneMatch(finding -> finding.confidence() > 0.3);
    }

    /** Of one who also answers what nobody understands. */
    @Test
    void whatFitsAnAnswerByItselfIsSaidWhereNothingFitsThemAll() {
        Writer writer = Writer.of(paper(List.of("4006 + 123", "5 + 5", "300 + 4"), null, List.of("9", "11", "888")),
                Punctuation.POINT);
        assertThat(writer.items()).allSatisfy(judged -> assertThat(judged.findings()).isEmpty());
        assertThat(writer.items().get(1).say())
                .isEqualTo("A fact missed fits this one; nothing that is known fits them all.");
        assertThat(writer.items().get(2).say()).startsWith("Nothing that is known fits.");
    }

    @Test
    void twoSlipsAtOnceAreFoundWhereNoSingleOneLeadsToTheAnswer() {
        List<Finding> findings = judge("4002 − 1358", null, "3356").findings();
        assertThat(findings).isNotEmpty();
        Problem sum = ProblemText.kept("687 + 58");
        KnownSlip left = Slips.of(sum, MethodName.COLUMN).stream().filter(slip -> slip.id().equals("lined-up-left"))
                .findFirst().orElseThrow();
        KnownSlip lost = Slips.of(sum, MethodName.COLUMN).stream().filter(slip -> slip.id().equals("last-carry-lost"))
                .findFirst().orElseThrow();
        String given = answer(left.slip().and(lost.slip()), sum, MethodName.COLUMN).orElseThrow();
        assertThat(judge("687 + 58", null, given).findings())
                .anySatisfy(finding -> assertThat(List.of(finding.slip(), finding.with()))
                        .containsExactlyInAnyOrder("lined-up-left", "last-carry-lost"));
    }

    private static List<Item> paper(List<String> problems, String method, List<String> given) {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < problems.size(); i++) {
            Problem problem = ProblemText.kept(problems.get(i));
            String right =
                    answer(base -> base, problem, Methods.find(problem, method, HouseStyle.USUAL).name()).orElseThrow();
            items.add(new Item(Answers.of(problem, method), given.get(i) == null ? right : given.get(i)));
        }
        return items;
    }

    @Test
    void aSlipThatExplainsSeveralAnswersIsNamedWithWhatItRestsOn() {
        List<String> problems = List.of("58 + 67", "387 + 246", "42 + 31", "476 + 385", "123 + 456");
        Writer writer =
                Writer.of(paper(problems, null, Arrays.asList("115", "523", null, "751", null)), Punctuation.POINT);
        Cause first = writer.causes().get(0);
        assertThat(first.slip()).isEqualTo("carry-forgotten");
        assertThat(List.of(first.explains(), first.of(), first.chances())).containsExactly(3, 3, 3);
        assertThat(first.say()).contains("3 of 3").contains("2 more questions gave it no chance")
                .contains("all but sure");
        assertThat(first.confidence()).isGreaterThan(0.9);
        assertThat(writer.isSure()).isTrue();
    }

    @Test
    void aSlipThatWouldHaveSpoiltRightAnswersIsDoubted() {
        List<String> problems =
                List.of("58 + 67", "387 + 246", "476 + 385", "264 + 158", "385 + 449", "296 + 357", "178 + 264");
        Writer writer = Writer.of(paper(problems, null, Arrays.asList("115", null, null, null, null, null, null)),
                Punctuation.POINT);
        assertThat(writer.causes())
                .noneMatch(cause -> cause.slip().equals("carry-forgotten") && cause.confidence() > 0.5);
        assertThat(writer.careful()).isGreaterThan(0.2);
        assertThat(writer.causes()).isEmpty();
        // It happened once, and no fact was missed where only the carry is lost.
        assertThat(writer.facts()).isEmpty();
        assertThat(writer.items().get(0).say()).isEmpty();
        assertThat(writer.items().get(0).findings().get(0).say()).isEqualTo("Carry not added, this once.");
    }

    @Test
    void aCarefulWriterGetsNoSlipAndAFactMissedEachTimeIsNamed() {
        List<String> problems = List.of("47 × 8", "78 × 6", "57 × 8", "68 × 7", "23 × 3", "34 × 2");
        assertThat(Writer.of(paper(problems, null, Arrays.asList(null, null, null, null, null, null)),
                Punctuation.POINT).causes()).isEmpty();
        Writer shaky = Writer.of(paper(problems, null, Arrays.asList("368", null, "448", "469", null, null)),
                Punctuation.POINT);
        assertThat(shaky.facts()).extracting(Writer.Missed::fact).contains("7x8");
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void aFewQuestionsTellWhatAPupilDoes(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(operation.ordinal());
        MethodName method = MethodName.of(operation).get(0);
        List<KnownSlip> often = Slips.ALL.stream().filter(slip -> slip.methods().contains(method)
                && slip.met() == KnownSlip.Met.OFTEN && slip.numbers() != KnownSlip.Numbers.WITH_DECIMALS
                && slip.family() == null).toList();
        int within = 0;
        for (KnownSlip slip : often) {
            within += asked(slip, method, random.nextInt(1000)) <= 5 ? 1 : 0;
        }
        assertThat(within).as(operation + " of " + often.size()).isGreaterThanOrEqualTo(often.size() - 1);
    }

    /** How many questions are asked until one is sure. */
    private static int asked(KnownSlip slip, MethodName method, long seed) {
        Method<?> way = Methods.of(method);
        List<Item> items = new ArrayList<>();
        List<FeaturedProblem> asked = new ArrayList<>();
        while (items.size() < 8) {
            Writer writer = items.isEmpty() ? null : Writer.of(items, Punctuation.POINT);
            NextQuestion next =
                    NextQuestion.after(writer, NextQuestion.usual(slip.operation()), way, asked, seed + items.size());
            assertThat(next.why()).isNotBlank().endsWith(".");
            if (next.done()) {
                assertThat(next.question()).isNull();
                assertThat(writer.causes()).as(slip.id()).extracting(Cause::slip).contains(slip.id());
                return items.size();
            }
            Problem problem = next.question().problem();
            String given =
                    answer(slip.slip(), problem, method).or(() -> answer(base -> base, problem, method)).orElseThrow();
            items.add(new Item(Answers.of(problem, method.id()), given));
            asked.add(next.question());
        }
        return items.size();
    }

    /** Someone who writes anything: asked on, and told within six questions that nothing known fits; never sure of a cause. */
    @Test
    void anInterviewSaysWhereNothingThatIsKnownFits() {
        for (int seed = 0; seed < 5; seed++) {
            Random random = new Random(seed);
            List<Item> items = new ArrayList<>();
            List<FeaturedProblem> asked = new ArrayList<>();
            NextQuestion next = NextQuestion.after(null, NextQuestion.usual(Operation.SUBTRACTION),
                    Methods.of(MethodName.DECOMPOSITION), asked, seed);
            while (!next.done()) {
                asked.add(next.question());
                items.add(new Item(Answers.of(next.question().problem(), null),
                        Integer.toString(1000 + random.nextInt(9000))));
                next = NextQuestion.after(Writer.of(items, Punctuation.POINT),
                        NextQuestion.usual(Operation.SUBTRACTION),
                        Methods.of(MethodName.DECOMPOSITION), asked, seed + items.size());
            }
            assertThat(items.size()).isBetween(3, 6);
            assertThat(next.why()).contains("nothing that is known fits");
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void whateverIsAskedAndAnsweredIsJudged(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(method.ordinal());
        for (int i = 0; i < 6 * PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 1 + i % 6);
            Answers answers = Answers.of(problem, method.id());
            String given = Integer.toString(random.nextInt(1_000_000));
            Judged judged = Diagnosis.of(answers, given, Punctuation.POINT);
            assertThat(judged.verdict()).as(problem.text()).isNotEqualTo(RightAnswer.Verdict.UNREADABLE);
            assertThat(Writer
                    .of(List.of(new Item(answers, given), new Item(answers, answers.rightText())), Punctuation.POINT)
                    .items())
                            .as(problem.text()).extracting(Judged::verdict).element(1)
                            .isEqualTo(RightAnswer.Verdict.CORRECT);
        }
    }

    @Test
    void longNumbersAreJudgedToo() {
        String one = "7".repeat(40);
        String other = "8".repeat(39);
        Problem problem = ProblemText.kept(one + " × " + other);
        String right = answer(base -> base, problem, MethodName.LONG_MULTIPLICATION).orElseThrow();
        Answers answers = Answers.of(problem, null);
        assertThat(Diagnosis.of(answers, right, Punctuation.POINT).verdict()).isEqualTo(RightAnswer.Verdict.CORRECT);
        assertThat(Diagnosis.of(answers, "1" + right.replace(",", ""), Punctuation.POINT).verdict())
                .isEqualTo(RightAnswer.Verdict.WRONG);
        Random random = new Random(3);
        String anything = Integer.toString(1 + random.nextInt(1_000_000));
        assertThat(judge("476 × 38", null, anything).verdict()).isEqualTo(RightAnswer.Verdict.WRONG);
    }
}
