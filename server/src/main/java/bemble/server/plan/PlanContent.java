package bemble.server.plan;

import bemble.core.plan.Need;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A week's plan as it is kept and changed. */
record PlanContent(
        @NotNull(message = "The days are missing.") @Size(max = Limits.DAYS, message = "A week has seven days.") List<@Valid @NotNull(message = "A day is missing.") PlannedDay> days,
        @NotNull @Size(max = Limits.CONFLICTS, message = "These are more conflicts than a week has.") List<String> conflicts) {

    record PlannedDay(@NotNull(message = "A date is missing.") LocalDate date,
            @NotNull(message = "The groups are missing.") @Size(max = Limits.PUPILS, message = "These are more groups than a class has pupils.") List<@Valid @NotNull(message = "A group is missing.") PlannedGroup> groups) {}

    /**
     * A group with its sheet.
     *
     * @param key names it within the week
     * @param kind why it comes
     * @param slip the slip for which the rung comes again, or null
     * @param setId the set that was made for it, or null
     */
    record PlannedGroup(
            @NotNull(message = "A group has no key.") @Size(max = Limits.GROUP_KEY_LETTERS, message = "A key is shorter than this.") String key,
            @NotNull(message = "Say retry, again, quiz or next.") Need.Kind kind,
            @NotNull(message = "Say which rung.") String rung, @Nullable String slip, @NotNull int questions,
            @NotNull int minutes,
            @NotNull(message = "Say which pupils.") @Size(max = Limits.PUPILS, message = "These are more pupils than a class has.") List<@NotNull(message = "A pupil is missing.") PupilId> pupils,
            @Nullable SetId setId) {
        PlannedGroup withSet(SetId made) {
            return new PlannedGroup(key, kind, rung, slip, questions, minutes, pupils, made);
        }
    }
}
