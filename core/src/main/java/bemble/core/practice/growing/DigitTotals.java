package bemble.core.practice.growing;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;

/** How many ways there are for the digits of one column to come to a total; leading digits are not 0. */
final class DigitTotals {
    private record Column(int digits, int leading) {}

    private final Map<Column, double[]> shares = new HashMap<>();

    /** The share, among all ways to fill a column, of those that come to {@code sum}. */
    double share(int digits, int leading, int sum) {
        double[] known = shares(digits, leading);
        return sum < 0 || sum >= known.length ? 0 : known[sum];
    }

    /** The share of those that come to a total from {@code from} to {@code to}. */
    double share(int digits, int leading, int from, int to) {
        double all = 0;
        for (int sum = from; sum <= to; sum++) {
            all += share(digits, leading, sum);
        }
        return all;
    }

    /** A total of that stretch, each as likely as there are ways to come to it. */
    int between(int from, int to, int digits, int leading, Random random) {
        double left = random.nextDouble() * share(digits, leading, from, to);
        int chosen = from;
        for (int sum = from; sum <= to && left >= 0; sum++) {
            double share = share(digits, leading, sum);
            if (share > 0) {
                chosen = sum;
                left -= share;
            }
        }
        return chosen;
    }

    /**
     * One digit of a column, drawn so that the others can make up the rest and every way is equally likely.
     *
     * @param others how many digits follow, {@code leading} of them at the head of their number
     */
    int digit(int rest, boolean isLeading, int others, int leading, Random random) {
        double all = 0;
        for (int digit = isLeading ? 1 : 0; digit <= 9; digit++) {
            all += share(others, leading, rest - digit);
        }
        double left = random.nextDouble() * all;
        int chosen = -1;
        for (int digit = isLeading ? 1 : 0; digit <= 9 && left >= 0; digit++) {
            double share = share(others, leading, rest - digit);
            if (share > 0) {
                chosen = digit;
                left -= share;
            }
        }
        return chosen;
    }

    private double[] shares(int digits, int leading) {
        Column column = new Column(digits, leading);
        double[] known = shares.get(column);
        if (known == null) {
            known = digits == 0 ? new double[] {1} : oneMore(shares(digits - 1, Math.max(0, leading - 1)), leading > 0);
            shares.put(column, known);
        }
        return known;
    }

    private static double[] oneMore(double[] fewer, boolean isLeading) {
        double[] more = new double[fewer.length + 9];
        for (int sum = 0; sum < fewer.length; sum++) {
            for (int digit = isLeading ? 1 : 0; digit <= 9; digit++) {
                more[sum + digit] += fewer[sum] / 10;
            }
        }
        return more;
    }
}
