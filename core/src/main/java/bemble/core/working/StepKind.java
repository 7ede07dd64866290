package bemble.core.working;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What is done in a step. */
public enum StepKind implements Coded {
    SET_OUT("setting out"),
    /** A whole column: its total, its digit and its carry. */
    COLUMN("a whole column"),
    /** Before a column: whether there is enough, a ten can be made, it goes. Nothing is written. */
    DECIDE("deciding: enough, a ten, does it go"),
    TOTAL("adding a column"),
    DIGIT("writing the digit"),
    CARRY("carrying"),
    POINT("setting the point"),
    EXCHANGE("getting ten where there is too little"),
    DIFFERENCE("taking away in a column"),
    JUMP("a jump on the number line"),
    PART("a part or a row total"),
    PRODUCT("a product"),
    PLACEHOLDER("beginning a further row"),
    DIVIDE("division: how many each"),
    MULTIPLY("division and root: multiplying"),
    SUBTRACT("division and root: taking away"),
    BRING_DOWN("division and root: bringing down"),
    REMAINDER("the answer and what is left over"),
    DOUBLE("root: the next divisor"),
    TRIAL("root: finding the digit"),
    /** The check begins. */
    CHECK("the check begins"),
    /** The check is held against the answer. */
    COMPARE("holding the check against the answer");

    private final String label;
    private final String id = name().toLowerCase(Locale.ROOT).replace('_', '-');

    StepKind(String label) {
        this.label = label;
    }

    /** What a teacher calls it. */
    public String label() {
        return label;
    }

    /** The name used on the sheet. */
    @Override
    public String id() {
        return id;
    }
}
