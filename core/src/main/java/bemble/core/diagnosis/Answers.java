package bemble.core.diagnosis;

import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Limit;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.slip.KeptRules;
import bemble.core.slip.Rules;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import com.google.errorprone.annotations.concurrent.GuardedBy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The answers that the known hands come to in one question, such as 635 of 687 + 58 by {@code carry-forgotten}, each worked
 * out once: single slips, made everywhere or in one column only, and facts missed; two slips at once, and a slip with a fact
 * missed, only when they are asked for. May be asked by several threads at once. Long, for what is worked out lazily is
 * guarded by one lock, and whoever reads it wants to see all that it guards.
 */
public final class Answers {
    /** Decisions made before no further hand is tried, so that no question takes long. */
    private static final long MOST_DECISIONS = 300_000;
    private static final int MOST_OF_A_FAMILY = 160;
    private static final int SOME_OF_A_FAMILY = 8;
    private static final int FEW_OF_A_FAMILY = 4;
    private static final int NO_FACT = -1;
    private static final int LEAST_KILOBYTES = 12;
    private static final int BYTES_AN_ENTRY = 125;
    /** Workings longer than this are not tried with every rule. */
    private static final int MOST_FOR_RULES = 300;

    private final Problem problem;
    private final Method<?> method;
    private final List<KnownSlip> slips;
    private final Written careful;
    private final RightAnswer right;
    private final int facts;
    private final Map<String, List<Path>> paths = new HashMap<>();
    private final Map<String, Outcomes> bySlip = new LinkedHashMap<>();
    /** The same of those who make a slip everywhere, and of those who make it in one of its columns. */
    private final Map<String, Outcomes> everywhere = new HashMap<>();
    private final Map<String, Outcomes> inOnePlace = new HashMap<>();
    @GuardedBy("this")
    private final Map<String, Map<String, Double>> missedAfter = new HashMap<>();
    @GuardedBy("this")
    private final Map<Hypothesis, Map<String, Double>> byPair = new HashMap<>();
    /** What each rule and each member of a family comes to, and which of them come to an answer; null until it is asked for. */
    @GuardedBy("this")
    private @Nullable Worked worked;
    @GuardedBy("this")
    private @Nullable Map<String, Double> listed;
    private final Map<String, Integer> missed = new HashMap<>();
    private final Map<String, Double> missedBy = new HashMap<>();
    private final Map<String, Slip> missedHands = new HashMap<>();
    private long decisions;
    @GuardedBy("this")
    private @Nullable Map<String, List<Path>> ofTwo;

    private Answers(Problem problem, Method<?> method, KeptRules kept, Predicate<KnownSlip> listed) {
        this.problem = problem;
        this.method = method;
        this.slips = Hypotheses.listed(problem, method.name(), kept).stream().filter(listed).toList();
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
                missFact(which, Slip.nearMiss(which, by));
            }
        }
        Slips.missedFacts(problem, method.name()).forEach(miss -> missFact(NO_FACT, miss));
    }

    /** Notes what somebody comes to who misses a fact by chance. */
    private void missFact(int which, Slip miss) {
        String key = keyOf(miss, HouseStyle.USUAL);
        if (key != null && !right.is(key)) {
            missedBy.merge(key, 1.0, Double::sum);
            missedHands.putIfAbsent(key, miss);
            missed.putIfAbsent(key, which);
        }
    }

    /**
     * Works out the answers.
     *
     * @param method the id of the method asked for, or null for the usual one
     * @throws bemble.core.problem.Refusal where the operation has no such method
     */
    public static Answers of(Problem problem, String method) {
        return of(problem, method, KeptRules.NONE);
    }

    /** The same in a school that has given some rules worked out a name of their own. */
    public static Answers of(Problem problem, String method, KeptRules kept) {
        return new Answers(problem, Methods.find(problem, method, HouseStyle.USUAL), kept, slip -> true);
    }

    /**
     * The same as if only some of the slips were known: what is made of one that is on no list can be measured so.
     *
     * @param listed which slips are known
     */
    public static Answers ofListed(Problem problem, String method, Predicate<KnownSlip> listed) {
        return new Answers(problem, Methods.find(problem, method, HouseStyle.USUAL), KeptRules.NONE, listed);
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
        everywhere.computeIfAbsent(slip.id(), id -> new Outcomes()).add(key == null ? right.key() : key, weight, true);
        add(paths, new Path(List.of(slip.id()), hand, style, whole), key);
        if (once) {
            double part = weight * Model.IN_ONE_PLACE / places.size();
            for (int place : places) {
                Slip here = hand.at(place);
                String other = keyOf(here, style);
                note(slip.id(), other, part);
                inOnePlace.computeIfAbsent(slip.id(), id -> new Outcomes()).add(other == null ? right.key() : other,
                        part, true);
                if (other != null && !other.equals(key)) {
                    add(paths, new Path(List.of(slip.id()), here, style, part), other);
                }
            }
        }
    }

    private void note(String slip, @Nullable String key, double weight) {
        String reached = key == null ? right.key() : key;
        Objects.requireNonNull(bySlip.get(slip)).add(reached, weight, !isRight(reached));
    }

    /** The key of the answer that a hand comes to; null where it gets stuck, or where enough has been worked out. */
    private @Nullable String keyOf(Slip hand, HouseStyle style) {
        if (decisions > MOST_DECISIONS) {
            return null;
        }
        return Written.tried(hand.over(Hand.CAREFUL), problem, method, style).map(written -> {
            decisions += 8 + facts * 4L;
            return GivenAnswer.of(written.answer()).key();
        }).orElse(null);
    }

    private void add(Map<String, List<Path>> paths, Path path, @Nullable String key) {
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
                                weight * Model.mean(Model.SLACK) * Model.FACTS_MISSED / (2 * facts));
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

    /** The hands of one slip that come to an answer. */
    List<Path> singlesLeadingTo(String key) {
        return paths.getOrDefault(key, List.of());
    }

    /** The hands of one slip that come to an answer; those of two where no other does. */
    synchronized List<Path> leadingTo(String key) {
        if (paths.containsKey(key)) {
            return paths.get(key);
        }
        if (ofTwo == null) {
            ofTwo = pairs();
        }
        return ofTwo.getOrDefault(key, List.of());
    }

    /**
     * A hand with slips or rules of these names, the first of their families that comes to an answer here; nothing where one cannot
     * be made, or where none gets to an end.
     */
    Optional<Path> pathOf(List<String> names) {
        List<Slip> together = List.of(base -> base);
        for (String name : names) {
            List<Slip> hands = Slips.metAs(name, problem, method.name()).stream()
                    .flatMap(slip -> slip.slips(problem).stream()).limit(FEW_OF_A_FAMILY).toList();
            together = together.stream().flatMap(before -> hands.stream().map(before::and)).toList();
        }
        return together.stream()
                .filter(hand -> Written.tried(hand.over(Hand.CAREFUL), problem, method, HouseStyle.USUAL).isPresent())
                .findFirst().map(hand -> new Path(names, hand, HouseStyle.USUAL, 0));
    }

    /**
     * About how much memory this takes now, in kilobytes; it grows with what is asked of it. Measured: an entry of what hands come to
     * takes some 125 bytes with its key, its hand and its names.
     */
    public synchronized int kilobytes() {
        long entries = paths.values().stream().mapToLong(List::size).sum() + missedHands.size();
        for (Outcomes each : bySlip.values()) {
            entries += 3L * each.weights().size();
        }
        entries += worked == null ? 0 : 2L * worked.answers().size();
        entries += ofTwo == null ? 0 : ofTwo.values().stream().mapToLong(List::size).sum();
        for (Map<?, Map<String, Double>> each : List.<Map<?, Map<String, Double>>>of(missedAfter, byPair)) {
            entries += each.values().stream().mapToLong(Map::size).sum() + each.size();
        }
        return (int) (LEAST_KILOBYTES + entries * BYTES_AN_ENTRY / 1024 + careful.decisions().size() / 4);
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
        return outcomes(slip).weights().entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey)
                .orElse(right.key());
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

    /** Whether it is a rule that is on no list, not even on the school's own. */
    private boolean isOnlyWorkedOut(String slip) {
        return Rules.isRule(slip) && !bySlip.containsKey(slip);
    }

    /** Whether a slip can change the answer here. */
    public boolean hasChance(String slip) {
        return isOnlyWorkedOut(slip) ? ofOne(Hypothesis.of(slip)) != null : outcomes(slip).changesAnswer();
    }

    /** How likely somebody who misses just one fact comes to an answer. */
    double afterMiss(String key) {
        double all = 0;
        for (double each : missedBy.values()) {
            all += each;
        }
        return all == 0 ? 0 : missedBy.getOrDefault(key, 0.0) / all;
    }

    /** The hand that misses the fact which leads to an answer; null where none does. */
    @Nullable
    Slip missedHand(String key) {
        return missedHands.get(key);
    }

    /** How likely a careless moment leads to a wrong answer: a fact is missed, or digits. */
    double careless(String key) {
        double facts = missedBy.isEmpty() ? 0 : Model.FACTS_MISSED;
        return facts * afterMiss(key) + (1 - facts) * Scatter.OF_DIGITS.of(key, right.key());
    }

    /** The same of somebody with a habit: it may come to what the habit leads to, with a fact or a digit wrong besides. */
    double carelessAfter(Hypothesis habit, String key, double careless) {
        if (habit.isOfTwo() || isOnlyWorkedOut(habit.one()) || habit.member() != null || !hasChance(habit.one())) {
            return careless;
        }
        return (careless + Model.FACTS_MISSED * afterMiss(habit.one(), key)) / (1 + Model.FACTS_MISSED);
    }

    /** How likely somebody who makes some listed slip comes to an answer, where it makes the answer wrong. */
    synchronized double listedShare(String key) {
        if (listed == null) {
            listed = new HashMap<>();
            double all = 0;
            for (KnownSlip slip : slips) {
                for (Map.Entry<String, Double> each : outcomes(slip.id()).weights().entrySet()) {
                    if (!isRight(each.getKey())) {
                        listed.merge(each.getKey(), each.getValue(), Double::sum);
                        all += each.getValue();
                    }
                }
            }
            double whole = all;
            listed.replaceAll((answer, weight) -> weight / whole);
        }
        return listed.getOrDefault(key, 0.0);
    }

    /** How likely somebody with a habit, who makes it wherever they can and nothing else, comes to an answer. */
    double made(Hypothesis habit, String key) {
        double whole = isRight(key) ? 1 : 0;
        if (habit.isOfTwo()) {
            return both(habit, key, whole);
        }
        if (isOnlyWorkedOut(habit.one()) || habit.member() != null) {
            String comes = ofOne(habit);
            return (comes == null ? right.key() : comes).equals(key) ? 1 : 0;
        }
        return made(habit, key, whole);
    }

    private double made(Hypothesis single, String key, double whole) {
        Outcomes outcomes = everywhere.getOrDefault(single.one(), Outcomes.NONE);
        if (outcomes.isEmpty()) {
            return whole;
        }
        Outcomes part = inOnePlace.getOrDefault(single.one(), Outcomes.NONE);
        return part.isEmpty() ? outcomes.share(key)
                : (1 - Model.NOW_AND_THEN) * outcomes.share(key) + Model.NOW_AND_THEN * part.share(key);
    }

    private double both(Hypothesis habit, String key, double whole) {
        if (!hasChance(habit.one()) && !hasChance(habit.other())) {
            return whole;
        }
        return afterBoth(habit, key);
    }

    /** The rules, and the members of families, that lead to an answer. */
    List<Hypothesis> rulesLeadingTo(String key) {
        return worked().leading().getOrDefault(key, List.of());
    }

    /** What every rule and every member of a family comes to, each worked out once, when it is first asked for. */
    private synchronized Worked worked() {
        Worked known = worked;
        if (known == null) {
            known = workOut();
            worked = known;
        }
        return known;
    }

    /** What rules and members come to, where it is wrong, and which of them come to an answer. */
    private record Worked(Map<Hypothesis, String> answers, Map<String, List<Hypothesis>> leading) {}

    private Worked workOut() {
        Worked found = new Worked(new HashMap<>(), new HashMap<>());
        if (careful.decisions().size() > MOST_FOR_RULES) {
            return found;
        }
        Stream<KnownSlip> limited = slips.stream().filter(slip -> slip.family() == null && !Rules.isRule(slip.id()))
                .flatMap(slip -> Arrays.stream(Limit.values()).map(limit -> Rules.limited(slip, limit)));
        for (KnownSlip rule : Stream.concat(Rules.of(method.name()).stream(), limited).toList()) {
            if (isOnlyWorkedOut(rule.id())) {
                note(Hypothesis.of(rule.id()), rule.slip(), found);
            }
        }
        for (KnownSlip slip : slips) {
            if (slip.members() != null) {
                for (Map.Entry<String, Slip> member : slip.members().apply(problem).entrySet()) {
                    note(Hypothesis.of(slip.id(), member.getKey()), member.getValue(), found);
                }
            }
        }
        return found;
    }

    private void note(Hypothesis hypothesis, Slip hand, Worked found) {
        String key = keyOf(hand, HouseStyle.USUAL);
        if (key != null && !right.is(key)) {
            found.answers().put(hypothesis, key);
            found.leading().computeIfAbsent(key, any -> new ArrayList<>()).add(hypothesis);
        }
    }

    /** What a rule or a member comes to; null where that is the right answer. */
    private synchronized @Nullable String ofOne(Hypothesis hypothesis) {
        return worked().answers().get(hypothesis);
    }

    private synchronized double afterMiss(String slip, String key) {
        return missedAfter.computeIfAbsent(slip, this::missesAfter).getOrDefault(key, 0.0);
    }

    private Map<String, Double> missesAfter(String id) {
        Map<String, Double> answers = new HashMap<>();
        KnownSlip slip = slips.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
        List<Slip> hands = few(slip);
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
    private synchronized double afterBoth(Hypothesis both, String key) {
        return byPair.computeIfAbsent(both, this::ofBoth).getOrDefault(key, 0.0);
    }

    private Map<String, Double> ofBoth(Hypothesis both) {
        List<Slip> first = hands(both.one());
        List<Slip> second = hands(both.other());
        if (first.isEmpty() || second.isEmpty()) {
            Outcomes outcomes = outcomes(first.isEmpty() ? both.other() : both.one());
            Map<String, Double> single = new HashMap<>();
            outcomes.weights().keySet().forEach(key -> single.put(key, outcomes.share(key)));
            return single;
        }
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
        List<Slip> hands =
                slips.stream().filter(each -> each.id().equals(id)).flatMap(slip -> slip.slips(problem).stream())
                        .toList();
        return hands.subList(0, Math.min(hands.size(), SOME_OF_A_FAMILY));
    }

    /** The fact that was missed by a group in that answer; null where none was. */
    @Nullable
    FactQuestion<?> factMissed(String key) {
        Integer which = missed.get(key);
        return which == null || which == NO_FACT ? null : careful.factsWorked().get(which);
    }

    /** The facts worked here by a careful hand. */
    List<FactQuestion<?>> factsWorked() {
        return careful.factsWorked();
    }
}
