package bemble.core.plan;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * What a teacher wants of a week's plan.
 *
 * @param topics the ids of rungs in the order of the term
 * @param days the days with a lesson
 * @param minutes how long a pupil works on a day
 * @param groupMost how many pupils a group has at most
 * @param sheets how many different sheets there are in a lesson at most
 */
public record PlanWishes(List<String> topics, List<LocalDate> days, int minutes, int groupMost, int sheets) {
    private static final int MOST_DAYS = 7;
    private static final int MOST_MINUTES = 120;
    private static final int MOST_SHEETS = 3;
    private static final int MOST_PUPILS = 60;

    /** @throws Refusal naming each wish that cannot be */
    public PlanWishes {
        List<Fault> faults = new ArrayList<>();
        if (days.isEmpty() || days.size() > MOST_DAYS) {
            faults.add(new Fault("days", "Choose one to " + MOST_DAYS + " days with a lesson."));
        }
        if (minutes < 1 || minutes > MOST_MINUTES) {
            faults.add(new Fault("minutes", "Give each day 1 to " + MOST_MINUTES + " minutes."));
        }
        if (groupMost < 1 || groupMost > MOST_PUPILS) {
            faults.add(new Fault("groupMost", "A group has 1 to " + MOST_PUPILS + " pupils."));
        }
        if (sheets < 1 || sheets > MOST_SHEETS) {
            faults.add(new Fault("sheets", "Hand out 1 to " + MOST_SHEETS + " different sheets in a lesson."));
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
    }
}
