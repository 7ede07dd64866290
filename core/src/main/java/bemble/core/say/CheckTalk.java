package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;

/** What is said about a check. */
public final class CheckTalk {
    private final HouseStyle style;

    public CheckTalk(HouseStyle style) {
        this.style = style;
    }

    /** The check begins. */
    public Spoken begin(String how) {
        return new Spoken("Check", "", "Now check the answer: " + how + ".", "How can the answer be checked?");
    }

    /** Both numbers are held against each other. */
    public Spoken compare(String expected, String actual, boolean holds) {
        String one = style.number(Numeral.of(expected));
        String other = style.number(Numeral.of(actual));
        String say = holds
                ? "The check also comes to " + other + ". It agrees, so the answer is probably right."
                : "The answer is " + one + " and the check comes to " + other
                        + ". They do not agree: look through both, the slip may be in the sum or in the check.";
        return new Spoken("Check", one + (holds ? " = " : " ≠ ") + other, say, "Do the two numbers agree?");
    }

    /** Remainders by nine are compared. */
    public Spoken nines(String statement, boolean holds) {
        return new Spoken("Check", statement, "Add the digits and cast out nines, " + statement + ". "
                + (holds ? "They agree, so the answer is probably right; a slip of nine would not show."
                        : "They do not agree: look through the sum, and through the nines."),
                "Which remainders by nine must agree?");
    }
}
