package bemble.core.diagnosis;

import java.util.Set;

/** An answer that can be read, and how likely it is of writers with one habit or another. */
final class Known {
    private final Answers answers;
    private final String key;
    private final boolean right;
    private final double missing;
    private final double anything;

    Known(Answers answers, String key) {
        this.answers = answers;
        this.key = key;
        this.right = answers.isRight(key);
        this.missing = Math.min(0.3, 2 * Model.FACT_MISSED * answers.facts());
        this.anything = Model.ANYTHING * Model.anything(key, answers.right());
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

    boolean isReachedBy(String slip) {
        return answers.outcomes(slip).has(key);
    }

    /**
     * How likely the answer is of a writer with a habit, as logarithms, one for each firmness.
     *
     * @param explaining the slips for which it is worth asking what a fact missed besides leads to
     */
    double[] logs(Habit habit, Set<String> explaining) {
        double careful = right ? 0 : answers.afterMiss(null, key);
        boolean missesToo = !right && habit.one() != null && habit.other() == null && explaining.contains(habit.one())
                && answers.hasChance(habit.one());
        double slipping = missesToo ? answers.afterMiss(habit.one(), key) : careful;
        double[] logs = new double[Model.FIRMNESS.length];
        for (int i = 0; i < logs.length; i++) {
            double firmness = Model.FIRMNESS[i][0];
            logs[i] = Math.log((1 - missing - Model.ANYTHING) * made(habit, firmness)
                    + missing * (firmness * slipping + (1 - firmness) * careful) + anything);
        }
        return logs;
    }

    /** How likely the answer is of somebody who misses no fact. */
    double made(Habit habit, double firmness) {
        double whole = right ? 1 : 0;
        if (habit.one() == null) {
            return whole;
        }
        double one = share(habit.one());
        if (habit.other() == null) {
            return firmness * one + (1 - firmness) * whole;
        }
        double other = share(habit.other());
        return firmness * firmness * both(habit, one, other) + firmness * (1 - firmness) * (one + other)
                + (1 - firmness) * (1 - firmness) * whole;
    }

    private double share(String slip) {
        Outcomes outcomes = answers.outcomes(slip);
        return outcomes.isEmpty() ? right ? 1 : 0 : outcomes.share(key);
    }

    private double both(Habit habit, double one, double other) {
        if (!answers.hasChance(habit.one())) {
            return other;
        }
        return answers.hasChance(habit.other()) ? answers.afterBoth(habit, key) : one;
    }
}
