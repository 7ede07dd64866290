package bemble.core.progress;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * How one pupil did in a quiz: a sheet of one rung with a pass mark. Passed, the plan moves on, though the rung is called
 * secure only by the rule; not passed, a shorter turn comes on the slip that was seen.
 *
 * @param right how many first answers were right without help
 * @param of how many questions the quiz has
 * @param passMark how many right ones are enough
 * @param slip the slip seen most in it; null where none was
 */
public record Quiz(LocalDate day, int right, int of, int passMark, @Nullable String slip) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

    public boolean isPassed() {
        return right >= passMark;
    }

    /** What came of it, in a few words. */
    public String outcome() {
        return (isPassed() ? "passed" : "not passed") + ", " + passMark + (passMark == 1 ? " is" : " are") + " enough";
    }

    /** The same in a sentence. */
    public String say() {
        return "The quiz of " + DAY.format(day) + " with " + right + " of " + of + " right was " + outcome() + ".";
    }
}
