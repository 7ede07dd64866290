package bemble.server.plan;

import bemble.core.plan.Need;
import bemble.core.plan.Seat;
import bemble.core.problem.Operation;
import bemble.server.classes.Pupil;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** What plans look like to a teacher. */
public final class PlanViews {
    private PlanViews() {}

    /**
     * A group as a teacher sees it.
     *
     * @param title the rung, in a few words
     * @param shortTitle the same where there is little room, with the sign of its operation
     * @param slipName what the slip that it is about is called; left out where it is about none
     * @param reason why it comes, in a sentence that is true of everybody in it; else what its sheet is for
     * @param seats why each of its pupils has the sheet
     * @param then what to do when the sheet is done
     * @param watch what to watch for, in a few words; empty where nothing is known
     * @param withYou when its teacher sits with it, while the others work alone; left out where it works alone for the whole lesson
     * @param left the minutes of the lesson that its sheets leave: before them with you, or after them to check
     */
    public record GroupView(@NotNull String key, @NotNull Need.Kind kind, @NotNull String rung,
            @NotNull Operation operation, @Nullable String slip,
            @Nullable String slipName, @NotNull String title, @NotNull String shortTitle, @NotNull String reason,
            @NotNull String watch, @NotNull int questions,
            @NotNull int minutes, @NotNull List<Pupil> pupils, @Nullable SetId setId, @Nullable Sitting withYou,
            @NotNull int left, @NotNull List<SeatView> seats, @NotNull String then) {
        /** What its sheet is called, which is the same for every group that has it. */
        public String sheetTitle() {
            return title.replaceFirst(", group \\d+ of \\d+$", "");
        }

        /** Its pupils of whom something is so, in the order of their seats. */
        public List<Pupil> pupilsOf(Predicate<SeatView> some) {
            return seats.stream().filter(some)
                    .flatMap(seat -> pupils.stream().filter(pupil -> pupil.id().equals(seat.pupil()))).toList();
        }
    }

    /**
     * When a teacher sits with a group.
     *
     * @param from the minute of the lesson at which she comes
     * @param to the minute at which she leaves
     */
    public record Sitting(@NotNull int from, @NotNull int to, @NotNull String words) {}

    /**
     * Why a pupil has a sheet, in a few words of that pupil alone.
     *
     * @param catchesUp whether how it is worked is to be shown first, since the pupil was away
     */
    public record SeatView(@NotNull PupilId pupil, @NotNull Seat.Why why, @NotNull boolean catchesUp,
            @NotNull String because) {}

    public record DayView(@NotNull LocalDate date, @NotNull List<GroupView> groups) {}

    /**
     * A week's plan.
     *
     * @param revision 0 while it was not changed by hand
     * @param minutes how long a lesson is
     * @param idle pupils for whom nothing is planned
     * @param offered of a plan that was changed by hand: what the record asks for by now and the plan has not got
     */
    public record PlanView(@NotNull ClassId classId, @NotNull String className, @NotNull LocalDate monday,
            @NotNull int revision,
            @NotNull int minutes, @NotNull List<DayView> days, @NotNull List<String> conflicts,
            @NotNull List<Pupil> idle, @NotNull List<String> offered) {}

    record TopicView(@NotNull String id, @NotNull Operation operation, @NotNull String title) {}

    /** @param revision 0 while nothing was chosen by hand */
    record TermView(@NotNull Term chosen, @NotNull List<TopicView> topics, @NotNull int revision) {}
}
