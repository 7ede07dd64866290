package bemble.core.diagnosis;

import bemble.core.problem.Problem;
import bemble.core.slip.Slips;
import java.util.List;

/** What is said of causes: they fit, are likely, or all but sure; nobody is judged. */
public final class DiagnosisWords {
    private static final double LIKELY = 0.6;
    private static final double ALL_BUT_SURE = 0.9;

    private DiagnosisWords() {}

    /** How sure one is, in a word. */
    public static String sureness(double confidence) {
        return confidence >= ALL_BUT_SURE ? "all but sure" : confidence >= LIKELY ? "likely" : "fits";
    }

    static String fits(List<String> slips, Problem problem) {
        return "A hand that " + does(slips, problem) + " comes to this answer. "
                + "One answer alone only fits: look at the paper.";
    }

    /** What a hand with these slips does. */
    static String does(List<String> slips, Problem problem) {
        return String.join(", and ", slips.stream().map(slip -> Slips.label(slip, problem)).toList());
    }

    /** What a cause of several answers rests on. */
    static String rests(List<String> slips, Problem problem, int explains, int of, int chances, int answers, double confidence) {
        int without = answers - chances;
        return "A hand that " + does(slips, problem) + " explains " + explains + " of " + of + " wrong "
                + (of == 1 ? "answer" : "answers")
                + (without > 0 ? "; " + without + (without == 1 ? " more question" : " more questions") + " gave it no chance" : "")
                + ". " + (of == 1 ? "One answer alone only fits: look at the paper." : sureness(confidence).equals("fits")
                ? "It fits; so may another." : "It is " + sureness(confidence) + ".");
    }
}
