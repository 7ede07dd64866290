package bemble.core.diagnosis.outcome;

import bemble.core.entry.RightAnswer;
import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.slip.NamedRules;
import bemble.core.slip.Rules;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * The answers that the known hands come to in one question, such as 635 of 687 + 58 by {@code carry-forgotten}, each worked
 * out once: single slips and facts missed at once, rules and two slips when they are first asked for. The same whoever asks first; may be
 * asked by several threads at once.
 */
public final class Answers {
    private static final int LEAST_KILOBYTES = 12;
    /** Measured: what a hand comes to takes about so many bytes with its key, its hand and its names. */
    private static final int BYTES_AN_ENTRY = 125;
    private static final int FEW_OF_A_FAMILY = 4;

    private final List<KnownSlip> slips;
    private final Written careful;
    private final RightAnswer right;
    private final Trials trials;
    private final SingleSlips singles;
    private final MissedFacts missed;
    private final SlipPairs pairs;
    private volatile @Nullable RuleAnswers rules;

    private Answers(Problem problem, Method<?> method, NamedRules kept, Predicate<KnownSlip> listed) {
        slips = Hypotheses.listed(problem, method.name(), kept).stream().filter(listed).toList();
        careful = Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL);
        right = RightAnswer.of(careful);
        trials = new Trials(problem, method, careful.decisions().size());
        singles = new SingleSlips(trials, slips, right);
        missed = new MissedFacts(trials, careful.factsWorked(), right);
        pairs = new SlipPairs(trials, slips, careful.factsWorked().size(), singles, right);
    }

    /**
     * Works out the answers.
     *
     * @param method the id of the method asked for, or null for the usual one
     * @throws bemble.core.problem.Refusal where the operation has no such method
     */
    public static Answers of(Problem problem, String method) {
        return of(problem, method, NamedRules.NONE);
    }

    /** The same in a school that has given some rules worked out a name of their own. */
    public static Answers of(Problem problem, String method, NamedRules kept) {
        return new Answers(problem, Methods.find(problem, method, HouseStyle.USUAL), kept, slip -> true);
    }

    /**
     * The same as if only some of the slips were known: what is made of one that is on no list can be measured so.
     *
     * @param listed which slips are known
     */
    public static Answers ofListed(Problem problem, String method, Predicate<KnownSlip> listed) {
        return new Answers(problem, Methods.find(problem, method, HouseStyle.USUAL), NamedRules.NONE, listed);
    }

    /** The hands of one slip that come to an answer. */
    public List<Path> singlesLeadingTo(String key) {
        return singles.leadingTo(key);
    }

    /** The hands of one slip that come to an answer; those of two where no other does. */
    public List<Path> leadingTo(String key) {
        List<Path> ofOne = singles.leadingTo(key);
        return ofOne.isEmpty() ? pairs.leadingTo(key) : ofOne;
    }

    /**
     * A hand with slips or rules of these names, the first of their families that comes to an answer here; nothing where one cannot
     * be made, or where none gets to an end.
     */
    public Optional<Path> pathOf(List<String> names) {
        List<Slip> together = List.of(base -> base);
        for (String name : names) {
            List<Slip> hands = Slips.metAs(name, problem(), method().name()).stream()
                    .flatMap(slip -> slip.slips(problem()).stream()).limit(FEW_OF_A_FAMILY).toList();
            together = together.stream().flatMap(before -> hands.stream().map(before::and)).toList();
        }
        return together.stream().filter(hand -> trials.written(hand, HouseStyle.USUAL).isFinished()).findFirst()
                .map(hand -> new Path(names, hand, HouseStyle.USUAL, 0));
    }

    /** About how much memory this takes now, in kilobytes; it grows with what is asked of it. */
    public int kilobytes() {
        RuleAnswers known = rules;
        long entries =
                singles.entries() + missed.entries() + pairs.entries() + (known == null ? 0 : known.entries());
        return (int) (LEAST_KILOBYTES + entries * BYTES_AN_ENTRY / 1024 + trials.decisions() / 4);
    }

    public Problem problem() {
        return trials.problem();
    }

    public Method<?> method() {
        return trials.method();
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
    public RightAnswer rightAnswer() {
        return right;
    }

    public boolean isRight(String key) {
        return right.is(key);
    }

    public String right() {
        return right.key();
    }

    /** The right answer as it is written in the usual style. */
    public String rightText() {
        return text(right.key());
    }

    /** An answer's key as one reads it. */
    public static String text(String key) {
        return key.replace("r", " r ");
    }

    /** The answer's value and remainder as they should be. */
    public Written careful() {
        return careful;
    }

    /** The answers that a slip leads to. */
    public Outcomes outcomes(String slip) {
        return singles.of(slip);
    }

    /** Whether it is a rule that is on no list, not even on the school's own. */
    private boolean isOnlyWorkedOut(String slip) {
        return Rules.isRule(slip) && !singles.has(slip);
    }

    /** Whether one hand alone is meant: a rule that is on no list, or a member of a family. */
    private boolean isOneHand(Hypothesis habit) {
        return isOnlyWorkedOut(habit.one()) || habit.member() != null;
    }

    /** Whether a slip can change the answer here. */
    public boolean hasChance(String slip) {
        return isOnlyWorkedOut(slip) ? rules().of(Hypothesis.of(slip)) != null : outcomes(slip).changesAnswer();
    }

    /** How likely somebody who misses just one fact comes to an answer. */
    public double afterMiss(String key) {
        return missed.share(key);
    }

    /** The hand that misses the fact which leads to an answer; null where none does. */
    @Nullable
    public Slip missedHand(String key) {
        return missed.hand(key);
    }

    /** How likely a careless moment leads to a wrong answer: a fact is missed, or digits. */
    public double careless(String key) {
        double facts = missed.isEmpty() ? 0 : Model.FACTS_MISSED;
        return facts * missed.share(key) + (1 - facts) * Scatter.OF_DIGITS.of(key, right.key());
    }

    /** The same of somebody with a habit: it may come to what the habit leads to, with a fact or a digit wrong besides. */
    public double carelessAfter(Hypothesis habit, String key, double careless) {
        if (habit.isOfTwo() || isOneHand(habit) || !hasChance(habit.one())) {
            return careless;
        }
        return (careless + Model.FACTS_MISSED * pairs.missedAfter(habit.one(), key)) / (1 + Model.FACTS_MISSED);
    }

    /** How likely somebody who makes some listed slip comes to an answer, where it makes the answer wrong. */
    public double listedShare(String key) {
        return singles.share(key);
    }

    /** Whether it is known what somebody with a habit comes to here: in a question that takes long not all hands are tried. */
    public boolean isTried(Hypothesis habit) {
        return habit.isOfTwo() || !isOneHand(habit) || RuleAnswers.areTried(trials);
    }

    /** How likely somebody with a habit, who makes it wherever they can and nothing else, comes to an answer. */
    public double made(Hypothesis habit, String key) {
        if (habit.isOfTwo()) {
            return hasChance(habit.one()) || hasChance(habit.other()) ? pairs.made(habit, key) : isRight(key) ? 1 : 0;
        }
        if (isOneHand(habit)) {
            String comes = rules().of(habit);
            return (comes == null ? right.key() : comes).equals(key) ? 1 : 0;
        }
        return singles.made(habit.one(), key);
    }

    /** The rules, and the members of families, that lead to an answer. */
    public List<Hypothesis> rulesLeadingTo(String key) {
        return rules().leadingTo(key);
    }

    private RuleAnswers rules() {
        RuleAnswers known = rules;
        if (known == null) {
            synchronized (this) {
                known = rules == null ? new RuleAnswers(trials, slips, singles, right) : rules;
                rules = known;
            }
        }
        return known;
    }

    /** The fact that was missed by a group in that answer; null where none was. */
    @Nullable
    public FactQuestion<?> factMissed(String key) {
        return missed.fact(key);
    }
}
