package bemble.core.diagnosis;

import bemble.core.hand.KnownSlip.Met;

/**
 * The model by which causes are weighed: a pupil may have a habit, more or less common; makes it nearly always or half of
 * the time; misses a fact now and then; and once in a while writes anything. The figures are guesses from what teachers
 * call often, sometimes and rare, checked against simulated pupils in the bench, to be bettered by counting.
 */
final class Model {
    /** How likely one fact is missed by a group, by a pupil who knows most of them. */
    static final double FACT_MISSED = 0.006;
    /** The share of answers that come from no hand that is known. */
    static final double ANYTHING = 0.004;
    /** How much of a slip's weight goes to making it in one of its columns only. */
    static final double IN_ONE_PLACE = 0.25;
    /** How likely somebody multiplies by the second number though it is the longer. */
    static final double OTHER_ORDER = 0.2;
    /** How much likelier a second habit is in somebody who has one. */
    static final double SLIPS_GO_TOGETHER = 2;
    /** Habits are firm or come and go: how often each makes its slip where it can, and how common each is. */
    static final double[][] FIRMNESS = {{0.97, 0.7}, {0.6, 0.3}};
    /** A writer who is careful as likely as this is accused of nothing. */
    static final double CAREFUL_ENOUGH = 0.45;
    /** How sure one must be to say so. */
    static final double SURE = 0.9;

    private Model() {}

    /** How likely a pupil has a habit. */
    static double prior(Met met) {
        return switch (met) {
            case OFTEN -> 0.02;
            case SOMETIMES -> 0.006;
            case RARE -> 0.0015;
        };
    }

    /**
     * How likely somebody who writes anything writes just this.
     *
     * @param right the right answer's key
     */
    static double anything(String given, String right) {
        int different = 0;
        boolean alike = given.length() == right.length();
        for (int i = 0; alike && i < given.length(); i++) {
            different += given.charAt(i) == right.charAt(i) ? 0 : 1;
        }
        return alike && different == 1 ? 0.5 / (9 * right.length()) : 0.5 * Math.pow(10, -Math.max(1, given.length()))
                * Math.pow(3, -Math.abs(given.length() - right.length()));
    }
}
