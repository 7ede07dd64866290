package bemble.core.practice.features;

import bemble.core.problem.Operation;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What makes a question easy or hard; each operation has its own. */
public enum Feature {
    ADDENDS("addends", "numbers", 2, ProblemText.MOST_ADDENDS),
    DIGITS("digits", "digits", 1, ProblemText.MOST_DIGITS),
    SUBTRAHEND_DIGITS("subtrahendDigits", "digits of the subtrahend", 1, ProblemText.MOST_DIGITS),
    /** Of an addition: columns with a carry out; of a multiplication: those inside the rows. */
    CARRIES("carries", "carries", 0, ProblemText.MOST_DIGITS * ProblemText.MOST_DIGITS),
    /** The longest run of carries next to each other. */
    CHAIN("chain", "carries in a chain", 0, ProblemText.MOST_DIGITS),
    /** The sum is longer than every addend. */
    NEW_PLACE("newPlace", "a new place"),
    UNEVEN_LENGTHS("unevenLengths", "unlike lengths"),
    /** Columns that need a ten. */
    EXCHANGES("exchanges", "exchanges", 0, ProblemText.MOST_DIGITS),
    /** The longest run of zeros that one exchange passes. */
    ACROSS_ZEROS("acrossZeros", "zeros passed by one exchange", 0, ProblemText.MOST_DIGITS),
    TOP_DIGITS("topDigits", "digits above", 1, ProblemText.MOST_DIGITS),
    BOTTOM_DIGITS("bottomDigits", "digits below", 1, ProblemText.MOST_DIGITS),
    ZERO_IN_BOTTOM("zeroInBottom", "a 0 in the lower number"),
    DIVIDEND_DIGITS("dividendDigits", "digits of the dividend", 1, ProblemText.MOST_DIGITS),
    DIVISOR_DIGITS("divisorDigits", "digits of the divisor", 1, ProblemText.MOST_DIGITS),
    REMAINDER("remainder", "a remainder"),
    /** A 0 in the quotient after its first digit. */
    ZERO_IN_QUOTIENT("zeroInQuotient", "a 0 in the quotient"),
    RADICAND_DIGITS("radicandDigits", "digits of the radicand", 1, ProblemText.MOST_DIGITS),
    /** The root comes out exactly. */
    PERFECT("perfect", "a root that comes out exactly"),
    DECIMALS("decimals", "decimals", 0, ProblemText.MOST_DECIMALS),
    /** A 0 in the root after its first digit. */
    ZERO_IN_ROOT("zeroInRoot", "a 0 in the root");

    private final String id;
    private final String label;
    private final boolean yesNo;
    private final int least;
    private final int most;

    Feature(String id, String label) {
        this(id, label, true, 0, 1);
    }

    Feature(String id, String label, int least, int most) {
        this(id, label, false, least, most);
    }

    Feature(String id, String label, boolean yesNo, int least, int most) {
        this.id = id;
        this.label = label;
        this.yesNo = yesNo;
        this.least = least;
        this.most = most;
    }

    /** The features of an operation, in the order in which they are chosen. */
    public static List<Feature> of(Operation operation) {
        return switch (operation) {
            case ADDITION -> List.of(ADDENDS, DIGITS, UNEVEN_LENGTHS, CARRIES, CHAIN, NEW_PLACE);
            case SUBTRACTION -> List.of(DIGITS, SUBTRAHEND_DIGITS, UNEVEN_LENGTHS, EXCHANGES, ACROSS_ZEROS);
            case MULTIPLICATION -> List.of(TOP_DIGITS, BOTTOM_DIGITS, CARRIES, ZERO_IN_BOTTOM);
            case DIVISION -> List.of(DIVIDEND_DIGITS, DIVISOR_DIGITS, REMAINDER, ZERO_IN_QUOTIENT);
            case SQUARE_ROOT -> List.of(RADICAND_DIGITS, PERFECT, DECIMALS, ZERO_IN_ROOT);
        };
    }

    /** @throws Refusal where that operation has no such feature; the fault names {@code want} */
    public static Feature of(Operation operation, String id) {
        return of(operation).stream().filter(feature -> feature.id.equals(id)).findFirst().orElseThrow(
                () -> Refusal.of("want." + id,
                        "A " + operation.title().toLowerCase(Locale.ROOT) + " has no feature “" + id
                                + "”. Choose from: "
                                + of(operation).stream().map(Feature::id).collect(Collectors.joining(", "))
                                + "."));
    }

    /** The name used in files and in the API. */
    public String id() {
        return id;
    }

    /** What a teacher calls it. */
    public String label() {
        return label;
    }

    /** Whether a question has it or not; otherwise it is counted. */
    public boolean isYesNo() {
        return yesNo;
    }

    public int least() {
        return least;
    }

    public int most() {
        return most;
    }
}
