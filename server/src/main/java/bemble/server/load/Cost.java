package bemble.server.load;

import bemble.core.problem.Operation;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Estimates what a problem costs from the digits that were sent, before anything is read of it. */
public final class Cost {
    private static final Pattern DIGITS = Pattern.compile("[0-9][0-9,.' \\u2009\\u202f\\u00a0]*");
    private static final int SQUARES_A_UNIT = 200;
    /** So few squares are answered at once, however many ask. */
    private static final int FREE_SQUARES = 60;
    private static final int MOST_DIGITS = 60;
    private static final int A_DECIMAL_OF_A_ROOT = 2;

    private Cost() {}

    /**
     * What a problem costs that may be sent as text or as an operation with its numbers, in {@link CostlyRequest}’s unit.
     *
     * @param decimals of a root; may be null
     */
    public static int ofProblem(@Nullable String problem, @Nullable Operation operation,
            @Nullable List<String> operands,
            @Nullable Integer decimals) {
        int squares = problem != null ? ofText(problem) : ofNumbers(operation, operands);
        int more = decimals == null ? 0 : Math.max(0, Math.min(decimals, 20)) * A_DECIMAL_OF_A_ROOT;
        int all = squares + more * more;
        return all <= FREE_SQUARES ? 0 : 1 + all / SQUARES_A_UNIT;
    }

    private static int ofText(String problem) {
        int longest = 0;
        int second = 0;
        int all = 0;
        Matcher numbers = DIGITS.matcher(problem);
        while (numbers.find()) {
            int length = Math.min(MOST_DIGITS, (int) numbers.group().chars().filter(Character::isDigit).count());
            second = length > longest ? longest : Math.max(second, length);
            longest = Math.max(longest, length);
            all += length;
        }
        boolean stacked = problem.indexOf('+') >= 0 || problem.matches("(?s)[^√]*[-−–].*");
        return stacked ? all : longest * Math.max(second, longest / 2);
    }

    private static int ofNumbers(@Nullable Operation operation, @Nullable List<String> operands) {
        if (operands == null) {
            return 0;
        }
        String sign = operation == Operation.ADDITION || operation == Operation.SUBTRACTION ? " + " : " × ";
        return ofText(String.join(sign, operands.stream().limit(40).map(each -> each == null ? "" : each).toList()));
    }
}
