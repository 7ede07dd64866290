package bemble.bench;

import bemble.core.entry.RightAnswer;
import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.Diagnosis;
import bemble.core.diagnosis.Finding;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.NextQuestion;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;

/** How often the cause of invented pupils' wrong answers is found, on questions that are in no test. */
public final class DiagnosisBench {
    private static final List<MethodName> METHODS = List.of(MethodName.COLUMN, MethodName.DECOMPOSITION,
            MethodName.EQUAL_ADDITIONS, MethodName.LONG_MULTIPLICATION, MethodName.AREA, MethodName.LONG_DIVISION,
            MethodName.SHORT_DIVISION, MethodName.DOUBLED_ROOT);
    private static final int PAPERS_A_SLIP = Integer.getInteger("bemble.papers", 12);
    private static final int BINS = 10;

    private final Random random;
    private final Problems problems;
    private final Map<String, Integer> confused = new TreeMap<>();
    private final int[] said = new int[BINS];
    private final int[] held = new int[BINS];

    private DiagnosisBench(long seed) {
        this.random = new Random(seed);
        this.problems = new Problems(random);
    }

    public static void main(String[] arguments) {
        new DiagnosisBench(arguments.length > 0 ? Long.parseLong(arguments[0]) : 20_261).measure();
    }

    private void measure() {
        for (MethodName method : METHODS) {
            System.out.printf("%-20s %s%n", method.id(),
                    "true slip among the first three of one answer: " + singles(method));
        }
        for (MethodName method : METHODS) {
            System.out.printf(
                    "%-20s 10 questions, true slip first: %s; with a fact missed in a tenth: %s; careful ones accused: %s, "
                            + "careless ones: %s; two slips, 15 questions, both named: %s%n",
                    method.id(), papers(method, 0), papers(method, 0.1),
                    alarms(method, 0), alarms(method, 0.1), pairs(method));
        }
        for (MethodName method : METHODS) {
            System.out.printf("%-20s interviews: %s%n", method.id(), interviews(method));
        }
        System.out.println("How sure it was, and how often it was right then:");
        for (int bin = 0; bin < BINS; bin++) {
            System.out.printf("  %.1f to %.1f: %5d said, %.2f right%n", bin / 10.0, (bin + 1) / 10.0, said[bin],
                    said[bin] == 0 ? 0 : (double) held[bin] / said[bin]);
        }
        System.out.println("Most often taken for another on a paper of ten:");
        confused.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed()).limit(40)
                .forEach(entry -> System.out.println("  " + entry.getValue() + " × " + entry.getKey()));
    }

    private Share singles(MethodName method) {
        Share share = new Share();
        for (KnownSlip slip : slips(method)) {
            for (int i = 0; i < PAPERS_A_SLIP; i++) {
                Problem problem = problems.next(method);
                Optional<String> given = answer(slip, problem, method, 0);
                Answers answers = Answers.of(problem, method.id());
                if (given.isEmpty()
                        || Diagnosis.of(answers, given.get(), Punctuation.POINT)
                                .verdict() != RightAnswer.Verdict.WRONG) {
                    continue;
                }
                List<Finding> findings = Diagnosis.of(answers, given.get(), Punctuation.POINT).findings();
                share.add(findings.stream().limit(3).anyMatch(finding -> finding.slip().equals(slip.id())));
            }
        }
        calibrate(method);
        return share;
    }

    /** Answers drawn as often as the model thinks they are met. */
    private void calibrate(MethodName method) {
        List<KnownSlip> slips = slips(method);
        for (int i = 0; i < 40 * PAPERS_A_SLIP; i++) {
            Problem problem = problems.next(method);
            KnownSlip slip = drawn(slips);
            boolean miss = random.nextInt(3) == 0;
            Optional<String> given = miss ? missed(base -> base, problem, method) : answer(slip, problem, method, 0);
            Answers answers = Answers.of(problem, method.id());
            Judged judged = Diagnosis.of(answers, given.orElse(""), Punctuation.POINT);
            for (Finding finding : judged.findings()) {
                int bin = Math.min(BINS - 1, (int) (finding.confidence() * BINS));
                said[bin]++;
                held[bin] += finding.with() == null && finding.slip().equals(miss ? Slips.FACT_NEAR_MISS : slip.id())
                        ? 1 : 0;
            }
        }
    }

    private KnownSlip drawn(List<KnownSlip> slips) {
        List<KnownSlip> often = new ArrayList<>();
        slips.forEach(slip -> {
            for (int i = 0; i < switch (slip.met()) {
                case OFTEN -> 13;
                case SOMETIMES -> 4;
                case RARE -> 1;
            }; i++) {
                often.add(slip);
            }
        });
        return often.get(random.nextInt(often.size()));
    }

    private Share papers(MethodName method, double missing) {
        Share share = new Share();
        for (KnownSlip slip : slips(method)) {
            for (int i = 0; i < PAPERS_A_SLIP; i++) {
                List<Item> items = items(method, 10, problem -> answer(slip, problem, method, missing));
                Writer writer = Writer.of(items, Punctuation.POINT);
                if (items.stream().noneMatch(item -> isChanged(slip, item))) {
                    continue;
                }
                List<Cause> causes = writer.causes();
                boolean first = !causes.isEmpty() && causes.get(0).slip().equals(slip.id());
                share.add(first);
                if (!first && missing == 0) {
                    confused.merge(method.id() + ": " + slip.id() + " → "
                            + (causes.isEmpty() ? "nothing" : causes.get(0).slip() + "+" + causes.get(0).with()), 1,
                            Integer::sum);
                }
            }
        }
        return share;
    }

    private static boolean isChanged(KnownSlip slip, Item item) {
        Problem problem = item.answers().problem();
        return slip.slips(problem).stream().anyMatch(hand -> written(hand, problem, item.answers().method().name())
                .filter(text -> Diagnosis.of(item.answers(), text, Punctuation.POINT)
                        .verdict() == RightAnswer.Verdict.WRONG)
                .isPresent());
    }

    private Share alarms(MethodName method, double missing) {
        Share share = new Share();
        for (int i = 0; i < 20 * PAPERS_A_SLIP; i++) {
            List<Item> items =
                    items(method, 10, problem -> random.nextDouble() < missing ? missed(base -> base, problem, method)
                            : written(base -> base, problem, method));
            share.add(!Writer.of(items, Punctuation.POINT).causes().isEmpty());
        }
        return share;
    }

    private Share pairs(MethodName method) {
        Share share = new Share();
        List<KnownSlip> slips = slips(method);
        for (int i = 0; i < 10 * PAPERS_A_SLIP; i++) {
            KnownSlip one = slips.get(random.nextInt(slips.size()));
            KnownSlip other = slips.get(random.nextInt(slips.size()));
            List<Item> items = items(method, 15, problem -> both(one, other, problem, method));
            // Where one hides the other they cannot be told apart, whoever looks.
            if (one == other || !differs(items, one, method) || !differs(items, other, method)) {
                continue;
            }
            List<Cause> causes = Writer.of(items, Punctuation.POINT).causes();
            boolean named = names(causes, one.id()) && names(causes, other.id());
            share.add(named);
            if (!named) {
                confused.merge(method.id() + ": " + one.id() + " and " + other.id() + " → "
                        + (causes.isEmpty() ? "nothing"
                                : causes.get(0).slip() + "+" + causes.get(0).with() + " " + causes.get(0).explains()
                                        + "/"
                                        + causes.get(0).of()),
                        1, Integer::sum);
            }
        }
        return share;
    }

    /** Whether the answers of somebody with two slips differ from those of the one slip alone, twice at least. */
    private static boolean differs(List<Item> items, KnownSlip one, MethodName method) {
        return items.stream().filter(item -> one.slips(item.answers().problem()).stream().noneMatch(
                hand -> written(hand, item.answers().problem(), method).filter(item.given()::equals).isPresent())
                && Diagnosis.of(item.answers(), item.given(), Punctuation.POINT).verdict() == RightAnswer.Verdict.WRONG)
                .count() > 1;
    }

    /** How many questions are asked until one is sure, and rightly so. */
    private String interviews(MethodName method) {
        Share within = new Share();
        Share rightly = new Share();
        for (KnownSlip slip : slips(method)) {
            List<Item> items = new ArrayList<>();
            List<FeaturedProblem> asked = new ArrayList<>();
            NextQuestion next = null;
            long seed = random.nextInt(1_000_000);
            for (int i = 0; i < 9; i++) {
                Writer writer = items.isEmpty() ? null : Writer.of(items, Punctuation.POINT);
                next = NextQuestion.after(writer, NextQuestion.usual(slip.operation()), Methods.of(method), asked,
                        seed + i);
                if (next.done()) {
                    boolean named = names(writer.causes(), slip.id());
                    rightly.add(named);
                    if (!named || i > 4) {
                        confused.merge(
                                "interview " + method.id() + ": " + slip.id() + " after " + i + " → " + next.why(), 1,
                                Integer::sum);
                    }
                    break;
                }
                Problem problem = next.question().problem();
                String given =
                        answer(slip, problem, method, 0).or(() -> written(base -> base, problem, method)).orElseThrow();
                items.add(new Item(Answers.of(problem, method.id()), given));
                asked.add(next.question());
            }
            within.add(next.done() && items.size() <= 4);
            if (!next.done()) {
                confused.merge("interview " + method.id() + ": " + slip.id() + " never", 1, Integer::sum);
            }
        }
        return "within four questions: " + within + "; rightly: " + rightly;
    }

    private static boolean names(List<Cause> causes, String slip) {
        return causes.stream().anyMatch(cause -> cause.slip().equals(slip) || slip.equals(cause.with()));
    }

    private List<Item> items(MethodName method, int count,
            java.util.function.Function<Problem, Optional<String>> pupil) {
        List<Item> items = new ArrayList<>();
        while (items.size() < count) {
            Problem problem = problems.next(method);
            Optional<String> given = pupil.apply(problem).or(() -> written(base -> base, problem, method));
            items.add(new Item(Answers.of(problem, method.id()), given.orElseThrow()));
        }
        return items;
    }

    private static List<KnownSlip> slips(MethodName method) {
        return Slips.ALL.stream().filter(slip -> slip.methods().contains(method)
                && slip.numbers() != KnownSlip.Numbers.WITH_DECIMALS).toList();
    }

    private Optional<String> answer(KnownSlip slip, Problem problem, MethodName method, double missing) {
        List<Slip> hands = slip.slips(problem);
        if (hands.isEmpty()) {
            return Optional.empty();
        }
        Slip hand = hands.get(random.nextInt(hands.size()));
        return random.nextDouble() < missing ? missed(hand, problem, method) : written(hand, problem, method);
    }

    private Optional<String> both(KnownSlip one, KnownSlip other, Problem problem, MethodName method) {
        List<Slip> first = one.slips(problem);
        List<Slip> second = other.slips(problem);
        Slip hand = first.isEmpty() ? base -> base : first.get(random.nextInt(first.size()));
        return written(second.isEmpty() ? hand : hand.and(second.get(random.nextInt(second.size()))), problem, method);
    }

    private Optional<String> missed(Slip hand, Problem problem, MethodName method) {
        for (int i = 0; i < 20; i++) {
            Optional<String> text = written(hand.and(Slip.nearMiss(random.nextInt(12), random.nextBoolean() ? 1 : -1)),
                    problem, method);
            if (text.isPresent() && !text.equals(written(hand, problem, method))) {
                return text;
            }
        }
        return written(hand, problem, method);
    }

    private static Optional<String> written(Slip hand, Problem problem, MethodName method) {
        try {
            return Optional.of(Written.answerBy(hand.over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL)
                    .answer().text());
        } catch (Stuck stuck) {
            return Optional.empty();
        }
    }

    /** So many out of so many. */
    private static final class Share {
        private int all;
        private int yes;

        void add(boolean holds) {
            all++;
            yes += holds ? 1 : 0;
        }

        @Override
        public String toString() {
            return all == 0 ? "none" : String.format("%.1f %% of %d", 100.0 * yes / all, all);
        }
    }
}
