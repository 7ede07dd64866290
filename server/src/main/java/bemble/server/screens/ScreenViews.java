package bemble.server.screens;

import bemble.server.classes.Pupil;
import bemble.server.ids.ClassId;
import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.SessionId;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a session looks like to the teacher who watches it, and to a pupil who is in. */
final class ScreenViews {
    private ScreenViews() {}

    /**
     * Where a pupil is.
     *
     * @param at the question they wrote on last, or left out
     * @param begun how many questions are begun
     * @param run names their papers, once they have come in
     * @param onTheWay whether something written there may not have come yet: the device says so, or cannot be reached
     * @param otherDeviceAt when a second device last tried to write under this name; left out where none did
     */
    record PlaceView(@NotNull Pupil pupil, @NotNull String digits, @NotNull PlaceState state, @Nullable Integer at,
            @NotNull int begun,
            @Nullable OffsetDateTime seenAt, @Nullable String run, @NotNull boolean onTheWay,
            @Nullable OffsetDateTime otherDeviceAt) {}

    /** @param ended whether the code has ended */
    record SessionView(@NotNull SessionId id, @NotNull String title, @NotNull ClassId classId,
            @NotNull String className,
            @NotNull MarkingId markingId,
            @NotNull String code, @NotNull boolean led, @NotNull boolean asksDigits, @NotNull int questions,
            @NotNull OffsetDateTime openedAt, @NotNull boolean ended, @NotNull List<PlaceView> places) {}

    /** @param in how many pupils have come in */
    record SessionLine(@NotNull SessionId id, @NotNull String title, @NotNull String className, @NotNull String code,
            @NotNull boolean ended,
            @NotNull OffsetDateTime openedAt, @NotNull int in, @NotNull int handedIn, @NotNull int of) {}

    /** The names to pick from. */
    record DoorView(@NotNull String code, @NotNull String title, @NotNull String className, @NotNull boolean asksDigits,
            @NotNull List<Pupil> pupils) {}

    /** A question on the list of a pupil. */
    record OwnQuestion(@NotNull EntryId paper, @NotNull int question, @NotNull String problem,
            @NotNull boolean begun) {}

    /**
     * What a pupil sees: their own set and nothing else.
     *
     * @param says what they are told about what they handed in; left out until it is in the teacher's pile
     */
    record OwnSet(@NotNull String pupil, @NotNull String title, @NotNull boolean led, @NotNull boolean handedIn,
            @NotNull boolean ended,
            @NotNull boolean collected, @Nullable String says, @NotNull List<OwnQuestion> questions) {}

    /** @param own left out while nobody has come in at this device */
    record InView(@Nullable OwnSet own) {}
}
