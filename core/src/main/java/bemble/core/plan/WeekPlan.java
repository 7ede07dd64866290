package bemble.core.plan;

import java.time.LocalDate;
import java.util.List;

/**
 * A week of sheets for groups. What must hold: what goes wrong is placed first and early, then what is due, and nothing is left
 * out in silence; nobody skips a rung that still fails; no group, no day's minutes and no number of sheets is larger than the
 * teacher says; nobody is without work in a lesson. What is preferred: many pupils a sheet, and where there is room the same
 * rung on a second day. A sheet that leaves much of its lesson is made longer, but for that of the group its teacher sits with.
 *
 * @param conflicts wishes that could not be met together, and what would help
 */
public record WeekPlan(List<Day> days, List<String> conflicts) {
    /** A lesson with its groups. */
    public record Day(LocalDate date, List<Group> groups) {}

    /**
     * Pupils with the same sheet.
     *
     * @param questions how many questions the sheet has
     * @param minutes how long it takes
     */
    public record Group(Need need, int questions, int minutes, List<Long> pupils) {}

    /** Plans a week. */
    public static WeekPlan of(List<PlannedPupil> pupils, PlanWishes wishes) {
        return new Planning(pupils, wishes).plan();
    }
}
