package bemble.core.practice;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Features;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is said to a child about a sheet: what went well, counted from their own answers, and one thing to do. Never more than
 * {@value #MOST_WORDS} words a sentence.
 */
public final class Feedback {
    public static final int MOST_WORDS = 12;
    private static final int MOST_NAMED = 3;
    private static final String HARDER = "Make a harder one up, for a neighbour.";

    private final List<Done> sheet;
    private final HouseStyle style;

    private Feedback(List<Done> sheet, HouseStyle style) {
        this.sheet = sheet;
        this.style = style;
    }

    /**
     * A question of the sheet.
     *
     * @param number its number there
     */
    public record Done(int number, Problem problem, Outcome outcome) {}

    /** What is known of a child's answer. */
    public enum Outcome {
        RIGHT,
        WRONG,
        /** The child left it out. */
        LEFT_OUT,
        /** Nobody has looked at it yet, or it cannot be read: nothing is said of it. */
        NOT_MARKED
    }

    /** Both sentences; empty for a child who answered nothing. */
    public static String of(List<Done> sheet, HouseStyle style) {
        Feedback feedback = new Feedback(sheet, style);
        return feedback.given() == 0 ? "" : (feedback.well() + " " + feedback.next()).strip();
    }

    private List<Done> with(Outcome outcome) {
        return sheet.stream().filter(done -> done.outcome() == outcome).toList();
    }

    private int given() {
        return with(Outcome.RIGHT).size() + with(Outcome.WRONG).size();
    }

    private String well() {
        List<Done> right = with(Outcome.RIGHT);
        if (!with(Outcome.NOT_MARKED).isEmpty()) {
            return right.isEmpty() ? "You worked at it."
                    : right.size() + (right.size() == 1 ? " is" : " are") + " right so far" + hardest(right) + ".";
        }
        if (right.isEmpty()) {
            return "You worked at " + given() + " of " + sheet.size() + " questions.";
        }
        String what = right.size() < sheet.size()
                ? right.size() + " of " + sheet.size() + (right.size() == 1 ? " is" : " are")
                : sheet.size() == 1 ? "It is" : sheet.size() == 2 ? "Both are" : "All " + sheet.size() + " are";
        return what + " right" + hardest(right) + ".";
    }

    /** What was hardest among them, with how many were so. */
    private String hardest(List<Done> right) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        right.stream().map(done -> Features.of(done.problem()))
                .forEach(features -> hard(features).forEach(hard -> counts.merge(hard, 1, Integer::sum)));
        for (String hard : ofAll()) {
            int count = counts.getOrDefault(hard, 0);
            if (count > 0) {
                return count == right.size() ? ", " + (count == 1 ? "" : count == 2 ? "both " : "all ") + hard
                        : ", " + count + " of them " + hard;
            }
        }
        return "";
    }

    /** What can be hard, the hardest first. */
    private List<String> ofAll() {
        List<String> all = new ArrayList<>();
        for (Operation operation : Operation.values()) {
            hardIn(operation).values().stream().filter(hard -> !all.contains(hard)).forEach(all::add);
        }
        return all;
    }

    private List<String> hard(Features features) {
        return hardIn(features.operation()).entrySet().stream()
                .filter(each -> features.count(each.getKey()) >= least(each.getKey())).map(Map.Entry::getValue)
                .toList();
    }

    private static int least(Feature feature) {
        return feature == Feature.CHAIN || feature == Feature.BOTTOM_DIGITS || feature == Feature.DIVISOR_DIGITS ? 2
                : 1;
    }

    private Map<Feature, String> hardIn(Operation operation) {
        Map<Feature, String> hard = new LinkedHashMap<>();
        switch (operation) {
            case ADDITION -> {
                hard.put(Feature.CHAIN, "with chained carries");
                hard.put(Feature.CARRIES, "with a carry");
            }
            case SUBTRACTION -> {
                hard.put(Feature.ACROSS_ZEROS, "across a zero");
                hard.put(Feature.EXCHANGES, switch (style.exchangeWord()) {
                    case EXCHANGE -> "with an exchange";
                    case REGROUP -> "with regrouping";
                    case BORROW -> "with borrowing";
                });
            }
            case MULTIPLICATION -> {
                hard.put(Feature.ZERO_IN_BOTTOM, "with a 0 below");
                hard.put(Feature.BOTTOM_DIGITS, "with rows to add");
                hard.put(Feature.CARRIES, "with a carry");
            }
            case DIVISION -> {
                hard.put(Feature.ZERO_IN_QUOTIENT, "with a 0 inside");
                hard.put(Feature.DIVISOR_DIGITS, "by two digits");
                hard.put(Feature.REMAINDER, "with something left over");
            }
            case SQUARE_ROOT -> {}
        }
        return hard;
    }

    private String next() {
        List<Done> wrong = with(Outcome.WRONG);
        List<Done> left = with(Outcome.LEFT_OUT);
        return !wrong.isEmpty() ? "Look again at " + numbers(wrong)
                : !left.isEmpty() ? "Now try " + numbers(left) : with(Outcome.NOT_MARKED).isEmpty() ? HARDER : "";
    }

    private static String numbers(List<Done> questions) {
        List<String> numbers = questions.stream().sorted(Comparator.comparingInt(Done::number)).limit(MOST_NAMED)
                .map(done -> String.valueOf(done.number())).toList();
        return Words.list(numbers) + (questions.size() > MOST_NAMED ? " first." : ".");
    }
}
