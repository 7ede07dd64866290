package bemble.bench;

import bemble.core.plan.PlanWishes;
import bemble.core.plan.PlannedPupil;
import bemble.core.plan.WeekPlan;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.progress.Evidence;
import bemble.core.progress.Place;
import bemble.core.progress.Progress;
import bemble.core.progress.SecureRule;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Invented classes taught for six weeks by the plan, and by one that goes through the topics in order, the same for all.
 * How they learn is an assumption: who works on a rung whose forerunner is known learns it with {@link #LEARNS} a question, nothing on
 * one too far ahead; a slip fades by {@link #FADES} a question on its rung, twice as fast where the sheet is made for it.
 */
public final class PlanBench {
    /** Which question it was changes no plan. */
    private static final Problem ANY = ProblemText.kept("1 + 1");
    private static final int CLASSES = 20;
    private static final int PUPILS = 24;
    private static final int WEEKS = 6;
    private static final double LEARNS = 0.05;
    private static final double FADES = 0.04;
    private static final LocalDate BEGIN = LocalDate.of(2026, 9, 7);
    private static final List<Rung> RUNGS = Stream.of(Operation.ADDITION, Operation.SUBTRACTION)
            .flatMap(operation -> Ladder.of(operation).stream()).toList();
    private static final List<String> TOPICS = RUNGS.stream().map(Rung::id).toList();

    private final Random random;

    private PlanBench(long seed) {
        this.random = new Random(seed);
    }

    public static void main(String[] arguments) {
        for (boolean planned : new boolean[] {true, false}) {
            new PlanBench(arguments.length > 0 ? Long.parseLong(arguments[0]) : 41).measure(planned);
        }
    }

    /** A child as it truly is: what it knows of each rung, and the slip on one. */
    private static final class Child {
        private final Map<String, Double> skill = new HashMap<>();
        private final Map<String, List<Evidence>> onRungs = new HashMap<>();
        private String slipRung;
        private double slipping;
    }

    private void measure(boolean planned) {
        double slips = 0;
        double before = 0;
        int rungs = 0;
        int idle = 0;
        for (int c = 0; c < CLASSES; c++) {
            List<Child> children = IntStream.range(0, PUPILS).mapToObj(i -> child()).toList();
            before += children.stream().mapToDouble(child -> child.slipping).sum();
            int known = known(children);
            // What was worked on in the weeks before is on record.
            children.forEach(child -> TOPICS.stream().filter(rung -> child.skill.get(rung) > 0.9).forEach(rung -> {
                answer(child, rung, 6, BEGIN.minusDays(12), false);
                answer(child, rung, 6, BEGIN.minusDays(5), false);
            }));
            for (int week = 0; week < WEEKS; week++) {
                idle += week(children, BEGIN.plusWeeks(week), planned);
            }
            slips += children.stream().mapToDouble(child -> child.slipping).sum();
            rungs += known(children) - known;
        }
        System.out.printf(
                "%s: of a slip's chances slipped in %.0f%% before, %.0f%% after; rungs learnt by a child %.2f; children without "
                        + "work in a lesson %d of %d%n",
                planned ? "by the plan" : "in the order of the topics, all alike", 100 * before / (CLASSES * PUPILS),
                100 * slips / (CLASSES * PUPILS), (double) rungs / (CLASSES * PUPILS), idle,
                CLASSES * PUPILS * WEEKS * 5);
    }

    private static int known(List<Child> children) {
        return children.stream()
                .mapToInt(child -> (int) child.skill.values().stream().filter(each -> each > 0.9).count()).sum();
    }

    private Child child() {
        Child child = new Child();
        List<Rung> known = new ArrayList<>();
        for (Operation operation : List.of(Operation.ADDITION, Operation.SUBTRACTION)) {
            int reached = 1 + random.nextInt(4);
            known.addAll(Ladder.of(operation).subList(0, reached));
            Ladder.of(operation).forEach(rung -> child.skill.put(rung.id(), known.contains(rung) ? 0.97 : 0.3));
        }
        child.slipRung = known.get(random.nextInt(known.size())).id();
        child.slipping = random.nextInt(3) == 0 ? 0 : 0.4 + 0.5 * random.nextDouble();
        return child;
    }

    /** Gives how many had nothing to do, over all lessons. */
    private int week(List<Child> children, LocalDate monday, boolean planned) {
        List<LocalDate> days = IntStream.range(0, 5).mapToObj(monday::plusDays).toList();
        if (!planned) {
            // Everybody the same, topic after topic in the time there is.
            int lesson = 5 * (int) ChronoUnit.WEEKS.between(BEGIN, monday);
            for (int day = 0; day < days.size(); day++) {
                String topic = TOPICS.get((lesson + day) * TOPICS.size() / (5 * WEEKS));
                LocalDate date = days.get(day);
                children.forEach(child -> answer(child, topic, 10, date, false));
            }
            return 0;
        }
        List<PlannedPupil> pupils = IntStream.range(0, children.size()).mapToObj(i -> new PlannedPupil(i, "P" + i,
                standings(children.get(i), monday))).toList();
        int idle = 0;
        for (WeekPlan.Day day : WeekPlan.of(pupils, new PlanWishes(TOPICS, days, 15, 8, 3)).days()) {
            boolean[] busy = new boolean[children.size()];
            day.groups().forEach(group -> group.pupils().forEach(pupil -> {
                busy[pupil.intValue()] = true;
                answer(children.get(pupil.intValue()), group.need().rung(), group.questions(), day.date(),
                        group.need().slip() != null);
            }));
            for (boolean each : busy) {
                idle += each ? 0 : 1;
            }
        }
        return idle;
    }

    private static Map<String, Place> standings(Child child, LocalDate today) {
        Map<String, Place> standings = new HashMap<>();
        child.onRungs.forEach((rung, evidence) -> standings.put(rung,
                Progress.of(evidence, List.of(), true, today, SecureRule.USUAL).place()));
        return standings;
    }

    private void answer(Child child, String rung, int questions, LocalDate day, boolean forSlip) {
        int at = TOPICS.indexOf(rung);
        boolean first = at == 0 || RUNGS.get(at - 1).wishes().operation() != RUNGS.get(at).wishes().operation();
        boolean ready = first || child.skill.get(TOPICS.get(at - 1)) > 0.6;
        for (int i = 0; i < questions; i++) {
            boolean slips = rung.equals(child.slipRung) && random.nextDouble() < child.slipping;
            boolean right = !slips && random.nextDouble() < child.skill.get(rung);
            child.onRungs.computeIfAbsent(rung, any -> new ArrayList<>()).add(new Evidence(day, right, true, true,
                    slips ? "slip" : null, new Evidence.Source(1, i, ANY, "")));
            if (ready) {
                child.skill.merge(rung, 0.0, (skill, any) -> skill + (1 - skill) * LEARNS);
            }
            if (rung.equals(child.slipRung)) {
                child.slipping *= 1 - (forSlip ? 2 * FADES : FADES);
            }
        }
    }
}
