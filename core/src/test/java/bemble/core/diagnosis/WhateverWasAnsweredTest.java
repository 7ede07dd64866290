package bemble.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThatCode;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever was answered, it is judged: a hand that cannot go on, or a number of any length, is no reason to say nothing. */
class WhateverWasAnsweredTest {
    private static final int PAPERS = Trials.of(60) / 6 + 1;

    /** Each of these stopped the judgement once: a habit of the one answer gets stuck in the other. */
    @ParameterizedTest
    @CsvSource({"805 - 679, 1, 703 - 96, 2", "23 x 14, 32, 60 x 25, 150", "703 - 96, 2, 805 - 679, 1"})
    void aHabitOfOneAnswerMayLeadNowhereInTheOther(String one, String given, String other, String givenThere) {
        judged(List.of(item(problem(one), null, given), item(problem(other), null, givenThere)));
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void papersOfRandomAnswersAreJudged(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(1938 + operation.ordinal());
        MethodName[] methods = Arrays.stream(MethodName.values()).filter(each -> each.operation() == operation)
                .toArray(MethodName[]::new);
        for (int paper = 0; paper < PAPERS; paper++) {
            MethodName method = methods[random.nextInt(methods.length)];
            List<Item> items = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(10); i++) {
                Problem problem = EveryMethodTest.problem(operation, random, 2 + random.nextInt(3));
                items.add(item(problem, method.id(), answer(problem, method, random)));
            }
            judged(items);
        }
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void answersToNumbersOfAnyLengthAreJudged(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(382 + operation.ordinal());
        for (int i = 0; i < PAPERS / 4 + 2; i++) {
            Problem problem = EveryMethodTest.problem(operation, random, 8 + random.nextInt(33));
            judged(List.of(item(problem, null, answer(problem, Methods.usual(problem).name(), random))));
        }
    }

    @Test
    void aFindingIsAlwaysOfAHandThatComesToAnAnswer() {
        for (KnownSlip one : Slips.ALL) {
            Problem problem = one.operation() == Operation.SUBTRACTION ? problem("805 - 679")
                    : one.operation() == Operation.MULTIPLICATION ? problem("23 x 14") : null;
            if (problem != null) {
                Answers answers = Answers.of(problem, Methods.usual(problem).name().id());
                for (KnownSlip other : answers.slips()) {
                    assertThatCode(() -> Diagnosis.presumed(answers, List.of(one.id(), other.id())))
                            .as(one.id() + " with " + other.id()).doesNotThrowAnyException();
                }
            }
        }
    }

    private static Problem problem(String text) {
        return ProblemText.kept(text);
    }

    private static Item item(Problem problem, String method, String given) {
        return new Item(Answers.of(problem, method), given);
    }

    private static void judged(List<Item> items) {
        String what = items.stream().map(item -> item.answers().problem().text() + " → " + item.given()
                + " by " + item.answers().method().name().id()).toList().toString();
        assertThatCode(() -> {
            Writer writer = Writer.of(items, Punctuation.POINT);
            for (Judged judged : writer.items()) {
                judged.findings().forEach(Finding::places);
            }
            for (int i = 0; i < items.size(); i++) {
                writer.factMissed(i);
                Answers answers = items.get(i).answers();
                for (Finding finding : Diagnosis.of(answers, items.get(i).given(), Punctuation.POINT).findings()) {
                    shown(finding, answers);
                }
            }
            writer.causes();
            writer.facts();
            writer.say();
        }).as(what).doesNotThrowAnyException();
    }

    /** A finding is shown as it was presumably written; only its check may be refused. */
    private static void shown(Finding finding, Answers answers) {
        try {
            Worked.by(finding.hand(),
                    new WorkOrder(answers.problem(), answers.method().name().id(), finding.style(), null),
                    finding.slip(), finding.with()).sheet();
        } catch (Refusal noCheck) {
            // From some answers no check can be worked.
        }
    }

    /** What somebody may have answered: a slip's answer, digits changed, left out or put to it, or anything at all. */
    private static String answer(Problem problem, MethodName method, RandomGenerator random) {
        Written careful = Written.answerBy(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL);
        String right = careful.answer().value();
        List<KnownSlip> slips = Slips.met(problem, method);
        return switch (random.nextInt(5)) {
            case 0 -> Integer.toString(random.nextInt(10));
            case 1 -> right.length() < 2 ? right + "7" : right.substring(0, right.length() - 1);
            case 2 -> right.substring(0, 1) + random.nextInt(100) + (right.length() > 2 ? right.substring(2) : "");
            case 3 -> Long.toString(random.nextLong(1, Long.MAX_VALUE));
            default -> slips.isEmpty() ? right : slips.get(random.nextInt(slips.size())).slips(problem).stream()
                    .limit(1).flatMap(slip -> answerBy(slip, problem, method).stream()).findFirst().orElse(right);
        };
    }

    private static List<String> answerBy(Slip slip, Problem problem, MethodName method) {
        return Written.tried(slip.over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL)
                .map(written -> List.of(written.answer().text())).orElse(List.of());
    }
}
