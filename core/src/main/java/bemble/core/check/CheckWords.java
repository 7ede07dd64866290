package bemble.core.check;

import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
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
        return Spoken.of("Check", (instead ? "Turned round it is the same sum. " : "") + "Now check the answer: " + how + ".", "How can the answer be checked?");
    }

    /** Both numbers are held against each other. */
    static Spoken compare(Said said, Check check) {
        String one = said.style().number(Numeral.of(check.expected()));
        String other = said.style().number(Numeral.of(check.actual()));
        String say = check.holds()
                ? "The check also comes to " + other + ". It agrees, so the answer is probably right."
                : "One number is " + one + " and the check comes to " + other
                        + ". They do not agree: look through both, the slip may be in the sum or in the check.";
        return new Spoken("Check", Fact.of(one, check.holds() ? " = " : " ≠ ", other), say, "Do the two numbers agree?");
    }

    /** Remainders by nine are compared. */
    static Spoken nines(String statement, boolean holds) {
        return new Spoken("Check", Fact.of(statement), "Add the digits and cast out nines, " + statement + ". "
                + (holds ? "They agree, so the answer is probably right; a slip of nine would not show."
                        : "They do not agree: look through the sum, and through the nines."),
                "Which remainders by nine must agree?");
    }
}
