package bemble.core.practice;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Stories that a problem of two numbers can be told as, with its numbers in them. One that does not fit the numbers is not offered:
 * children and boxes are whole, and a rope is not seven kilometres long.
 */
public final class Stories {
    private static final int MOST_DECIMALS = 2;
    private static final Pattern LINE =
            Pattern.compile("([a-z]+) (\\d+)(?: (\\d+))? (whole|decimals) (.+)");
    private static final Pattern EITHER = Pattern.compile("\\{([^{}|]+)\\|([^{}|]+)\\}");

    /** A number as it stands in a sentence, with its point and its groups, without the full stop behind it. */
    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,’\u2009\u00a0]\\d+)*");

    private final List<Plot> plots = new ArrayList<>();

    /**
     * Stories after plots, one a line: the operation, the largest first number, the largest second one where that is another,
     * {@code whole} or {@code decimals}, and the words with {@code {a}} and {@code {b}} for the numbers; where a division leaves something
     * over the second of {@code {…|…}} is said. A line that begins with # says nothing.
     */
    public Stories(String text) {
        for (String line : text.split("\n")) {
            Matcher plot = LINE.matcher(line);
            if (plot.matches()) {
                int first = Integer.parseInt(plot.group(2));
                String second = plot.group(3);
                plots.add(new Plot(plot.group(1), first, second == null ? first : Integer.parseInt(second),
                        plot.group(4).equals("decimals"), plot.group(5)));
            } else if (!line.isBlank() && !line.startsWith("#")) {
                throw new IllegalArgumentException("no plot: " + line);
            }
        }
    }

    /**
     * A story without its numbers.
     *
     * @param mostFirst the largest first number that it makes sense of
     * @param mostSecond the largest second number
     * @param decimals whether it makes sense of decimals
     */
    private record Plot(String operation, int mostFirst, int mostSecond, boolean decimals, String words) {
        boolean fits(Problem problem) {
            List<Numeral> numbers = problem.operands();
            return problem.operation().id().equals(operation) && numbers.size() == 2
                    && fits(numbers.get(0), mostFirst) && fits(numbers.get(1), mostSecond);
        }

        /** One of something is told otherwise than several. */
        private boolean fits(Numeral number, int most) {
            return number.compareTo(Numeral.of("1")) > 0 && number.compareTo(Numeral.of(String.valueOf(most))) <= 0
                    && (number.isWhole() || decimals && number.decimals() <= MOST_DECIMALS);
        }

        String told(Problem problem, HouseStyle style) {
            Matcher either = EITHER.matcher(words);
            String asked = either.replaceAll(
                    match -> Matcher.quoteReplacement(match.group(leavesSomething(problem) ? 2 : 1)));
            return asked.replace("{a}", style.number(problem.operands().get(0)))
                    .replace("{b}", style.number(problem.operands().get(1)));
        }

        private static boolean leavesSomething(Problem problem) {
            return problem.operation() == Operation.DIVISION && problem.operands().get(0).wholeValue()
                    .mod(problem.operands().get(1).wholeValue().max(BigInteger.ONE)).signum() != 0;
        }
    }

    /** All stories that fit a problem, the same ones in the same order each time; none where nothing fits its numbers. */
    public List<String> of(Problem problem, HouseStyle style) {
        return plots.stream().filter(plot -> plot.fits(problem)).map(plot -> plot.told(problem, style)).toList();
    }

    /**
     * A story told again for other numbers: by the same plot where it has one that fits, else by another; a teacher's own with its
     * numbers changed. Empty where the story would not be true of them, as it never is of another operation.
     *
     * @param story what was told of the problem before; may be empty
     */
    public String again(String story, Problem before, Problem now, HouseStyle style) {
        if (story.isEmpty() || before.equals(now)) {
            return story;
        }
        if (before.operation() != now.operation() || before.operands().size() != now.operands().size()) {
            return "";
        }
        Optional<Plot> plot = plots.stream().filter(each -> each.fits(before))
                .filter(each -> each.told(before, style).equals(story)).findFirst();
        if (plot.isEmpty()) {
            return withOtherNumbers(story, before, now, style);
        }
        return plot.filter(each -> each.fits(now)).map(each -> each.told(now, style))
                .orElseGet(() -> of(now, style).stream().findFirst().orElse(""));
    }

    /** Each number has to stand there once: one that is missing, or tells something else too, cannot be changed by rule. */
    private static String withOtherNumbers(String story, Problem before, Problem now, HouseStyle style) {
        Map<String, String> numbers = new HashMap<>();
        for (int i = 0; i < before.operands().size(); i++) {
            numbers.put(style.number(before.operands().get(i)), style.number(now.operands().get(i)));
        }
        List<String> found =
                NUMBER.matcher(story).results().map(MatchResult::group).filter(numbers::containsKey).toList();
        boolean eachOnce = found.size() == before.operands().size()
                && Set.copyOf(found).size() == found.size();
        return eachOnce ? NUMBER.matcher(story).replaceAll(
                match -> Matcher.quoteReplacement(numbers.getOrDefault(match.group(), match.group()))) : "";
    }
}
