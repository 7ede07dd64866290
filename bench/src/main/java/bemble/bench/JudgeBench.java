package bemble.bench;

import bemble.core.entry.RightAnswer;
import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.Diagnosis;
import bemble.core.diagnosis.Finding;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * How far what is said may be believed: over children with listed slips, with two, careless ones, careful ones, and children
 * with a rule that is on no list, each listed slip in turn being taken off it.
 */
public final class JudgeBench {
    private static final List<MethodName> METHODS =
            List.of(MethodName.COLUMN, MethodName.DECOMPOSITION, MethodName.LONG_MULTIPLICATION,
                    MethodName.LONG_DIVISION);
    private static final int BINS = 10;
    private static final int WRITERS = Integer.getInteger("bemble.writers", 300);

    private final Random random;
    private final Problems problems;

    private enum Kind {
        LISTED,
        TWO,
        CARELESS,
        CAREFUL,
        OWN_RULE
    }

    /** A child as it is drawn, and what was said of it. */
    private record Said(Kind kind, double confidence, boolean right, double unknown, boolean accused) {}

    private JudgeBench(long seed) {
        this.random = new Random(seed);
        this.problems = new Problems(random);
    }

    public static void main(String[] arguments) {
        JudgeBench bench = new JudgeBench(arguments.length > 0 ? Long.parseLong(arguments[0]) : 40_961);
        for (int size : new int[] {10, 5, 3, 1}) {
            bench.measure(size);
        }
    }

    private void measure(int size) {
        List<Said> all = new ArrayList<>();
        long nanos = System.nanoTime();
        for (MethodName method : METHODS) {
            List<Said> of = IntStream.range(0, WRITERS).mapToObj(i -> writer(method, size)).filter(said -> said != null)
                    .toList();
            all.addAll(of);
            System.out.printf("%2d answers, %-14s %s%n", size, method.id(), summary(of));
        }
        System.out.printf("%2d answers, all: %s; calibration error %.3f; %.0f ms a paper%n", size, summary(all),
                error(all),
                (System.nanoTime() - nanos) / 1e6 / all.size());
        for (int bin = 0; bin < BINS; bin++) {
            int here = bin;
            List<Said> said = all.stream().filter(
                    each -> each.confidence() > 0 && Math.min(BINS - 1, (int) (each.confidence() * BINS)) == here)
                    .toList();
            System.out.printf("   %.1f to %.1f: %5d said, %.2f right%n", bin / 10.0, (bin + 1) / 10.0, said.size(),
                    said.stream().mapToInt(each -> each.right() ? 1 : 0).average().orElse(0));
        }
    }

    private static String summary(List<Said> said) {
        StringBuilder text = new StringBuilder();
        for (Kind kind : Kind.values()) {
            List<Said> of = said.stream().filter(each -> each.kind() == kind).toList();
            double right = of.stream().mapToInt(each -> each.right() ? 1 : 0).average().orElse(0);
            double sure =
                    of.stream().mapToInt(each -> !each.right() && each.confidence() >= 0.8 ? 1 : 0).average().orElse(0);
            double accused = of.stream().mapToInt(each -> each.accused() ? 1 : 0).average().orElse(0);
            double unknown = of.stream().mapToInt(each -> each.unknown() >= 0.5 ? 1 : 0).average().orElse(0);
            text.append(String.format("%s %d: right %.3f, falsely over .8 %.3f, accused %.3f, unknown %.2f; ", kind,
                    of.size(), right, sure, accused, unknown));
        }
        return text.toString();
    }

    private static double error(List<Said> all) {
        List<Said> said = all.stream().filter(each -> each.confidence() > 0).toList();
        double error = 0;
        for (int bin = 0; bin < BINS; bin++) {
            int here = bin;
            List<Said> in =
                    said.stream().filter(each -> Math.min(BINS - 1, (int) (each.confidence() * BINS)) == here).toList();
            double mean = in.stream().mapToDouble(Said::confidence).average().orElse(0);
            double right = in.stream().mapToInt(each -> each.right() ? 1 : 0).average().orElse(0);
            error += Math.abs(mean - right) * in.size() / said.size();
        }
        return error;
    }

    private Said writer(MethodName method, int size) {
        List<KnownSlip> slips = Slips.ALL.stream().filter(slip -> slip.methods().contains(method)
                && slip.numbers() != KnownSlip.Numbers.WITH_DECIMALS).toList();
        int dice = random.nextInt(20);
        Kind kind = dice < 8 ? Kind.LISTED
                : dice < 10 ? Kind.TWO : dice < 14 ? Kind.CARELESS : dice < 17 ? Kind.CAREFUL : Kind.OWN_RULE;
        KnownSlip one = slips.get(random.nextInt(slips.size()));
        KnownSlip other = slips.get(random.nextInt(slips.size()));
        if (kind == Kind.LISTED && random.nextInt(3) > 0) {
            one = slips.stream().filter(slip -> slip.met() == KnownSlip.Met.OFTEN)
                    .skip(random.nextInt((int) slips.stream()
                            .filter(slip -> slip.met() == KnownSlip.Met.OFTEN).count()))
                    .findFirst().orElseThrow();
        }
        String off = kind == Kind.OWN_RULE ? one.id() : "";
        double miss = switch (kind) {
            case CARELESS -> 0.1 + random.nextDouble() * 0.4;
            case CAREFUL -> 0.02;
            default -> random.nextInt(3) == 0 ? 0.1 : 0.01;
        };
        double firm = random.nextInt(4) == 0 ? 0.65 : 1;
        int member = random.nextInt(1000);
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            Problem problem = problems.next(method);
            Slip hand = base -> base;
            if (kind == Kind.LISTED || kind == Kind.TWO || kind == Kind.OWN_RULE) {
                hand = random.nextDouble() < firm ? hand(one, problem, member) : hand;
                hand = kind == Kind.TWO ? hand.and(hand(other, problem, member)) : hand;
            }
            items.add(new Item(Answers.ofListed(problem, method.id(), slip -> !slip.id().equals(off)),
                    careless(problem, method, hand, miss)));
        }
        if (items.stream().noneMatch(
                item -> Diagnosis.verdict(item.answers(), item.given(),
                        Punctuation.POINT) == RightAnswer.Verdict.WRONG)) {
            return kind == Kind.CAREFUL || kind == Kind.CARELESS ? new Said(kind, 0, false, 0, false) : null;
        }
        List<String> truth = switch (kind) {
            case LISTED -> List.of(one.id());
            case TWO -> List.of(one.id(), other.id());
            default -> List.of();
        };
        if (size == 1) {
            Judged judged = Diagnosis.of(items.get(0).answers(), items.get(0).given(), Punctuation.POINT);
            Finding first = judged.findings().stream().filter(finding -> !finding.slip().equals(Slips.FACT_NEAR_MISS))
                    .findFirst().orElse(null);
            return first == null ? new Said(kind, 0, false, judged.unknown(), false)
                    : new Said(kind, first.confidence(),
                            truth.contains(first.slip())
                                    || predicts(first.slip(), first.with(), one, kind, method, member),
                            judged.unknown(), first.confidence() > 0.5);
        }
        Writer writer = Writer.of(items, Punctuation.POINT);
        List<Cause> causes = writer.causes();
        if (kind == Kind.LISTED && Boolean.getBoolean("bemble.tell")
                && (causes.isEmpty() || !causes.get(0).slip().equals(one.id()))) {
            System.out.printf("      missed %s: %s, unknown %.2f, careful %.2f%n", one.id(),
                    causes.isEmpty() ? "nothing" : causes.get(0), writer.unknownHabit(), writer.careful());
        }
        if (kind == Kind.OWN_RULE && Boolean.getBoolean("bemble.tell") && !causes.isEmpty()
                && causes.get(0).confidence() > 0.8) {
            Cause first = causes.get(0);
            System.out.printf("      %s taken for %s + %s, %d of %d, %d chances, %.2f %s%n", one.id(), first.slip(),
                    first.with(), first.explains(),
                    first.of(), first.chances(), first.confidence(),
                    predicts(first.slip(), first.with(), one, kind, method, member));
        }
        return causes.isEmpty() ? new Said(kind, 0, false, writer.unknownHabit(), false)
                : new Said(kind, causes.get(0).confidence(),
                        truth.contains(causes.get(0).slip()) || causes.get(0).with() != null
                                && truth.contains(causes.get(0).with())
                                || predicts(causes.get(0).slip(), causes.get(0).with(), one, kind, method, member),
                        writer.unknownHabit(), true);
    }

    /** Whether what is named comes to what the child with a rule of their own does, in four of five fresh questions where it shows. */
    private boolean predicts(String slip, String with, KnownSlip own, Kind kind, MethodName method, int member) {
        int shows = 0;
        int same = 0;
        for (int i = 0; i < 200 && shows < 20 && kind == Kind.OWN_RULE; i++) {
            Problem problem = problems.next(method);
            String child = answer(hand(own, problem, member), problem, method);
            if (child != null && !child.equals(answer(base -> base, problem, method))) {
                shows++;
                List<List<Slip>> hands = new ArrayList<>();
                for (String name : with == null ? List.of(slip) : List.of(slip, with)) {
                    hands.add(
                            Slips.find(name, problem.operation()).map(known -> known.slips(problem)).orElse(List.of()));
                }
                boolean any = hands.get(0).stream()
                        .anyMatch(each -> child.equals(answer(hands.size() == 1 || hands.get(1).isEmpty() ? each
                                : each.and(hands.get(1).get(0)), problem, method)));
                same += any ? 1 : 0;
            }
        }
        return shows > 0 && same >= 0.8 * shows;
    }

    private static Slip hand(KnownSlip slip, Problem problem, int member) {
        List<Slip> hands = slip.slips(problem);
        return hands.isEmpty() ? base -> base : hands.get(member % hands.size());
    }

    /** The answer, with something that goes wrong by chance: a fact, or digits of what was answered. */
    private String careless(Problem problem, MethodName method, Slip hand, double rate) {
        String right = answer(base -> base, problem, method);
        String made = answer(hand, problem, method);
        String text = made == null ? right : made;
        if (random.nextDouble() >= rate) {
            return text;
        }
        if (random.nextInt(4) == 0) {
            String missed =
                    answer(hand.and(Slip.nearMiss(random.nextInt(8), random.nextBoolean() ? 1 : -1)), problem, method);
            return missed == null ? text : missed;
        }
        char[] digits = text.toCharArray();
        int[] at = IntStream.range(0, digits.length).filter(i -> Character.isDigit(digits[i])).toArray();
        for (int i = random.nextInt(5) == 0 ? 2 : 1; i > 0; i--) {
            digits[at[random.nextInt(at.length)]] = (char) ('0' + random.nextInt(10));
        }
        if (random.nextInt(8) == 0 && at.length > 1) {
            int turned = random.nextInt(at.length - 1);
            char kept = digits[at[turned]];
            digits[at[turned]] = digits[at[turned + 1]];
            digits[at[turned + 1]] = kept;
        }
        return new String(digits).replace(",", "");
    }

    private static String answer(Slip hand, Problem problem, MethodName method) {
        try {
            return Written.answerBy(hand.over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL).answer()
                    .text();
        } catch (Stuck stuck) {
            return null;
        }
    }
}
