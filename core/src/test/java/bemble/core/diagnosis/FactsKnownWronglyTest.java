package bemble.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Rules;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A child who has one fact wrong, and every rule right, is said to have that fact wrong and no rule broken. */
class FactsKnownWronglyTest {
    private static final int PUPILS = Trials.of(36) / 3;
    private static final int QUESTIONS = 10;
    private static final int SHOWN = 3;
    private static final double SAID = 0.8;

    /** A sheet on which a fact shows in three answers, and what its writer answers. */
    private record Paper(String fact, List<Problem> questions, List<String> given) {}

    @ParameterizedTest
    @EnumSource(value = Operation.class, mode = EnumSource.Mode.EXCLUDE, names = "SQUARE_ROOT")
    void theFactIsNamed(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(40_200 + operation.ordinal());
        List<String> others = new ArrayList<>();
        List<String> invented = new ArrayList<>();
        for (int pupil = 0; pupil < PUPILS; pupil++) {
            Paper paper = paper(operation, random);
            List<Item> items = new ArrayList<>();
            for (int i = 0; i < QUESTIONS; i++) {
                Problem question = paper.questions().get(i);
                items.add(new Item(Answers.of(question, Methods.usual(question).name().id()), paper.given().get(i)));
            }
            List<Cause> causes = Writer.of(items, Punctuation.POINT).causes();
            String first = causes.isEmpty() ? "nothing" : causes.get(0).slip() + " " + causes.get(0).fact();
            if (!first.startsWith("fact-known-wrongly")) {
                others.add(paper + " → " + first);
            }
            causes.stream().filter(cause -> cause.slip().startsWith(Rules.PREFIX) && cause.confidence() >= SAID)
                    .forEach(cause -> invented.add(paper + " → " + cause));
        }
        assertThat(others).as("of " + PUPILS).hasSizeLessThanOrEqualTo(PUPILS / 20);
        assertThat(invented).as("of " + PUPILS).hasSizeLessThanOrEqualTo(PUPILS / 33);
    }

    private static Paper paper(Operation operation, RandomGenerator random) {
        KnownSlip known = Slips.find("fact-known-wrongly", operation).orElseThrow();
        while (true) {
            List<String> facts = new ArrayList<>(known.members().apply(problem(operation, random)).keySet());
            String fact = facts.isEmpty() ? "" : facts.get(random.nextInt(facts.size()));
            List<Problem> questions = new ArrayList<>();
            List<String> given = new ArrayList<>();
            int shown = 0;
            for (int tries = 0; tries < 400 && !fact.isEmpty() && questions.size() < QUESTIONS; tries++) {
                Problem question = problem(operation, random);
                String right = answer(Hand.CAREFUL, question).orElseThrow();
                Slip slip = known.members().apply(question).get(fact);
                Optional<String> wrong = slip == null ? Optional.of(right) : answer(slip.over(Hand.CAREFUL), question);
                boolean shows = wrong.isPresent() && !wrong.get().equals(right);
                if (wrong.isPresent() && (shows ? shown < SHOWN : questions.size() - shown < QUESTIONS - SHOWN)) {
                    shown += shows ? 1 : 0;
                    questions.add(question);
                    given.add(wrong.get());
                }
            }
            if (questions.size() == QUESTIONS) {
                return new Paper(fact, questions, given);
            }
        }
    }

    /** As they stand on a sheet for facts: few digits, and in divisions a divisor of one. */
    private static Problem problem(Operation operation, RandomGenerator random) {
        if (operation == Operation.DIVISION) {
            return ProblemText.kept(random.nextInt(60, 1000) + " ÷ " + random.nextInt(2, 10));
        }
        return EveryMethodTest.problem(operation, random, 3);
    }

    private static Optional<String> answer(Hand hand, Problem question) {
        return Written.tried(hand, question, Methods.usual(question), HouseStyle.USUAL)
                .map(written -> written.answer().text());
    }
}
