package bemble.bench;

import bemble.core.diagnosis.Remedy;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.progress.Evidence;
import bemble.core.progress.Progress;
import bemble.core.progress.SecureRule;
import bemble.core.progress.State;
import bemble.core.pupil.SimulatedPupil.Habit;
import bemble.core.pupil.SimulatedPupil;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** What the rule of progress says of invented pupils whose true state is known. */
public final class ProgressBench {
    private static final int PUPILS = Integer.getInteger("bemble.pupils", 300);
    private static final int WEEKS = 12;
    private static final int SHEET = 6;
    private static final int POOL = 60;
    private static final LocalDate BEGIN = LocalDate.of(2026, 9, 7);
    /** Slips with the rung on which they show. */
    private static final Map<String, String> SLIPS = Map.of("carry-forgotten", "addition-one-carry",
            "smaller-from-larger", "subtraction-one-exchange", "zeros-skipped", "subtraction-across-a-zero",
            "remainder-forgotten", "division-a-remainder");

    private final Random random;

    private ProgressBench(long seed) {
        this.random = new Random(seed);
    }

    public static void main(String[] arguments) {
        new ProgressBench(arguments.length > 0 ? Long.parseLong(arguments[0]) : 77).measure();
    }

    /** A pupil's state as it truly is on a day. */
    private interface Truth {
        double slipping(int day);
    }

    private void measure() {
        for (double miss : new double[] {0, 0.02, 0.05}) {
            List<Integer> until = new ArrayList<>();
            int never = 0;
            for (Rung rung : rungs()) {
                for (int i = 0; i < PUPILS / 4; i++) {
                    int answers = answersUntil(history(rung, null, miss, day -> 0), State.SECURE, 0);
                    if (answers < 0) {
                        never++;
                    } else {
                        until.add(answers);
                    }
                }
            }
            until.sort(Integer::compare);
            System.out.printf(
                    "secure pupils who miss %.0f%% of facts: called secure after %d answers (middle), %d (slowest tenth); "
                            + "not within %d weeks: %d of %d%n",
                    miss * 100, until.get(until.size() / 2), until.get(until.size() * 9 / 10), WEEKS,
                    never, until.size() + never);
        }
        for (double share : new double[] {0.3, 0.5, 0.8}) {
            int said = 0;
            int all = 0;
            for (Map.Entry<String, String> each : SLIPS.entrySet()) {
                Rung rung = Ladder.find(each.getValue()).orElseThrow();
                for (int i = 0; i < PUPILS / SLIPS.size(); i++) {
                    all++;
                    said += answersUntil(history(rung, each.getKey(), 0.01, day -> share), State.SECURE, 0) < 0 ? 0 : 1;
                }
            }
            System.out.printf(
                    "pupils who slip in %.0f%% of their chances: ever called secure in %d weeks: %d of %d (%.1f%%)%n",
                    share * 100, WEEKS, said, all, 100.0 * said / all);
        }
        List<Integer> noticed = new ArrayList<>();
        int unnoticed = 0;
        for (Map.Entry<String, String> each : SLIPS.entrySet()) {
            Rung rung = Ladder.find(each.getValue()).orElseThrow();
            for (int i = 0; i < PUPILS / SLIPS.size(); i++) {
                int lostOn = 28;
                int answers = answersUntil(history(rung, each.getKey(), 0.01, day -> day < lostOn ? 0 : 0.7),
                        State.LEARNING, lostOn);
                if (answers < 0) {
                    unnoticed++;
                } else {
                    noticed.add(answers);
                }
            }
        }
        noticed.sort(Integer::compare);
        System.out.printf(
                "skills lost after four weeks: noticed after %d answers (middle), %d (slowest tenth); not at all: %d of %d%n",
                noticed.get(noticed.size() / 2), noticed.get(noticed.size() * 9 / 10), unnoticed,
                noticed.size() + unnoticed);
    }

    private static List<Rung> rungs() {
        return List.of(Ladder.of(Operation.ADDITION).get(1), Ladder.of(Operation.SUBTRACTION).get(1),
                Ladder.of(Operation.SUBTRACTION).get(5), Ladder.of(Operation.DIVISION).get(1));
    }

    /** Two sheets a week; what a pupil with that slip, made as often as the truth says, answers. */
    private List<Evidence> history(Rung rung, String slip, double miss, Truth truth) {
        List<FeaturedProblem> pool = new Draft(rung.wishes(), random.nextLong()).draw(Math.min(POOL, 2 * WEEKS));
        List<Evidence> history = new ArrayList<>();
        for (int week = 0; week < WEEKS; week++) {
            for (int day : new int[] {7 * week, 7 * week + 3}) {
                for (int i = 0; i < SHEET; i++) {
                    Problem problem = pool.get(random.nextInt(pool.size())).problem();
                    Habit[] habits = slip == null ? new Habit[0] : new Habit[] {new Habit(slip, truth.slipping(day))};
                    String answer = SimulatedPupil.with("P", habits).missing(miss)
                            .write(problem, Methods.usual(problem), HouseStyle.USUAL, random)
                            .answer().text();
                    String right = SimulatedPupil.with("P").write(problem, Methods.usual(problem), HouseStyle.USUAL, random)
                            .answer().text();
                    history.add(new Evidence(BEGIN.plusDays(day), answer.equals(right), true,
                            Remedy.givesUsualSlipsAChance(problem),
                            fits(slip, problem, answer, right) ? slip : null,
                            new Evidence.Source(1, 1, problem, answer)));
                }
            }
        }
        return history;
    }

    /** Whether a wrong answer is one that the slip leads to, as its diagnosis would find. */
    private static boolean fits(String slip, Problem problem, String answer, String right) {
        return slip != null && !answer.equals(right) && Slips.met(problem, Methods.usual(problem).name()).stream()
                .filter(each -> each.id().equals(slip)).flatMap(each -> each.slips(problem).stream())
                .anyMatch(each -> Slipped.answer(each, problem, Methods.usual(problem), HouseStyle.USUAL)
                        .filter(answer::equals).isPresent());
    }

    /** How many answers from a day on it takes until a state is said; -1 where it never is. */
    private static int answersUntil(List<Evidence> history, State wanted, int from) {
        int answers = 0;
        for (int day = from; day <= 7 * WEEKS; day++) {
            LocalDate date = BEGIN.plusDays(day);
            answers += (int) history.stream().filter(each -> each.day().equals(date)).count();
            State state = Progress.of(history, List.of(), true, date, SecureRule.USUAL).state();
            if (state == wanted || wanted == State.SECURE && state == State.DUE) {
                return answers;
            }
        }
        return -1;
    }
}
