package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.diagnosis.outcome.Known;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How sure one may say to be of a cause. The posterior knows only the hands that it was told of; where a cause leaves wrong answers
 * unexplained, would have spoilt right ones, or does not predict an answer that is left out, another habit is likelier than it thinks. The
 * weights were fitted on children with habits that are on no list, made up by changing procedures under conditions (share of causes said
 * with .8 or more that were false: from 15 to 4 in a hundred); what is said is never more than the posterior.
 */
final class Sureness {
    private static final double EACH = -0.32;
    private static final double NEAR = -0.92;
    private static final double FAR = -1.59;
    private static final double SPOILT = -0.385;
    private static final double ODDS = 0.126;
    private static final double MOST_ODDS = 12;
    private static final double LISTED = 1.28;
    private static final double LEFT_OUT = 2.07;
    /** How many answers the papers had on which the weights were fitted. */
    private static final double ANSWERS = 10;
    /** With fewer answers there is too little to hold a cause against. */
    private static final int LEAST_ANSWERS = 5;

    /** Of how many of the likeliest hypotheses a cause has to stand apart when an answer is left out. */
    private static final int RIVALS = 60;

    private final List<Known> known;
    private final List<Hypothesis> rivals;
    /** The wrong answers, and how likely each rival is without that one. */
    private final Map<Known, double[]> leftOut = new LinkedHashMap<>();

    /** @param known all answers of the writer */
    Sureness(Posterior posterior, List<Known> known) {
        this.known = known;
        this.rivals = posterior.likeliest(RIVALS);
        if (known.size() >= LEAST_ANSWERS) {
            known.stream().filter(each -> !each.isRight())
                    .forEach(each -> leftOut.put(each, weightsWithout(each, posterior)));
        }
    }

    private double[] weightsWithout(Known answer, Posterior posterior) {
        List<Known> others = known.stream().filter(each -> each != answer).toList();
        double[] logs = rivals.stream().mapToDouble(each -> posterior.log(each, others)).toArray();
        double best = Arrays.stream(logs).max().orElse(0);
        return Arrays.stream(logs).map(log -> Math.exp(log - best)).toArray();
    }

    /** How sure one may say to be of a cause. */
    double of(Habit cause) {
        double weight = cause.weight();
        if (known.size() < LEAST_ANSWERS) {
            return weight;
        }
        Hypothesis habit = cause.likeliest();
        int near = 0;
        int far = 0;
        int spoilt = 0;
        for (Known each : known) {
            boolean made = each.made(habit) > Known.EXPLAINS;
            if (each.isRight()) {
                spoilt += made ? 0 : 1;
            } else if (!made) {
                near += isNear(each) ? 1 : 0;
                far += isNear(each) ? 0 : 1;
            }
        }
        boolean listed = !habit.isRule() && !habit.isOfTwo() && habit.member() == null;
        double share = Math.sqrt(ANSWERS / known.size());
        double odds = Math.log(Math.max(weight, 1e-9) / Math.max(1 - weight, 1e-9));
        double score = EACH + NEAR * near * share + FAR * far * share + SPOILT * spoilt * ANSWERS / known.size()
                + ODDS * Math.min(MOST_ODDS, odds) + (listed ? LISTED : 0)
                + LEFT_OUT * predicted(cause);
        return Math.min(weight, 1 / (1 + Math.exp(-score)));
    }

    /** How well a cause, weighed without an answer and with its likeliest rivals in, predicts it: the mean over the wrong ones. */
    private double predicted(Habit cause) {
        return leftOut.entrySet().stream().mapToDouble(each -> {
            double all = 0;
            double predicted = 0;
            for (int i = 0; i < each.getValue().length; i++) {
                double weight = each.getValue()[i];
                all += weight;
                predicted +=
                        cause.names().contains(rivals.get(i).slips()) ? weight * each.getKey().made(rivals.get(i)) : 0;
            }
            return predicted / all;
        }).average().orElse(0);
    }

    /** Whether just one digit differs from the right answer. */
    private static boolean isNear(Known answer) {
        String given = answer.key();
        String right = answer.answers().rightAnswer().key();
        int differ = 0;
        for (int i = 0; given.length() == right.length() && i < given.length(); i++) {
            differ += given.charAt(i) == right.charAt(i) ? 0 : 1;
        }
        return differ == 1;
    }
}
