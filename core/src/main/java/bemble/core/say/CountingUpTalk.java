package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.record.Jump;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;

/** What is said while a difference is found by counting up. */
public final class CountingUpTalk {
    private final HouseStyle style;

    public CountingUpTalk(HouseStyle style) {
        this.style = style;
    }

    public Spoken setOut(Numeral subtrahend, Numeral minuend) {
        return new Spoken("Set out", "", "How far is it from " + style.number(subtrahend) + " to "
                + style.number(minuend) + "? Start at " + style.number(subtrahend) + " on a number line.", "");
    }

    public Spoken jump(Jump jump) {
        String from = number(jump.from());
        return new Spoken("Jumps", from + " + " + number(jump.size()) + " = " + number(jump.to()),
                "From " + from + " jump " + number(jump.size()) + " to " + number(jump.to()) + ".",
                "From " + from + ": how far to the next round number, and which is it?");
    }

    public Spoken noJump() {
        return new Spoken("Jumps", "0", "Both numbers are the same: there is nothing to jump, the difference is 0.",
                "How far is it?");
    }

    public Spoken addUp() {
        return new Spoken("Add the jumps", "", "Now add the jumps: together they are the difference.", "");
    }

    private String number(String plain) {
        return style.number(Numeral.of(plain));
    }
}
