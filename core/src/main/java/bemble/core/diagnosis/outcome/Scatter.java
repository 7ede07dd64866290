package bemble.core.diagnosis.outcome;

/** How likely a wrong answer is that no rule leads to: of somebody who is careless, and of somebody with a habit that is not known. */
public final class Scatter {
    private static final double LENGTH = 3;
    private final double oneDigit;
    private final double twoDigits;
    private final double turned;
    private final double leftOut;
    private final double putIn;
    private final double anything;

    /** A digit copied or worked wrongly, two of them, two turned round, one left out or put in; seldom anything else. */
    public static final Scatter OF_DIGITS = new Scatter(0.66, 0.14, 0.03, 0.07, 0.05, 0.05);
    /** Flatter: most of it may be anything of about that length. */
    public static final Scatter OF_ANYTHING = new Scatter(0.22, 0.2, 0.03, 0.07, 0.06, 0.42);

    private Scatter(double oneDigit, double twoDigits, double turned, double leftOut, double putIn, double anything) {
        this.oneDigit = oneDigit;
        this.twoDigits = twoDigits;
        this.turned = turned;
        this.leftOut = leftOut;
        this.putIn = putIn;
        this.anything = anything;
    }

    /**
     * How likely this is written by somebody who gets the answer wrong.
     *
     * @param given the answer's key
     * @param right the right answer's key
     */
    public double of(String given, String right) {
        int length = right.length();
        double likely = anything * Math.pow(10, -Math.max(1, given.length()))
                * Math.pow(LENGTH, -Math.abs(given.length() - length)) / 2;
        if (given.length() == length) {
            int different = 0;
            int first = -1;
            for (int i = 0; i < length; i++) {
                if (given.charAt(i) != right.charAt(i)) {
                    different++;
                    first = first < 0 ? i : first;
                }
            }
            if (different == 1) {
                likely += oneDigit / (9 * length);
            } else if (different == 2) {
                likely += twoDigits / (40.5 * length * (length - 1));
                boolean swapped = given.charAt(first) == right.charAt(first + 1)
                        && given.charAt(first + 1) == right.charAt(first);
                likely += swapped ? turned / (length - 1) : 0;
            }
        } else if (given.length() == length - 1 && isWithoutOne(given, right)) {
            likely += leftOut / length;
        } else if (given.length() == length + 1 && isWithoutOne(right, given)) {
            likely += putIn / (10 * (length + 1));
        }
        return likely;
    }

    private static boolean isWithoutOne(String shorter, String longer) {
        int i = 0;
        while (i < shorter.length() && shorter.charAt(i) == longer.charAt(i)) {
            i++;
        }
        return shorter.substring(i).equals(longer.substring(i + 1));
    }
}
