package bemble.core.working;

/**
 * What is said about a step.
 *
 * @param title the heading it is listed under, such as {@code Ones}
 * @param fact the arithmetic, or {@link Fact#NONE}
 * @param say the teacher's sentence
 * @param ask the question to a class before it, or empty
 */
public record Spoken(String title, Fact fact, String say, String ask) {
    /** Words without arithmetic. */
    public static Spoken of(String title, String say, String ask) {
        return new Spoken(title, Fact.NONE, say, ask);
    }

    /** Both said as one step; the first fact stands for both where there is one. */
    public Spoken and(Spoken next) {
        return new Spoken(title, fact.isEmpty() ? next.fact : fact, join(say, next.say), join(ask, next.ask));
    }

    private static String join(String first, String second) {
        return first.isEmpty() ? second : second.isEmpty() ? first : first + " " + second;
    }
}
