package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.practice.Draft;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The question whose answer tells the causes apart best that are still likely.
 *
 * @param question null where there is none to ask
 * @param why why it is asked, or why no more is
 * @param done whether one is sure, or can never be
 */
public record NextQuestion(@Nullable FeaturedProblem question, String why, boolean done) {
    private static final int CANDIDATES = 60;
    private static final int CAUSES = 60;
    private static final int LIKELY_ONLY = 14;
    /** After so many questions it is said that nothing that is known fits. */
    private static final int ENOUGH = 6;
    private static final double NEGLIGIBLE = 0.002;
    /** What a question tells at least, in bits, to be worth asking. */
    private static final double WORTH_ASKING = 0.02;

    private record Told(FeaturedProblem question, double bits, Map<String, String> answers) {}

    /**
     * Draws the next question.
     *
     * @param writer what is known of the writer so far; null where nothing has been asked
     * @param wishes what the question may be like
     * @param asked the questions asked before, which are not asked again
     */
    public static NextQuestion after(@Nullable Writer writer, List<Wishes> wishes, Method<?> method,
            List<FeaturedProblem> asked,
            long seed) {
        Problem model = new Draft(wishes.get(0), seed).draw(1).get(0).problem();
        List<KnownSlip> slips = Slips.met(model, method.name());
        Map<Hypothesis, Double> habits = (writer == null ? Writer.unknown(slips) : writer).posterior().weights();
        if (writer != null && (writer.isSure() || asked.size() >= ENOUGH && writer.isLikelyUnknown())) {
            return new NextQuestion(null, sure(writer, model), true);
        }
        Map<Hypothesis, Double> likely = likely(habits, writer == null ? CAUSES : LIKELY_ONLY);
        if (asked.size() < ENOUGH && writer != null && (likely.size() < 2 || writer.isLikelyUnknown())) {
            // Nothing known fits so far: what is asked next is to show most of whatever habit it may be.
            likely = likely(Writer.unknown(slips).posterior().weights(), CAUSES);
        }
        Told best = null;
        for (int i = 0; i < wishes.size(); i++) {
            Draft draft = new Draft(wishes.get(i), seed + i);
            for (FeaturedProblem question : draft.draw(Math.max(4, CANDIDATES / wishes.size()), asked)) {
                Told told = told(question, likely, slips, method);
                best = best == null || told.bits() > best.bits() + 1e-12 ? told : best;
            }
        }
        if (best == null || best.bits() < WORTH_ASKING) {
            return new NextQuestion(null, "No question can tell the rest apart: " + names(likely, model) + ".", true);
        }
        return new NextQuestion(best.question(), why(best, likely, model), false);
    }

    /** What questions are drawn from where nothing is wished for: of several kinds, since each slip needs its chance. */
    public static List<Wishes> usual(Operation operation) {
        Wish two = Wish.exactly(2);
        Wish three = Wish.exactly(3);
        Wish four = Wish.exactly(4);
        Wish yes = Wish.of(true);
        List<Map<Feature, Wish>> wanted = switch (operation) {
            case ADDITION -> List.of(Map.of(Feature.ADDENDS, two, Feature.DIGITS, three),
                    Map.of(Feature.ADDENDS, two, Feature.DIGITS, new Wish(2, 4), Feature.UNEVEN_LENGTHS, yes),
                    Map.of(Feature.ADDENDS, three, Feature.DIGITS, two));
            case SUBTRACTION -> List.of(Map.of(Feature.DIGITS, three),
                    Map.of(Feature.DIGITS, four, Feature.ACROSS_ZEROS,
                            new Wish(1, 2)),
                    Map.of(Feature.DIGITS, three, Feature.SUBTRAHEND_DIGITS, two));
            case MULTIPLICATION -> List.of(Map.of(Feature.TOP_DIGITS, two, Feature.BOTTOM_DIGITS, two),
                    Map.of(Feature.TOP_DIGITS, three, Feature.BOTTOM_DIGITS, two),
                    Map.of(Feature.TOP_DIGITS, three, Feature.BOTTOM_DIGITS, three, Feature.ZERO_IN_BOTTOM, yes));
            case DIVISION -> List.of(Map.of(Feature.DIVIDEND_DIGITS, three, Feature.DIVISOR_DIGITS, Wish.exactly(1)),
                    Map.of(Feature.DIVIDEND_DIGITS, four, Feature.DIVISOR_DIGITS, Wish.exactly(1),
                            Feature.ZERO_IN_QUOTIENT, yes),
                    Map.of(Feature.DIVIDEND_DIGITS, four, Feature.DIVISOR_DIGITS, two, Feature.REMAINDER, yes));
            case SQUARE_ROOT -> List.of(Map.of(Feature.RADICAND_DIGITS, four),
                    Map.of(Feature.RADICAND_DIGITS, Wish.exactly(5)),
                    Map.of(Feature.RADICAND_DIGITS, Wish.exactly(5), Feature.ZERO_IN_ROOT, yes));
        };
        return wanted.stream().map(each -> new Wishes(operation, each)).toList();
    }

    /** The habits that a question can tell apart, and the writer without any. */
    private static Map<Hypothesis, Double> likely(Map<Hypothesis, Double> habits, int most) {
        return habits.entrySet().stream().filter(entry -> entry.getValue() > NEGLIGIBLE && (entry.getKey().isKnown()
                || entry.getKey().equals(Hypothesis.CAREFUL)))
                .sorted(Map.Entry.<Hypothesis, Double>comparingByValue().reversed()).limit(most)
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one,
                        LinkedHashMap::new));
    }

    /** How much the answer would tell: the entropy of the answers that the likely hands come to. */
    private static Told told(FeaturedProblem question, Map<Hypothesis, Double> likely, List<KnownSlip> slips,
            Method<?> method) {
        Map<String, Double> share = new LinkedHashMap<>();
        Map<String, String> answers = new LinkedHashMap<>();
        double all = 0;
        for (Map.Entry<Hypothesis, Double> habit : likely.entrySet()) {
            String answer = answer(habit.getKey(), question.problem(), slips, method);
            answers.put(String.join(" ", habit.getKey().slips()), answer);
            share.merge(answer, habit.getValue(), Double::sum);
            all += habit.getValue();
        }
        double bits = 0;
        for (double part : share.values()) {
            bits -= part / all * Math.log(part / all) / Math.log(2);
        }
        return new Told(question, bits, answers);
    }

    private static String answer(Hypothesis habit, Problem problem, List<KnownSlip> slips, Method<?> method) {
        Slip hand = slips.stream().filter(slip -> habit.has(slip.id()))
                .flatMap(slip -> slip.slips(problem).stream().limit(1)).reduce(base -> base, Slip::and);
        return Slipped.answer(hand, problem, method, HouseStyle.USUAL)
                .orElseGet(() -> Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL).answer().text());
    }

    private static String why(Told told, Map<Hypothesis, Double> likely, Problem model) {
        List<String> parts = new ArrayList<>();
        List<String> seen = new ArrayList<>();
        for (Hypothesis habit : likely.keySet()) {
            String answer = told.answers().get(String.join(" ", habit.slips()));
            if (parts.size() < 3 && !seen.contains(answer)) {
                seen.add(answer);
                parts.add((habit.slips().isEmpty() ? "a careful child"
                        : "one who " + DiagnosisWords.does(habit.slips(), model))
                        + " comes to " + answer);
            }
        }
        String text = String.join(", ", parts);
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1) + ".";
    }

    private static String sure(Writer writer, Problem model) {
        if (writer.isLikelyUnknown()) {
            return "Enough was asked: nothing that is known fits. Look at how the answers were worked, or ask for it in words.";
        }
        if (writer.causes().isEmpty()) {
            return "Enough was asked: no rule is broken again and again.";
        }
        Cause cause = writer.causes().get(0);
        List<String> slips = cause.with() == null ? List.of(cause.slip()) : List.of(cause.slip(), cause.with());
        return "Enough was asked: all but sure, a child who " + DiagnosisWords.does(slips, model) + ".";
    }

    private static String names(Map<Hypothesis, Double> likely, Problem model) {
        return String.join("; ",
                likely.keySet().stream().limit(4).map(habit -> habit.slips().isEmpty() ? "a careful child"
                        : "a child who " + DiagnosisWords.does(habit.slips(), model)).toList());
    }
}
