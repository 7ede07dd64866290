package bemble.core.check;

import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;

/** What is said about a check. */
final class CheckWords {
    private CheckWords() {}

    /**
     * The check begins.
     *
     * @param instead whether the numbers are the same from top to bottom and from bottom to top, so that another check is worked
     */
    static Spoken begin(String how, boolean instead) {
        return Spoken.of("Check",
                (instead ? "Turned round it is the same sum. " : "") + "Now check the answer: " + how + ".",
                "How can the answer be checked?");
    }

    /** Two numbers that stand under each other are added once more. */
    static Spoken addBoth(Said said, Addition sum) {
        return Spoken.of("Set out",
                "Both lower numbers stand under each other: add " + said.style().number(sum.addends().get(0)) + " and "
                        + said.style().number(sum.addends().get(1)) + " on a line right beneath.",
                "");
    }

    /** What is left over is written under its product. */
    static Spoken addRest(Said said, Numeral rest) {
        return Spoken.of("Set out",
                "Write what is left over, " + said.style().number(rest) + ", right under the product, and add.", "");
    }

    /**
     * Both numbers are held against each other.
     *
     * @param beneath whether the check stands under the number itself
     */
    static Spoken compare(Said said, Check check, boolean beneath) {
        String one = said.style().number(Numeral.of(check.expected()));
        String other = said.style().number(Numeral.of(check.actual()));
        String say = check.holds()
                ? (beneath ? "Hold it against the top number, digit by digit: both are " : "The check also comes to ")
                        + other
                        + ". It agrees, so the answer is probably right."
                : "One number is " + one + " and the check comes to " + other
                        + ". They do not agree: look through both, the slip may be in the sum or in the check.";
        return new Spoken("Check", Fact.of(one, check.holds() ? " = " : " ≠ ", other), say,
                "Do the two numbers agree?");
    }

    /** Remainders by nine are compared. */
    static Spoken nines(String statement, boolean holds) {
        return new Spoken("Check", Fact.of(statement), "Add the digits and cast out nines, " + statement + ". "
                + (holds ? "They agree, so the answer is probably right; a slip of nine would not show."
                        : "They do not agree: look through the sum, and through the nines."),
                "Which remainders by nine must agree?");
    }
}
