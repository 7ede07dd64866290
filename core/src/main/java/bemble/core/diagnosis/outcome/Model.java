package bemble.core.diagnosis.outcome;

import bemble.core.hand.slipped.KnownSlip.Met;
import java.util.List;

/**
 * The model by which causes are weighed: a writer may be careful, or careless, or have a habit: one that is listed, two of
 * them, one under a limit, a rule worked out, or one that nobody knows. A habit is firm, or comes and goes; whoever writes
 * misses something now and then besides. The figures are guesses from what teachers call often, sometimes and rare, held
 * against simulated pupils of every kind in the bench, to be bettered by counting.
 */
public final class Model {
    /** How likely a writer is careful, careless, or has a habit that is not known; the rest have habits that are. */
    public static final double CAREFUL = 0.55;
    public static final double CARELESS = 0.12;
    public static final double UNKNOWN = 0.09;
    /** How often somebody with a habit, or a careful one, gets an answer wrong for another reason, and how common each share is. */
    public static final List<Chance> SLACK =
            List.of(new Chance(0.01, 0.6), new Chance(0.07, 0.3), new Chance(0.2, 0.1));
    /** How often a careless writer gets an answer wrong. */
    public static final List<Chance> CARELESSNESS =
            List.of(new Chance(0.1, 0.3), new Chance(0.2, 0.3), new Chance(0.35, 0.25), new Chance(0.6, 0.15));
    /** How often a habit that is not known makes an answer wrong. */
    public static final List<Chance> UNKNOWN_RATES = List.of(new Chance(0.2, 0.2), new Chance(0.4, 0.2),
            new Chance(0.6, 0.2), new Chance(0.8, 0.2), new Chance(0.97, 0.2));
    /**
     * How often a habit that is not known comes to what some listed hand writes, and how common each share is: it may be
     * close to one that is known.
     */
    public static final List<Chance> COINCIDES =
            List.of(new Chance(0, 0.4), new Chance(0.4, 0.4), new Chance(0.8, 0.2));
    /** Where a habit that is not known comes to what somebody else writes, how often that is what a listed slip leads to, not a fact missed. */
    public static final double LIKE_LISTED = 0.75;
    /** Habits are firm or come and go: how often each makes its slip where it can, and how common each is. */
    public static final List<Chance> FIRMNESS = List.of(new Chance(0.97, 0.75), new Chance(0.65, 0.25));
    /** The share of a careless writer's wrong answers in which one fact is missed by a group; the others are digits. */
    public static final double FACTS_MISSED = 0.4;
    /** How much of a slip's weight goes to making it in one of its columns only, in an answer by itself. */
    public static final double IN_ONE_PLACE = 0.25;
    /** How much of a slip's weight goes to a writer who makes it under a limit, all limits together. */
    public static final double UNDER_A_LIMIT = 0.12;
    /** How much less likely what led to an answer is where the paper fits something else, and where that is not known. */
    public static final double AGAINST_THE_PAPER = 0.05;
    public static final double UNKNOWN_AGAINST_THE_PAPER = 0.2;
    /** The share of wrong answers that a habit leads to at least, be it listed, a rule worked out, or two at once. */
    public static final double EXPLAINED = 0.34;
    public static final double EXPLAINED_BY_A_RULE = 0.5;
    public static final double EXPLAINED_BY_TWO = 0.6;
    /** How often somebody with a habit makes it in one of its columns only, though they make it everywhere else. */
    public static final double NOW_AND_THEN = 0.08;
    /** How likely each rule worked out is a writer's habit: one that always holds, and one under some circumstance. */
    public static final double RULE = 0.0006;
    public static final double GUARDED_RULE = 0.0002;
    /** Of how many members of a family a writer has one, such as a fact known wrongly. */
    public static final double MEMBERS_OF_A_FAMILY = 20;
    /** How likely somebody multiplies by the second number though it is the longer. */
    public static final double OTHER_ORDER = 0.2;
    /** How much likelier a second habit is in somebody who has one. */
    public static final double SLIPS_GO_TOGETHER = 2;
    /** How sure one must be to say so. */
    public static final double SURE = 0.9;

    /**
     * One of the values that something may have.
     *
     * @param rate the value, such as how often an answer goes wrong, from 0 to 1
     * @param share how likely it has this value; those of all values come to 1
     */
    public record Chance(double rate, double share) {}

    private Model() {}

    /** How likely a pupil has a habit. */
    public static double prior(Met met) {
        return switch (met) {
            case OFTEN -> 0.02;
            case SOMETIMES -> 0.006;
            case RARE -> 0.0015;
        };
    }

    /** How often somebody who is careful, or careless, gets one answer wrong by chance. */
    public static double wrongByChance() {
        return CAREFUL * mean(SLACK) + CARELESS * mean(CARELESSNESS);
    }

    public static double mean(List<Chance> chances) {
        double sum = 0;
        for (Chance chance : chances) {
            sum += chance.rate() * chance.share();
        }
        return sum;
    }
}
