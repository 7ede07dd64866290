package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.slip.Rules;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * Habits that come to the same in nearly every question are one cause, and as sure as all of them together: the likeliest ones
 * are tried on questions with the same digits in another order. One slip within two limits is one cause already where the questions that
 * were asked cannot tell the limits apart.
 */
final class Alike {
    private static final int MOST_COMPARED = 7;
    private static final int QUESTIONS = 24;
    private static final int LEAST_SHOWN = 4;
    private static final double WORTH_COMPARING = 0.01;
    /** Of the questions in which either shows, so many have one answer. */
    private static final double ALIKE = 0.8;

    private final List<Answers> questions;
    private final Map<Problem, Answers> shuffled = new LinkedHashMap<>();

    private Alike(List<Answers> questions) {
        this.questions = questions;
        Random random = new Random(questions.size());
        for (int i = 0; i < QUESTIONS && !questions.isEmpty(); i++) {
            Answers question = questions.get(i % questions.size());
            shuffle(question.problem(), random).ifPresent(problem -> shuffled.put(problem, question));
        }
    }

    /** The habits, those that are alike taken together under the name of a listed one, the likeliest first. */
    static List<Habit> together(List<Habit> habits, List<Answers> questions) {
        List<Habit> compared =
                habits.stream().filter(habit -> habit.weight() >= WORTH_COMPARING).limit(MOST_COMPARED).toList();
        if (compared.stream().noneMatch(habit -> habit.likeliest().isRule())) {
            return habits;
        }
        Alike alike = new Alike(questions);
        Map<Habit, List<String>> outcomes = new LinkedHashMap<>();
        compared.forEach(habit -> outcomes.put(habit, alike.answers(habit.likeliest())));
        List<String> right = alike.answers(Hypothesis.CAREFUL);
        List<Habit> together = new ArrayList<>();
        for (Habit habit : compared) {
            int same = -1;
            for (int i = 0; i < together.size() && same < 0; i++) {
                List<String> one = answersOf(together.get(i), outcomes);
                List<String> other = answersOf(habit, outcomes);
                boolean isOneSlip = isOneSlip(together.get(i), habit) && alike.asked(one).equals(alike.asked(other));
                same = isOneSlip || agree(one, other, right) ? i : -1;
            }
            if (same < 0) {
                together.add(habit);
            } else {
                Habit both = named(together.get(same), habit);
                outcomes.put(both, answersOf(together.get(same), outcomes));
                together.set(same, both);
            }
        }
        together.addAll(habits.subList(compared.size(), habits.size()));
        return together.stream().sorted(Posterior.LIKELIEST).toList();
    }

    private static List<String> answersOf(Habit habit, Map<Habit, List<String>> outcomes) {
        return Objects.requireNonNull(outcomes.get(habit));
    }

    /** Under the name of a listed slip, else of the likelier one: one rule says more than two slips at once. */
    private static Habit named(Habit one, Habit other) {
        Hypothesis second = other.likeliest();
        boolean listed = !second.isRule() && !second.isOfTwo();
        return one.together(one.likeliest().isRule() && listed ? other : one, other);
    }

    /** Whether both are one slip, each within limits of its own. */
    private static boolean isOneSlip(Habit one, Habit other) {
        return one.slips().size() == 1 && other.slips().size() == 1
                && Rules.unlimited(one.slips().get(0)).equals(Rules.unlimited(other.slips().get(0)));
    }

    /** Of what a habit comes to, the answers to the questions that were asked. */
    private List<String> asked(List<String> outcomes) {
        return outcomes.subList(outcomes.size() - questions.size(), outcomes.size());
    }

    private static boolean agree(List<String> one, List<String> other, List<String> right) {
        int shown = 0;
        int same = 0;
        for (int i = 0; i < right.size(); i++) {
            if (!one.get(i).equals(right.get(i)) || !other.get(i).equals(right.get(i))) {
                shown++;
                same += one.get(i).equals(other.get(i)) ? 1 : 0;
            }
        }
        return shown >= LEAST_SHOWN && same >= ALIKE * shown;
    }

    private List<String> answers(Hypothesis habit) {
        List<String> answers = new ArrayList<>();
        shuffled.forEach((problem, question) -> answers.add(answer(habit, problem, question)));
        questions.forEach(question -> answers.add(answer(habit, question.problem(), question)));
        return answers;
    }

    private static String answer(Hypothesis habit, Problem problem, Answers question) {
        Slip hand = habit.slips().stream().flatMap(name -> Slips.find(name, problem.operation()).stream())
                .flatMap(slip -> hand(slip, habit.member(), problem).stream()).reduce(base -> base, Slip::and);
        return Slipped.answer(hand, problem, question.method(), HouseStyle.USUAL).orElseGet(
                () -> Slipped.answer(base -> base, problem, question.method(), HouseStyle.USUAL).orElseThrow());
    }

    private static List<Slip> hand(KnownSlip slip, @Nullable String member, Problem problem) {
        if (member != null) {
            Slip hand = Objects.requireNonNull(slip.members()).apply(problem).get(member);
            return hand == null ? List.of() : List.of(hand);
        }
        return slip.slips(problem).stream().limit(1).toList();
    }

    private static Optional<Problem> shuffle(Problem problem, Random random) {
        List<Numeral> numbers = problem.operands().stream().map(number -> shuffled(number, random)).toList();
        return switch (problem.operation()) {
            case ADDITION -> Optional.of(new Problem.Addition(numbers));
            case SUBTRACTION -> Optional.of(numbers.get(0).compareTo(numbers.get(1)) >= 0
                    ? new Problem.Subtraction(numbers.get(0), numbers.get(1))
                    : new Problem.Subtraction(numbers.get(1), numbers.get(0)));
            case MULTIPLICATION -> Optional.of(new Problem.Multiplication(numbers.get(0), numbers.get(1)));
            case DIVISION -> numbers.get(1).isZero() ? Optional.empty()
                    : Optional.of(new Problem.Division(numbers.get(0), numbers.get(1)));
            case SQUARE_ROOT -> Optional.of(new Problem.SquareRoot(numbers.get(0), problem.decimals()));
        };
    }

    private static Numeral shuffled(Numeral number, Random random) {
        List<Integer> digits = new ArrayList<>(number.digits().chars().mapToObj(digit -> digit - '0').toList());
        Collections.shuffle(digits, random);
        StringBuilder text = new StringBuilder();
        digits.forEach(text::append);
        return Numeral.ofDigits(text.toString(), number.decimals());
    }
}
