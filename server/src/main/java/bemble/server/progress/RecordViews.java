package bemble.server.progress;

import bemble.core.problem.Operation;
import bemble.core.progress.State;
import bemble.server.classes.Pupil;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a record looks like to a teacher. */
final class RecordViews {
    private RecordViews() {}

    /** A rung of a ladder. */
    record RecordRung(@NotNull String id, @NotNull Operation operation, @NotNull String title, @NotNull String news) {}

    /** A state with its sign, which needs no colour. */
    record StateView(@NotNull State id, @NotNull String label, @NotNull String sign) {}

    /**
     * Where a pupil stands on a rung.
     *
     * @param state what counts: the teacher's word, else the rule's
     * @param ruled whether the teacher said so
     * @param shows the slip that still shows, in a few words
     */
    record CellView(@NotNull String rung, @NotNull State state, @NotNull boolean ruled, @Nullable String shows) {}

    record PupilRow(@NotNull Pupil pupil, @NotNull List<CellView> cells) {}

    /** A slip of an operation, seen in a class. */
    record ClassSlip(@NotNull String slip, @NotNull Operation operation, @NotNull String name,
            @NotNull List<SlipOfPupil> pupils, @NotNull List<WeekView> weeks) {}

    record SlipOfPupil(@NotNull String pupil, @NotNull String say, @NotNull boolean fading) {}

    record WeekView(@NotNull LocalDate monday, @NotNull int seen, @NotNull int of) {}

    /** A fact with who missed it, how often and in how many answers. */
    record ShakyFact(@NotNull String fact, @NotNull List<FactOfPupil> pupils) {}

    record FactOfPupil(@NotNull String pupil, @NotNull int missed) {}

    /**
     * A class's record: rungs across, pupils down.
     *
     * @param reached by how many pupils each rung is reached
     */
    record ClassRecord(@NotNull ClassId id, @NotNull String name, @NotNull LocalDate today,
            @NotNull List<StateView> states,
            @NotNull List<RecordRung> rungs, @NotNull List<Integer> reached, @NotNull List<PupilRow> pupils,
            @NotNull List<ClassSlip> slips,
            @NotNull List<ShakyFact> facts) {}

    /**
     * An answer that a figure rests on.
     *
     * @param cause what it is put down to in a few words; left out where nothing is known
     * @param confirmed whether a teacher decided it
     */
    record RestingAnswer(@NotNull LocalDate day, @NotNull MarkingId marking, @NotNull String title,
            @NotNull int question,
            @NotNull String problem, @NotNull String given, @NotNull boolean right, @NotNull boolean alone,
            @Nullable String cause,
            @NotNull boolean confirmed) {}

    /**
     * A pupil on a rung.
     *
     * @param byRule what the rule says
     * @param say what the rule rests on
     * @param reason why the teacher says otherwise
     */
    record RungRecord(@NotNull RecordRung rung, @NotNull State state, @NotNull State byRule, @NotNull String say,
            @Nullable LocalDate since,
            @Nullable LocalDate dueOn, @Nullable String shows, @Nullable String reason,
            @NotNull List<RestingAnswer> rests) {}

    /** @param shownIn the latest question of the pupil's in which it shows */
    record SlipRecord(@NotNull String slip, @NotNull Operation operation, @NotNull String name, @NotNull String say,
            @NotNull boolean fading,
            @NotNull String help, @NotNull String shownIn, @NotNull List<WeekView> weeks) {}

    record FactRecord(@NotNull String fact, @NotNull int missed, @NotNull LocalDate last) {}

    /**
     * Everything about one pupil.
     *
     * @param besides what is known of answers to questions that stand on no rung; left out where there are none
     */
    record PupilRecord(@NotNull Pupil pupil, @NotNull ClassId classId, @NotNull String className,
            @NotNull List<StateView> states,
            @NotNull List<RungRecord> rungs, @NotNull List<SlipRecord> slips, @NotNull List<FactRecord> facts,
            @Nullable String besides, @NotNull String rule) {}
}
