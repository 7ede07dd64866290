package bemble.core.fact;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Ways to find the small facts that columns are made of, for those who do not know them yet. */
public final class FactWays {
    private static final int MOST_COUNTED = 9;
    private static final int MOST_TOP = 19;
    private static final int TEN = 10;

    private FactWays() {}

    /**
     * The ways to a small fact.
     *
     * @param sign +, −, × or ÷
     * @param numbers what it is made of, in order
     * @return none where there is no small fact to find
     */
    public static List<FactWay> to(char sign, List<Integer> numbers) {
        if (numbers.size() < 2) {
            return List.of();
        }
        int first = numbers.get(0);
        int second = numbers.get(1);
        return switch (sign) {
            case '+' -> sum(numbers);
            case '−' -> difference(first, second);
            case '×' -> product(first, second);
            case '÷' -> second == 0 ? List.of() : quotient(first, second);
            default -> List.of();
        };
    }

    private static List<FactWay> sum(List<Integer> terms) {
        List<FactWay> ways = new ArrayList<>();
        if (terms.stream().anyMatch(term -> term > MOST_TOP)) {
            return ways;
        }
        if (terms.size() > 2) {
            pairOfTen(terms, ways);
        }
        boolean hasTen = !ways.isEmpty();
        // Whatever stands on top, one counts on from the largest.
        List<Integer> fromLargest = terms.stream().sorted(Comparator.reverseOrder()).toList();
        int a = fromLargest.get(0);
        int b = fromLargest.get(1);
        String rest = terms.size() > 2
                ? " Then add " + fromLargest.subList(2, terms.size()).stream().map(String::valueOf)
                        .collect(Collectors.joining(" and ")) + ": "
                        + terms.stream().mapToInt(Integer::intValue).sum() + "."
                : "";
        if (b > 0 && b <= MOST_COUNTED) {
            ways.add(new FactWay("Count on from the larger", List.of(a + ": " + counted(a, b, 1) + "." + rest)));
        }
        if (hasTen) {
            return ways;
        }
        if (a < TEN && a + b > TEN) {
            int needed = TEN - a;
            ways.add(new FactWay("Make a ten", List.of(a + " + " + needed + " = 10",
                    "10 + " + (b - needed) + " = " + (a + b) + rest)));
        }
        if (a != b && a - b <= 2 && b > 1) {
            ways.add(new FactWay("Near a double", List.of(b + " + " + b + " = " + 2 * b,
                    2 * b + " + " + (a - b) + " = " + (a + b) + rest)));
        } else if (a == b && a > 1) {
            ways.add(new FactWay("A double", List.of("twice " + a + " is " + 2 * a + rest)));
        }
        return ways;
    }

    private static void pairOfTen(List<Integer> terms, List<FactWay> ways) {
        for (int i = 0; i < terms.size(); i++) {
            for (int j = i + 1; j < terms.size(); j++) {
                if (terms.get(i) + terms.get(j) == TEN) {
                    List<Integer> others = new ArrayList<>(terms);
                    others.remove(j);
                    others.remove(i);
                    ways.add(new FactWay("Look for ten", List.of(terms.get(i) + " + " + terms.get(j) + " = 10",
                            "10 + " + others.stream().map(String::valueOf).collect(Collectors.joining(" + ")) + " = "
                                    + terms.stream().mapToInt(Integer::intValue).sum())));
                    return;
                }
            }
        }
    }

    private static List<FactWay> difference(int top, int bottom) {
        List<FactWay> ways = new ArrayList<>();
        if (top > MOST_TOP || bottom > TEN || bottom == 0 || bottom > top) {
            return ways;
        }
        ways.add(new FactWay("Count back", List.of(top + ": " + counted(top, bottom, -1) + ".")));
        if (top > bottom) {
            ways.add(new FactWay("Count up along the line", top > TEN && bottom < TEN
                    ? List.of("from " + bottom + " to 10: " + (TEN - bottom), "from 10 to " + top + ": " + (top - TEN),
                            (TEN - bottom) + " + " + (top - TEN) + " = " + (top - bottom))
                    : List.of(bottom + ": " + counted(bottom, top - bottom, 1) + " – that is " + (top - bottom)
                            + " up.")));
        }
        if (top > TEN && bottom > top - TEN) {
            ways.add(new FactWay("By way of ten", List.of(top + " − " + (top - TEN) + " = 10",
                    "10 − " + (bottom - (top - TEN)) + " = " + (top - bottom))));
        }
        return ways;
    }

    private static List<FactWay> product(int a, int b) {
        List<FactWay> ways = new ArrayList<>();
        if (a > TEN || b > TEN || a < 2 || b < 2) {
            return ways;
        }
        ways.add(new FactWay("Count in steps of " + b, List.of(multiples(b, a))));
        if (a == 9) {
            ways.add(new FactWay("From ten times", List.of("10 × " + b + " = " + 10 * b,
                    10 * b + " − " + b + " = " + 9 * b)));
        } else if (a > 5) {
            ways.add(new FactWay("From five times", List.of("5 × " + b + " = " + 5 * b,
                    a - 5 + " × " + b + " = " + (a - 5) * b, 5 * b + " + " + (a - 5) * b + " = " + a * b)));
        }
        if (a % 2 == 0) {
            ways.add(new FactWay("Double the half", List.of(a / 2 + " × " + b + " = " + a / 2 * b,
                    "twice " + a / 2 * b + " is " + a * b)));
        }
        return ways;
    }

    private static List<FactWay> quotient(int dividend, int divisor) {
        int quotient = divisor == 0 ? TEN : dividend / divisor;
        if (quotient >= TEN) {
            return List.of();
        }
        List<String> lines = new ArrayList<>();
        for (int times = 1; times <= quotient; times++) {
            lines.add(times + " × " + divisor + " = " + times * divisor + (times == quotient ? " fits" : ""));
        }
        lines.add(quotient + 1 + " × " + divisor + " = " + (quotient + 1) * divisor + " is too big");
        return List.of(new FactWay("The multiples of " + divisor, lines));
    }

    private static String counted(int from, int steps, int by) {
        return IntStream.rangeClosed(1, steps).mapToObj(i -> String.valueOf(from + i * by))
                .collect(Collectors.joining(", "));
    }

    private static String multiples(int of, int times) {
        return IntStream.rangeClosed(1, times).mapToObj(i -> String.valueOf(i * of)).collect(Collectors.joining(", "));
    }
}
