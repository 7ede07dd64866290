package bemble.core.diagnosis;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.KnownSlip;
import bemble.core.hand.Method;
import bemble.core.hand.Slip;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The answers that the known hands come to in one question, each worked out once: single slips, made everywhere or in one
 * column only, and facts missed; two slips at once, and a slip with a fact missed, only when they are asked for. May be asked
 * by several threads at once.
 */
public final class Answers {
    /** Decisions made before no further hand is tried, so that no question takes long. */
    private static final long MOST_DECISIONS = 300_000;
    private static final int MOST_OF_A_FAMILY = 60;
    private static final int SOME_OF_A_FAMILY = 8;
    private static final int FEW_OF_A_FAMILY = 4;

    private final Problem problem;
    private final Method<?> method;
    private final List<KnownSlip> slips;
    private final Written careful;
    private final RightAnswer right;
    private final int facts;
    private final Map<String, List<Path>> paths = new HashMap<>();
    private final Map<String, Outcomes> bySlip = new LinkedHashMap<>();
    private final Map<String, Map<String, Double>> missedAfter = new HashMap<>();
    private final Map<Habit, Map<String, Double>> byPair = new HashMap<>();
    private final Map<String, Integer> missed = new HashMap<>();
    private long decisions;
    private Map<String, List<Path>> ofTwo;

    private Answers(Problem problem, Method<?> method) {
        this.problem = problem;
        this.method = method;
        this.slips = Slips.met(problem, method.name());
        this.careful = Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL);
        this.right = RightAnswer.of(careful);
        this.facts = careful.factsWorked().size();
        slips.forEach(slip -> bySlip.put(slip.id(), new Outcomes()));
        singles(HouseStyle.USUAL, 1);
        if (problem.operation() == Operation.MULTIPLICATION
                && problem.operands().get(0).compareTo(problem.operands().get(1)) < 0) {
            singles(HouseStyle.USUAL.keepingOrder(), Model.OTHER_ORDER);
        }
        for (int which = 0; which < facts; which++) {
            for (int by : new int[] {1, -1}) {
                Path path = new Path(List.of(Slips.FACT_NEAR_MISS), Slip.nearMiss(which, by), HouseStyle.USUAL,
                        Model.FACT_MISSED / 2);
                String key = keyOf(path.hand(), HouseStyle.USUAL);
                if (key != null) {
                    add(paths, path, key);
                    missed.putIfAbsent(key, which);
                }
            }
        }
    }

    /**
     * Works out the answers.
     *
     * @param method the id of the method asked for, or null for the usual one
     * @throws bemble.core.problem.Refusal where the operation has no such method
     */
    public static Answers of(Problem problem, String method) {
        return new Answers(problem, Methods.find(problem, method, HouseStyle.USUAL));
    }

    private void singles(HouseStyle style, double share) {
        for (KnownSlip slip : slips) {
            List<Slip> hands = slip.slips(problem);
            double each = share * Model.prior(slip.met()) / Math.max(1, hands.size());
            for (Slip hand : hands.subList(0, Math.min(hands.size(), MOST_OF_A_FAMILY))) {
                single(slip, hand, style, each);
            }
        }
    }

    private void single(KnownSlip slip, Slip hand, HouseStyle style, double weight) {
        Written written = Written.asFarAs(hand.over(Hand.CAREFUL), problem, method, style, false);
        decisions += written.decisions().size();
        List<Integer> places = written.brokenPlaces();
        String key = written.isFinished() ? GivenAnswer.of(written.answer()).key() : null;
        boolean once = places.size() > 1;
        double whole = weight * (once ? 1 - Model.IN_ONE_PLACE : 1);
        note(slip.id(), key, whole);
        add(paths, new Path(List.of(slip.id()), hand, style, whole), key);
        if (once) {
            double part = weight * Model.IN_ONE_PLACE / places.size();
            for (int place : places) {
                Slip here = hand.at(place);
                String other = keyOf(here, style);
                note(slip.id(), other, part);
                if (other != null && !other.equals(key)) {
                    add(paths, new Path(List.of(slip.id()), here, style, part), other);
                }
            }
        }
    }

    private void note(String slip, String key, double weight) {
        String reached = key == null ? right.key() : key;
        bySlip.get(slip).add(reached, weight, !isRight(reached));
    }

    /** The key of the answer that a hand comes to; null where it gets stuck, or where enough has been worked out. */
    private String keyOf(Slip hand, HouseStyle style) {
        if (decisions > MOST_DECISIONS) {
            return null;
        }
        try {
            Written written = Written.answerBy(hand.over(Hand.CAREFUL), problem, method, style);
            decisions += 8 + facts * 4L;
            return GivenAnswer.of(written.answer()).key();
        } catch (Stuck stuck) {
            return null;
        }
    }

    private void add(Map<String, List<Path>> paths, Path path, String key) {
        if (key != null && !right.is(key)) {
            paths.computeIfAbsent(key, any -> new ArrayList<>(2)).add(path);
        }
    }

    private void addTogether(Map<String, List<Path>> paths, List<String> names, Slip both, double weight) {
        add(paths, new Path(names, both, HouseStyle.USUAL, weight), keyOf(both, HouseStyle.USUAL));
    }

    /**
     * The hands of two slips, or of a slip with a fact missed, by the answers they come to. One that changes nothing by itself
     * may change something after another.
     */
    private Map<String, List<Path>> pairs() {
        Map<String, List<Path>> found = new HashMap<>();
        for (KnownSlip one : slips) {
            boolean changes = hasChance(one.id());
            List<Slip> hands = few(one);
            for (Slip hand : hands) {
                double weight = Model.prior(one.met()) / hands.size();
                for (KnownSlip other : slips) {
                    if (other != one && (changes || hasChance(other.id()))) {
                        Slip with = few(other).isEmpty() ? other.slip() : few(other).get(0);
                        addTogether(found, List.of(one.id(), other.id()), hand.and(with),
                                weight * Model.prior(other.met()) * Model.SLIPS_GO_TOGETHER / 2);
                    }
                }
                for (int which = 0; changes && which < facts; which++) {
                    for (int by : new int[] {1, -1}) {
                        addTogether(found, List.of(one.id(), Slips.FACT_NEAR_MISS), hand.and(Slip.nearMiss(which, by)),
                                weight * Model.FACT_MISSED / 2);
                    }
                }
            }
        }
        return found;
    }

    private List<Slip> few(KnownSlip slip) {
        List<Slip> hands = slip.slips(problem);
        return hands.subList(0, Math.min(hands.size(), FEW_OF_A_FAMILY));
    }

    /** The hands of one slip, or none, that come to an answer; those of two where no other does. */
    synchronized List<Path> leadingTo(String key) {
        if (paths.containsKey(key)) {
            return paths.get(key);
        }
        if (ofTwo == null) {
            ofTwo = pairs();
        }
        return ofTwo.getOrDefault(key, List.of());
    }

    public Problem problem() {
        return problem;
    }

    public Method<?> method() {
        return method;
    }

    /** The slips that may have been made here. */
    public List<KnownSlip> slips() {
        return slips;
    }

    /** The answer that a slip leads to most likely; the right one where it changes nothing. */
    public String likeliest(String slip) {
        return outcomes(slip).weights().entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(right.key());
    }

    /** What is right here. */
    RightAnswer rightAnswer() {
        return right;
    }

    boolean isRight(String key) {
        return right.is(key);
    }

    String right() {
        return right.key();
    }

    /** The right answer as it is written in the usual style. */
    public String rightText() {
        return text(right.key());
    }

    /** An answer's key as one reads it. */
    static String text(String key) {
        return key.replace("r", " r ");
    }

    /** The answer's value and remainder as they should be. */
    Written careful() {
        return careful;
    }

    /** The answers that a slip leads to. */
    Outcomes outcomes(String slip) {
        return bySlip.getOrDefault(slip, Outcomes.NONE);
    }

    /** Whether a slip can change the answer here. */
    public boolean hasChance(String slip) {
        return outcomes(slip).changesAnswer();
    }

    /** How likely an answer is, of somebody who misses just one fact and makes a slip, or none where it is null. */
    synchronized double afterMiss(String slip, String key) {
        return missedAfter.computeIfAbsent(slip == null ? "" : slip, this::missesAfter).getOrDefault(key, 0.0);
    }

    private Map<String, Double> missesAfter(String id) {
        Map<String, Double> answers = new HashMap<>();
        KnownSlip slip = slips.stream().filter(each -> each.id().equals(id)).findFirst().orElse(null);
        List<Slip> hands = slip == null ? List.of(base -> base) : few(slip);
        double share = 1.0 / Math.max(1, 2 * facts * hands.size());
        for (Slip hand : hands) {
            for (int which = 0; which < facts; which++) {
                for (int by : new int[] {1, -1}) {
                    String key = keyOf(hand.and(Slip.nearMiss(which, by)), HouseStyle.USUAL);
                    if (key != null) {
                        answers.merge(key, share, Double::sum);
                    }
                }
            }
        }
        return answers;
    }

    /** How likely somebody who makes both of two slips comes to an answer. */
    synchronized double afterBoth(Habit both, String key) {
        return byPair.computeIfAbsent(both, this::ofBoth).getOrDefault(key, 0.0);
    }

    private Map<String, Double> ofBoth(Habit both) {
        List<Slip> first = hands(both.one());
        List<Slip> second = hands(both.other());
        Map<String, Double> answers = new HashMap<>();
        double share = 0.5 / Math.max(1, first.size() * second.size());
        for (Slip hand : first) {
            for (Slip with : second) {
                for (Slip together : List.of(hand.and(with), with.and(hand))) {
                    String key = keyOf(together, HouseStyle.USUAL);
                    answers.merge(key == null ? right.key() : key, share, Double::sum);
                }
            }
        }
        return answers;
    }

    private List<Slip> hands(String id) {
        List<Slip> hands = slips.stream().filter(each -> each.id().equals(id)).flatMap(slip -> slip.slips(problem).stream())
                .toList();
        return hands.subList(0, Math.min(hands.size(), SOME_OF_A_FAMILY));
    }

    /** How many facts are worked here. */
    int facts() {
        return facts;
    }

    /** The fact that was missed by a group in that answer; null where none was. */
    FactQuestion<?> factMissed(String key) {
        Integer which = missed.get(key);
        return which == null ? null : careful.factsWorked().get(which);
    }

    /** The facts worked here by a careful hand. */
    List<FactQuestion<?>> factsWorked() {
        return careful.factsWorked();
    }
}
