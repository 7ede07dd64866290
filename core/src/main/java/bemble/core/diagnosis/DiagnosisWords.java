package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.fact.FactText;
import bemble.core.problem.Problem;
import bemble.core.slip.FactsWorked;
import bemble.core.slip.Rules;
import bemble.core.slip.Slips;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is said of causes: they fit, are likely, or all but sure; nobody is judged. */
public final class DiagnosisWords {
    /** Said where neither a known habit nor chance explains what was answered. */
    public static final String NOTHING_FITS = "Nothing that is known fits. Look at the paper, or ask one more.";
    /** Said where a single figure or fact is the likeliest. */
    public static final String BY_CHANCE =
            "It may have gone wrong by chance: a digit or a fact, and no rule. Look at the paper, or ask one more.";
    static final String NO_HABIT_FITS =
            "Nothing that is known fits these answers together. Look at the paper, or ask one more.";
    static final String MISSES = "No rule is broken again and again: something was missed here and there.";
    /** What fits exactly is said first, though something that is not known may be as likely. */
    private static final double FAR_LIKELIER = 2;
    private static final double LIKELY = 0.6;
    private static final double ALL_BUT_SURE = 0.9;

    private DiagnosisWords() {}

    /** How sure one is, in a word. */
    public static String sureness(double confidence) {
        return confidence >= ALL_BUT_SURE ? "all but sure" : confidence >= LIKELY ? "likely" : "fits";
    }

    /** What is said of a wrong answer where no finding is likely; else nothing. */
    static String ofOne(Shares shares) {
        double best = shares.best().map(shares.causes()::get).orElse(0.0);
        if (shares.unknown() >= FAR_LIKELIER * Math.max(best, shares.careless())) {
            return NOTHING_FITS;
        }
        return shares.careless() >= best ? BY_CHANCE : "";
    }

    /**
     * The same of one of several answers, of which nothing may fit all while something fits this one.
     *
     * @param among how it is shared out in the light of the others
     * @param alone how it is shared out by itself
     */
    static String ofOneAmong(Shares among, Shares alone, Problem problem) {
        String say = ofOne(among);
        if (!say.equals(NOTHING_FITS) || !ofOne(alone).isEmpty()) {
            return say;
        }
        return alone.best().map(slips -> names(slips, problem) + " fits this one; nothing that is known fits them all.")
                .orElse(say);
    }

    /** What slips are called, to begin a sentence with. */
    private static String names(List<String> slips, Problem problem) {
        String names = String.join(", and ", slips.stream().map(slip -> Slips.name(slip, problem)).toList());
        return names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1);
    }

    static String fits(List<String> slips, Problem problem) {
        return "A child who " + does(slips, problem) + " comes to this answer. "
                + "One answer alone only fits: look at the paper.";
    }

    /** What happened in one answer of a writer who does otherwise in the others. */
    static String once(List<String> slips, Problem problem) {
        return names(slips, problem) + ", this once.";
    }

    /** What happened in one of several answers that come from a habit. */
    static String again(List<String> slips, Problem problem) {
        return "A child who " + does(slips, problem) + " comes to this answer too.";
    }

    /** Where a hand makes its slip, where that is not everywhere. */
    private static String where(Hypothesis habit) {
        if (habit.member() != null) {
            return " (" + FactText.of(habit.member()) + ")";
        }
        return "";
    }

    /** What a hand with these slips does, and of a rule that is on no list that it was worked out. */
    public static String label(List<String> slips, Problem problem) {
        return does(slips, problem) + (slips.stream().anyMatch(Rules::isRule) ? " (a rule worked out)" : "");
    }

    /**
     * What a slip does, of a fact with its name: {@code gets 7 × 8 wrong}, {@code takes 7 × 8 for 54}.
     *
     * @param fact the fact that the answer may have missed, such as {@code 7x8}, or with what it is taken for, {@code 7x8=54}; or null
     */
    public static String label(String slip, Problem problem, @Nullable String fact) {
        if (fact == null || !FactsWorked.isOfAFact(slip)) {
            return Slips.label(slip, problem);
        }
        int taken = fact.indexOf('=');
        if (taken > 0) {
            return "takes " + FactText.of(fact.substring(0, taken)) + " for " + fact.substring(taken + 1);
        }
        return (slip.equals(Slips.FACT_NEAR_MISS) ? "gets " : "always has ") + FactText.of(fact) + " wrong";
    }

    /** What a hand with these slips does. */
    static String does(List<String> slips, Problem problem) {
        return String.join(", and ", slips.stream().map(slip -> Slips.label(slip, problem)).toList());
    }

    /** What a cause of several answers rests on. */
    static String rests(List<String> slips, Hypothesis likeliest, Problem problem, int explains, int of, int chances,
            int answers, double confidence) {
        int without = answers - chances;
        return "A child who " + does(slips, problem) + where(likeliest) + " explains " + explains + " of " + of
                + " wrong "
                + (of == 1 ? "answer" : "answers")
                + (without > 0
                        ? "; " + without + (without == 1 ? " more question" : " more questions") + " gave it no chance"
                        : "")
                + ". "
                + (of == 1 ? "One answer alone only fits: look at the paper." : sureness(confidence).equals("fits")
                        ? "It fits; so may another." : "It is " + sureness(confidence) + ".");
    }
}
