package bemble.core.progress;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a pupil stands on one rung.
 *
 * @param state as the rule has it
 * @param say what it rests on, in a teacher's words
 * @param since the day it became so; null where nothing was tried
 * @param dueOn the day from which the rung comes back; null while neither secure nor passed in a quiz
 * @param shows the slip that still shows, for which the same rung comes again; null where none does
 * @param rests the answers it rests on, the latest last
 * @param quiz the last quiz, while it still counts; null where there was none, or what came later settles it
 * @param due whether the rung comes back now: one that is secure, or one whose quiz was passed a while ago
 * @param course how it came to this by the rule
 */
public record Standing(State state, String say, @Nullable LocalDate since, @Nullable LocalDate dueOn,
        @Nullable String shows, List<Evidence> rests,
        @Nullable Quiz quiz,
        boolean due, RungCourse course) {
    /** Of one who has not tried. */
    public static final Standing NONE =
            new Standing(State.NOT_TRIED, "Nothing on this step has been marked yet.", null, null,
                    null, List.of(), null, false, RungCourse.NONE);

    /** The same without what it rests on. */
    public Place place() {
        return new Place(state, since, dueOn, shows, right(), rests.size(), quiz, due);
    }

    /** How many of the answers it rests on are right. */
    public int right() {
        return (int) rests.stream().filter(Evidence::right).count();
    }
}
