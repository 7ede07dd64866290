package bemble.core.diagnosis;

/** An answer that can be read, as evidence of what its writer does. */
final class Known {
    private final Answers answers;
    private final String key;
    private final boolean right;
    private final double careless;
    private final double anything;
    private final double listed;

    Known(Answers answers, String key) {
        this.answers = answers;
        this.key = key;
        this.right = answers.isRight(key);
        this.careless = right ? 0 : answers.careless(key);
        this.anything = right ? 0 : Scatter.OF_ANYTHING.of(key, answers.right());
        this.listed = right ? 0 : Model.LIKE_LISTED * answers.listedShare(key) + (1 - Model.LIKE_LISTED) * answers.afterMiss(key);
    }

    Answers answers() {
        return answers;
    }

    /** The key it is compared by. */
    String key() {
        return key;
    }

    boolean isRight() {
        return right;
    }

    /** How likely a careless moment leads to this answer. */
    double careless() {
        return careless;
    }

    /** How likely a habit that is not known leads to this answer, where it leads to a wrong one. */
    double unknown(double coincides) {
        return (1 - coincides) * anything + coincides * listed;
    }

    /** How likely somebody with a known habit, who makes it wherever they can and nothing else, comes to this answer. */
    double made(Hypothesis habit) {
        return answers.made(habit, key);
    }

    /** How likely a careless moment leads to this answer in somebody with a known habit. */
    double carelessBesides(Hypothesis habit) {
        return right ? 0 : answers.carelessAfter(habit, key, careless);
    }
}
