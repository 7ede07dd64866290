package bemble.server.glance;

import bemble.core.problem.Operation;
import bemble.core.progress.State;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Answers through the weeks, a line for each rung of a pupil or for each pupil on a rung. Days are counted from the first.
 *
 * @param days how many days are shown
 * @param slips what the signs of wrong answers stand for, the one seen most first
 * @param before the day with which an earlier stretch ends; left out where nothing is earlier
 * @param after the day with which a later stretch ends; left out where nothing is later
 */
record StepsView(@NotNull LocalDate from, @NotNull int days, @NotNull List<WeekMark> weeks,
        @NotNull List<StepLine> lines,
        @NotNull List<SeenSlip> slips, @Nullable LocalDate before, @Nullable LocalDate after) {
    /** Where a week begins. */
    record WeekMark(@NotNull int at, @NotNull LocalDate monday) {}

    /** A slip with how often it was seen in what is shown. */
    record SeenSlip(@NotNull String name, @NotNull int times) {}

    /**
     * A line of the picture.
     *
     * @param title the rung, or the pupil's name
     * @param say the line in words
     * @param secure when it was secure
     * @param asked the days on which it was asked again
     * @param said what the teacher said of it within what is shown
     */
    record StepLine(@NotNull String title, @NotNull Operation operation, @NotNull String rung, @NotNull PupilId pupil,
            @NotNull String say, @NotNull List<StepAnswer> answers, @NotNull List<SecureSpan> secure,
            @NotNull List<Integer> asked,
            @Nullable SaidWord said) {}

    /**
     * An answer.
     *
     * @param nth which it is of its day on this line, from 0
     * @param slip its place in the list of slips; left out where it is right or nothing is known
     * @param say it in words
     */
    record StepAnswer(@NotNull int at, @NotNull int nth, @NotNull boolean right, @NotNull boolean alone,
            @Nullable Integer slip, @NotNull MarkingId marking, @NotNull String say) {}

    /** From a day to another, the last not counted. */
    record SecureSpan(@NotNull int at, @NotNull int until) {}

    /** What the teacher said, on which day. */
    record SaidWord(@NotNull int at, @NotNull State state) {}
}
