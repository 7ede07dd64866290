package bemble.core.practice.features;

import java.util.ArrayList;
import java.util.List;

/** Says what makes a question easy or hard, in a few words. */
public final class FeatureTalk {
    private FeatureTalk() {}

    /** For example {@code 2 exchanges, one across a zero}. */
    public static String inWords(Features features) {
        List<String> parts = new ArrayList<>();
        switch (features.operation()) {
            case ADDITION -> added(features, parts);
            case SUBTRACTION -> {
                int exchanges = features.count(Feature.EXCHANGES);
                int zeros = features.count(Feature.ACROSS_ZEROS);
                parts.add(count(exchanges, "exchange"));
                if (zeros > 0) {
                    parts.add((exchanges > 1 ? "one " : "") + "across " + (zeros == 1 ? "a zero" : zeros + " zeros"));
                }
                unlike(features, parts);
            }
            case MULTIPLICATION -> {
                parts.add(lengths(features, Feature.TOP_DIGITS, Feature.BOTTOM_DIGITS));
                parts.add(count(features.count(Feature.CARRIES), "carry"));
                yes(features, Feature.ZERO_IN_BOTTOM, parts);
            }
            case DIVISION -> {
                parts.add(lengths(features, Feature.DIVIDEND_DIGITS, Feature.DIVISOR_DIGITS));
                parts.add(features.count(Feature.REMAINDER) == 1 ? "a remainder" : "comes out exactly");
                yes(features, Feature.ZERO_IN_QUOTIENT, parts);
            }
            case SQUARE_ROOT -> {
                int decimals = features.count(Feature.DECIMALS);
                parts.add(count(features.count(Feature.RADICAND_DIGITS), "digit"));
                parts.add(features.count(Feature.PERFECT) == 1 ? "comes out exactly"
                        : decimals == 0 ? "something is left over" : "cut off after " + count(decimals, "decimal"));
                yes(features, Feature.ZERO_IN_ROOT, parts);
            }
        }
        return String.join(", ", parts);
    }

    private static void added(Features features, List<String> parts) {
        if (features.count(Feature.ADDENDS) > 2) {
            parts.add(features.count(Feature.ADDENDS) + " numbers");
        }
        int carries = features.count(Feature.CARRIES);
        int chain = features.count(Feature.CHAIN);
        parts.add(count(carries, "carry"));
        if (chain > 1) {
            parts.add(chain == carries ? "in a chain" : chain + " of them in a chain");
        }
        yes(features, Feature.NEW_PLACE, parts);
        unlike(features, parts);
    }

    private static void unlike(Features features, List<String> parts) {
        yes(features, Feature.UNEVEN_LENGTHS, parts);
    }

    private static void yes(Features features, Feature feature, List<String> parts) {
        if (features.count(feature) == 1) {
            parts.add(feature.label());
        }
    }

    private static String count(int count, String what) {
        String many = what.endsWith("y") ? what.substring(0, what.length() - 1) + "ies" : what + "s";
        String number = count == 0 ? "no" : Integer.toString(count);
        return number + " " + (count == 1 ? what : many);
    }

    /** 4 by 3 digits, or 4 digits by 1. */
    private static String lengths(Features features, Feature one, Feature other) {
        int second = features.count(other);
        return second == 1 ? count(features.count(one), "digit") + " by 1"
                : features.count(one) + " by " + second + " digits";
    }
}
