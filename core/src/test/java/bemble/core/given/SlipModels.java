package bemble.core.given;

import bemble.core.problem.Problem;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The slips of the contract once more, in plain arithmetic on digits and numbers, with none of the core's hands. */
public final class SlipModels {
    private static final String STUCK = "stuck";
    private SlipModels() {}

    /** The answer's text that a slip leads to, {@code stuck} where its hand cannot go on; nothing where there is no model. */
    public static Optional<String> answer(String slip, Problem problem) {
        List<String> numbers = problem.operands().stream().map(number -> number.plain()).toList();
        if (!NamedSlips.IDS.get(problem.operation()).contains(slip)
                || numbers.stream().anyMatch(number -> number.contains("."))) {
            return Optional.empty();
        }
        return Optional.ofNullable(switch (problem.operation()) {
            case ADDITION -> addition(slip, numbers);
            case SUBTRACTION -> subtraction(slip, numbers.get(0), numbers.get(1));
            case MULTIPLICATION -> multiplication(slip, numbers.get(0), numbers.get(1));
            case DIVISION -> division(slip, new BigInteger(numbers.get(0)), new BigInteger(numbers.get(1)));
            case SQUARE_ROOT -> root(slip, numbers.get(0));
        });
    }

    private static int digit(String number, int place) {
        int at = number.length() - 1 - place;
        return at < 0 ? 0 : number.charAt(at) - '0';
    }

    private static String plain(String digits) {
        String stripped = digits.replaceFirst("^0+(?=.)", "");
        return stripped.isEmpty() ? "0" : stripped;
    }

    private static String addition(String slip, List<String> numbers) {
        int length = numbers.stream().mapToInt(String::length).max().orElseThrow();
        switch (slip) {
            case "subtracted-instead" :
                return numbers.size() != 2 ? STUCK
                        : new BigInteger(numbers.get(0)).subtract(new BigInteger(numbers.get(1))).abs().toString();
            case "lined-up-left" :
                return numbers.stream().map(number -> new BigInteger(number + "0".repeat(length - number.length())))
                        .reduce(BigInteger.ZERO, BigInteger::add).toString();
            case "lone-digit-dropped" :
                int shorter = numbers.stream().mapToInt(String::length).min().orElseThrow();
                return numbers.size() != 2 || shorter == length ? STUCK
                        : plain(numbers.stream()
                                .map(number -> new BigInteger(number.substring(number.length() - shorter)))
                                .reduce(BigInteger.ZERO, BigInteger::add).mod(BigInteger.TEN.pow(shorter)).toString());
            default :
                break;
        }
        StringBuilder answer = new StringBuilder();
        int carry = 0;
        for (int place = 0; place < length; place++) {
            int column = 0;
            for (String number : numbers) {
                column += digit(number, place);
            }
            boolean last = place == length - 1;
            int total = column + (slip.equals("carry-forgotten") ? 0 : carry);
            switch (slip) {
                case "carry-forgotten" -> answer.insert(0, last ? total : total % 10);
                case "both-digits-written" -> answer.insert(0, column);
                case "last-carry-lost" -> {
                    answer.insert(0, total % 10);
                    carry = total / 10;
                }
                case "carry-swapped" -> {
                    boolean swaps = !last && total >= 10 && total < 100;
                    answer.insert(0, last ? total : swaps ? total / 10 : total % 10);
                    carry = swaps ? total % 10 : total / 10;
                }
                case "needless-carry" -> {
                    answer.insert(0, last ? total : total % 10);
                    carry = total < 10 ? 1 : total / 10;
                }
                default -> {
                    return null;
                }
            }
        }
        return plain(answer.toString());
    }

    private static String subtraction(String slip, String top, String bottom) {
        BigInteger a = new BigInteger(top);
        BigInteger b = new BigInteger(bottom);
        if (slip.equals("added-instead")) {
            return a.add(b).toString();
        }
        if (slip.equals("lined-up-left")) {
            BigInteger shifted = b.multiply(BigInteger.TEN.pow(top.length() - bottom.length()));
            return shifted.compareTo(a) > 0 ? STUCK : a.subtract(shifted).toString();
        }
        int length = top.length();
        int[] tops = new int[length];
        boolean[] touched = new boolean[length];
        for (int i = 0; i < length; i++) {
            tops[i] = digit(top, i);
        }
        StringBuilder answer = new StringBuilder();
        for (int i = 0; i < length; i++) {
            int below = digit(bottom, i);
            boolean zero = tops[i] == 0 && !touched[i] && below > 0;
            if (slip.equals("smaller-from-larger")) {
                answer.insert(0, Math.abs(tops[i] - below));
                continue;
            }
            if (zero && slip.equals("zero-takes-the-digit") || zero && slip.equals("zero-gives-zero")) {
                answer.insert(0, slip.equals("zero-gives-zero") ? 0 : below);
                continue;
            }
            if (tops[i] < below && !slip.equals("exchange-not-paid")) {
                int giver = i + 1;
                while (giver < length && tops[giver] == 0) {
                    giver++;
                }
                if (giver == length) {
                    return STUCK;
                }
                touched[giver] = true;
                if (!slip.equals("nines-for-free") || giver == i + 1) {
                    tops[giver]--;
                }
                for (int j = i + 1; j < giver && !slip.equals("zeros-skipped"); j++) {
                    tops[j] = 9;
                    touched[j] = true;
                }
                tops[i] += 10;
            } else if (tops[i] < below) {
                tops[i] += 10;
            }
            answer.insert(0, tops[i] - below);
        }
        return plain(answer.toString());
    }

    private static String multiplication(String slip, String one, String other) {
        boolean turned = new BigInteger(other).compareTo(new BigInteger(one)) > 0;
        String top = turned ? other : one;
        String bottom = turned ? one : other;
        if (slip.equals("matching-columns-only")) {
            StringBuilder answer = new StringBuilder();
            int carry = 0;
            for (int i = 0; i < top.length(); i++) {
                int total = (i < bottom.length() ? digit(bottom, i) : 1) * digit(top, i) + carry;
                boolean last = i == top.length() - 1;
                answer.insert(0, last ? total : total % 10);
                carry = total / 10;
            }
            return plain(answer.toString());
        }
        List<String> rows = new ArrayList<>();
        for (int place = 0; place < bottom.length(); place++) {
            int factor = digit(bottom, place);
            boolean zeroRow = slip.equals("zero-keeps-the-digit") ? factor == 0 && top.equals("0")
                    : factor == 0 || top.equals("0");
            if (zeroRow) {
                continue;
            }
            StringBuilder row = new StringBuilder();
            int carry = 0;
            for (int i = 0; i < top.length(); i++) {
                int digit = digit(top, i);
                int product = slip.equals("zero-keeps-the-digit") && (factor == 0 || digit == 0) ? factor + digit
                        : factor * digit;
                int total = slip.equals("carry-forgotten") ? product
                        : slip.equals("carry-added-first") ? factor * (digit + carry) : product + carry;
                boolean last = i == top.length() - 1;
                row.insert(0, last ? total : total % 10);
                carry = total / 10;
            }
            rows.add(row + (slip.equals("placeholder-forgotten") ? "" : "0".repeat(place)));
        }
        if (rows.size() > 1 && slip.equals("sum-carry-forgotten")) {
            return addition("carry-forgotten", rows.stream().map(SlipModels::plain).toList());
        }
        return rows.stream().map(BigInteger::new).reduce(BigInteger.ZERO, BigInteger::add).toString();
    }

    private static String division(String slip, BigInteger dividend, BigInteger divisor) {
        BigInteger[] result = dividend.divideAndRemainder(divisor);
        String quotient = result[0].toString();
        String rest = result[1].signum() == 0 ? "" : " r " + result[1];
        return switch (slip) {
            case "quotient-zero-forgotten" -> quotient.charAt(0) + quotient.substring(1).replace("0", "") + rest;
            case "remainder-forgotten" -> quotient;
            case "digit-one-short" -> quotient.endsWith("0") ? STUCK
                    : result[0].subtract(BigInteger.ONE) + " r " + result[1].add(divisor);
            default -> null;
        };
    }

    private static BigInteger taken(BigInteger doubled, int digit, boolean beside) {
        return doubled.multiply(BigInteger.TEN).add(BigInteger.valueOf(beside ? digit : 0))
                .multiply(BigInteger.valueOf(digit));
    }

    private static String root(String slip, String radicand) {
        String even = radicand.length() % 2 == 0 ? radicand : "0" + radicand;
        BigInteger left = BigInteger.ZERO;
        BigInteger root = BigInteger.ZERO;
        StringBuilder written = new StringBuilder();
        for (int i = 0; i < even.length(); i += 2) {
            BigInteger current = left.multiply(BigInteger.valueOf(100)).add(new BigInteger(even.substring(i, i + 2)));
            BigInteger doubled = slip.equals("root-not-doubled") ? root : root.add(root);
            boolean beside = i == 0 || !slip.equals("digit-not-set-beside");
            int digit = 9;
            while (taken(doubled, digit, beside).compareTo(current) > 0) {
                digit--;
            }
            left = current.subtract(taken(doubled, digit, beside));
            if (i == 0 || digit > 0 || !slip.equals("root-zero-forgotten")) {
                written.append(digit);
                root = root.multiply(BigInteger.TEN).add(BigInteger.valueOf(digit));
            }
        }
        return List.of("root-not-doubled", "digit-not-set-beside", "root-zero-forgotten").contains(slip)
                ? plain(written.toString()) : null;
    }
}
