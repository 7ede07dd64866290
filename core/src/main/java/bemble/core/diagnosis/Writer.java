package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.outcome.Hypotheses;
import bemble.core.diagnosis.outcome.Hypothesis.Kind;
import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.diagnosis.outcome.Known;
import bemble.core.diagnosis.outcome.Model;
import bemble.core.hand.FactQuestion;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The answers of one writer judged together: a habit that explains five answers outweighs five different misses, and one
 * that would have spoilt answers that are right is doubted. Of 687 + 58 = 635, 46 + 27 = 63 and 31 + 24 = 55 the cause is
 * {@code carry-forgotten}, which explains both wrong ones.
 */
public final class Writer {
    private static final double WORTH_SAYING = 0.05;
    private static final int MOST_FACTS = 12;
    /** With so many answers one may be sure that there is nothing, or nothing that is known. */
    private static final int ENOUGH = 3;

    private final List<Item> items;
    private final Punctuation punctuation;
    private final List<Known> known = new ArrayList<>();
    private final Posterior posterior;
    private final @Nullable Problem first;
    private final List<Cause> causes;

    private Writer(List<Item> items, Hypotheses hypotheses, Punctuation punctuation) {
        this.items = items;
        this.punctuation = punctuation;
        for (Item item : items) {
            item.key(punctuation).ifPresent(key -> known.add(new Known(item.answers(), key, item.paper())));
        }
        this.posterior = Posterior.of(known, hypotheses);
        this.first = items.isEmpty() ? null : items.get(0).answers().problem();
        this.causes = likelyCauses();
    }

    /** Judges what one writer answered; the questions may be of one operation or of several. */
    public static Writer of(List<Item> items, Punctuation punctuation) {
        return new Writer(items, Hypotheses.of(items.stream().map(Item::answers).toList()), punctuation);
    }

    /** One of whom nothing is known yet but which slips there are. */
    static Writer unknown(Collection<KnownSlip> slips) {
        return new Writer(List.of(), Hypotheses.of(slips), Punctuation.POINT);
    }

    /** How likely the writer has no habit, and only misses something now and then, or often. */
    public double careful() {
        return posterior.of(Kind.CAREFUL) + posterior.of(Kind.CARELESS);
    }

    /** How likely the writer has a habit that is not known. */
    public double unknownHabit() {
        return posterior.of(Kind.UNKNOWN);
    }

    /** How likely the writer makes a slip at all, by itself or with another. */
    public double makes(String slip) {
        return posterior.makes(slip);
    }

    Posterior posterior() {
        return posterior;
    }

    private boolean hasWrong() {
        return known.stream().anyMatch(each -> !each.isRight());
    }

    /** Whether what is likeliest is one of the habits that are known. */
    private boolean isHabit() {
        double best = posterior.habits().stream().mapToDouble(Habit::weight).max().orElse(0);
        double habits = posterior.of(Kind.KNOWN);
        return hasWrong() && (best >= Math.max(careful(), unknownHabit()) || habits > 0.5 && best > WORTH_SAYING);
    }

    /** Whether likelier than anything else the writer has a habit that is not known. */
    public boolean isLikelyUnknown() {
        return hasWrong() && !isHabit() && unknownHabit() >= careful();
    }

    /** The causes, likeliest first; none of a writer who is likelier careful, or whose habit is likelier not known. */
    public List<Cause> causes() {
        return causes;
    }

    private List<Cause> likelyCauses() {
        if (first == null || !isHabit()) {
            return List.of();
        }
        Sureness sureness = new Sureness(posterior, known);
        return posterior.habits().stream().filter(habit -> habit.weight() >= WORTH_SAYING)
                .map(habit -> cause(habit, sureness.of(habit))).toList();
    }

    /** @param sure how sure one may say to be of it */
    private Cause cause(Habit habit, double sure) {
        List<String> slips = ofWhatFits(habit);
        int wrong = (int) known.stream().filter(each -> !each.isRight()).count();
        int explains = (int) known.stream()
                .filter(each -> !each.isRight() && each.made(habit.likeliest()) > Known.EXPLAINS).count();
        int chances = (int) known.stream().filter(each -> hasChance(habit.likeliest(), slips, each.answers())).count();
        Problem problem = shows(habit, slips);
        return new Cause(slips.get(0), slips.size() > 1 ? slips.get(1) : null, problem, habit.likeliest().member(),
                explains, wrong, chances, sure,
                DiagnosisWords.rests(slips, habit.likeliest(), problem, explains, wrong, chances, known.size(),
                        sure));
    }

    /** Whether a habit can show in a question; of a fact known wrongly, whether that fact comes in it. */
    private static boolean hasChance(Hypothesis habit, List<String> slips, Answers answers) {
        return habit.member() == null ? slips.stream().anyMatch(answers::hasChance)
                : answers.made(habit, answers.right()) < 1;
    }

    /** A question in which a habit shows: one of the answers that come from it, else one that gives it a chance. */
    private Problem shows(Habit habit, List<String> slips) {
        return known.stream().filter(each -> !each.isRight() && each.made(habit.likeliest()) > Known.EXPLAINS)
                .findFirst()
                .or(() -> known.stream().filter(each -> each.answers().hasChance(slips.get(0))).findFirst())
                .map(each -> each.answers().problem()).orElseGet(() -> Objects.requireNonNull(first));
    }

    /** The slips of a habit, that which explains more answers first. */
    private List<String> ofWhatFits(Habit habit) {
        return habit.slips().stream().sorted(Comparator.comparingLong((String slip) -> -known.stream()
                .filter(each -> !each.isRight() && each.made(Hypothesis.of(slip)) > Known.EXPLAINS).count()))
                .toList();
    }

    /** What is to be said of the writer in a sentence. */
    public String say() {
        if (!hasWrong()) {
            return "";
        }
        if (!causes.isEmpty()) {
            return causes.get(0).say();
        }
        return isLikelyUnknown() ? DiagnosisWords.NO_HABIT_FITS : DiagnosisWords.MISSES;
    }

    /** Each answer judged in the light of the others. */
    public List<Judged> items() {
        Posterior writer = known.size() < 2 ? null : posterior;
        return items.parallelStream().map(item -> Diagnosis.of(item, punctuation, writer)).toList();
    }

    /**
     * A fact that was missed.
     *
     * @param fact as it is learnt, such as {@code 7x8}
     * @param missed how often it was missed by a group
     * @param of in how many of the questions it came
     */
    public record Missed(String fact, int missed, int of) {}

    /** The facts missed in answers that no likely habit explains, the most missed first. */
    public List<Missed> facts() {
        Hypothesis likeliest = isHabit() ? posterior.habits().get(0).likeliest() : Hypothesis.CAREFUL;
        Map<String, Integer> missed = new TreeMap<>();
        for (Known each : known) {
            if (!each.isRight() && !(likeliest.isKnown() && each.made(likeliest) > Known.EXPLAINS)) {
                FactQuestion<?> fact = each.answers().factMissed(each.key());
                if (fact != null && fact.fact() != null) {
                    missed.merge(fact.fact(), 1, Integer::sum);
                }
            }
        }
        return missed.entrySet().stream()
                .map(entry -> new Missed(entry.getKey(), entry.getValue(), comesIn(entry.getKey())))
                .sorted(Comparator.comparingInt(Missed::missed).reversed().thenComparing(Missed::fact))
                .limit(MOST_FACTS).toList();
    }

    /** The fact that a wrong answer may have missed, such as {@code 7x8}, whatever else explains it; null where none does. */
    public @Nullable String factMissed(int item) {
        Answers answers = items.get(item).answers();
        return items.get(item).key(punctuation).filter(key -> !answers.isRight(key))
                .map(answers::factMissed).map(FactQuestion::fact).orElse(null);
    }

    /** The fact that a likely habit takes for something else in a wrong answer, such as {@code 7x8=54}; null where none does. */
    public @Nullable String factTaken(int item) {
        List<Hypothesis> taken = causes.isEmpty() ? List.of()
                : posterior.habits().stream().filter(habit -> habit.weight() >= WORTH_SAYING).map(Habit::likeliest)
                        .filter(habit -> habit.member() != null).toList();
        if (taken.isEmpty()) {
            return null;
        }
        Item asked = items.get(item);
        return asked.key(punctuation).map(key -> new Known(asked.answers(), key, asked.paper()))
                .filter(answer -> !answer.isRight())
                .flatMap(answer -> taken.stream().filter(habit -> answer.made(habit) > Known.EXPLAINS).findFirst())
                .map(Hypothesis::member).orElse(null);
    }

    private int comesIn(String fact) {
        return (int) known.stream().filter(each -> each.answers().careful().factsWorked().stream()
                .anyMatch(worked -> fact.equals(worked.fact()))).count();
    }

    /** Whether one is sure what the writer does, that there is nothing, or that it is nothing that is known. */
    public boolean isSure() {
        return known.size() >= ENOUGH && (careful() >= Model.SURE || unknownHabit() >= Model.SURE)
                || isHabit() && posterior.habits().get(0).weight() >= Model.SURE;
    }
}
