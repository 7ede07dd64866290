package bemble.core.working;

import java.util.List;

/**
 * The arithmetic of a step, as it is listed beside the paper.
 *
 * @param asked what may be seen before the step, such as {@code 7 + 8 + 1}
 * @param joint what stands between that and what comes out, such as {@code  = }; empty where nothing is kept back
 * @param result what comes out, kept back from a class until the step is taken
 * @param sign the sign of a small fact that can be found in some way, or 0 where there is none to find
 * @param numbers the numbers of that small fact
 */
public record Fact(String asked, String joint, String result, char sign, List<Integer> numbers) {
    public static final Fact NONE = new Fact("", "", "", (char) 0, List.of());

    /** Words with nothing to keep back and nothing to find. */
    public static Fact of(String words) {
        return new Fact(words, "", "", (char) 0, List.of());
    }

    /** What is asked, and what comes out of it. */
    public static Fact of(String asked, String joint, String result) {
        return new Fact(asked, joint, result, (char) 0, List.of());
    }

    /** A small fact, such as 7 + 8. */
    public static Fact of(String asked, String result, char sign, List<Integer> numbers) {
        return new Fact(asked, " = ", result, sign, List.copyOf(numbers));
    }

    public boolean isEmpty() {
        return asked.isEmpty();
    }

    /** The whole fact, such as {@code 7 + 8 + 1 = 16}. */
    public String text() {
        return asked + joint + result;
    }
}
