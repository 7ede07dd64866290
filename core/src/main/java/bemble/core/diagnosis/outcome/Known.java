package bemble.core.diagnosis.outcome;

import bemble.core.slip.Slips;
import org.jspecify.annotations.Nullable;

/** An answer that can be read, with what is known of its working, as evidence of what its writer does. */
public final class Known {
    /** A habit explains an answer that comes from it at least as likely as this. */
    public static final double EXPLAINS = 0.02;

    private final Answers answers;
    private final String key;
    private final @Nullable String paper;
    private final boolean right;
    private final double careless;
    private final double anything;
    private final double listed;

    public Known(Answers answers, String key) {
        this(answers, key, null);
    }

    /** @param paper the slip that the paper fits on which it was worked; null where none is at hand */
    public Known(Answers answers, String key, @Nullable String paper) {
        this.answers = answers;
        this.paper = paper;
        this.key = key;
        this.right = answers.isRight(key);
        boolean chance = paper == null || paper.equals(Slips.FACT_NEAR_MISS);
        this.careless = right ? 0 : answers.careless(key) * (chance ? 1 : Model.AGAINST_THE_PAPER);
        this.anything = right ? 0 : Scatter.OF_ANYTHING.of(key, answers.right());
        this.listed = right ? 0
                : Model.LIKE_LISTED * answers.listedShare(key) + (1 - Model.LIKE_LISTED) * answers.afterMiss(key);
    }

    public Answers answers() {
        return answers;
    }

    /** The key it is compared by. */
    public String key() {
        return key;
    }

    public boolean isRight() {
        return right;
    }

    /** How likely a careless moment leads to this answer. */
    public double careless() {
        return careless;
    }

    /** How likely a habit that is not known leads to this answer, where it leads to a wrong one. */
    public double unknown(double coincides) {
        return ((1 - coincides) * anything + coincides * listed)
                * (paper == null ? 1 : Model.UNKNOWN_AGAINST_THE_PAPER);
    }

    /** Whether it is known what somebody with a habit comes to in this question. */
    public boolean isTried(Hypothesis habit) {
        return answers.isTried(habit);
    }

    /** How likely this answer is of somebody of whom nothing is known. */
    public double byAnybody() {
        double wrong = Model.mean(Model.CARELESSNESS);
        return right ? 1 - wrong : wrong * careless;
    }

    /** How likely somebody with a known habit, who makes it wherever they can and nothing else, comes to this answer. */
    public double made(Hypothesis habit) {
        return answers.made(habit, key) * (right || paper == null || habit.has(paper) ? 1 : Model.AGAINST_THE_PAPER);
    }

    /** How likely a careless moment leads to this answer in somebody with a known habit. */
    public double carelessBesides(Hypothesis habit) {
        return right ? 0 : answers.carelessAfter(habit, key, careless);
    }
}
