package bemble.server.plan;

import bemble.core.plan.PlanWishes;
import bemble.core.practice.Ladder;
import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/**
 * What a teacher wants of a class's plans.
 *
 * @param topics the ids of rungs in the order of the term
 * @param weekdays the days with a lesson, 1 for Monday
 * @param minutes how long a pupil works on a day
 * @param groupMost how many pupils a group has at most
 * @param sheets how many different sheets there are in a lesson at most
 */
record Term(
        @NotNull(message = "Choose the topics of the term.") @Size(max = Limits.RUNGS, message = "These are more topics than there are rungs.") List<@NotNull(message = "A topic is missing.") String> topics,
        @NotNull(message = "Choose the days with a lesson.") @Size(max = Limits.DAYS, message = "A week has seven days.") List<@NotNull(message = "A day is missing.") Integer> weekdays,
        @NotNull int minutes, @NotNull int groupMost, @NotNull int sheets) {

    /** @throws Refusal naming each wish that cannot be */
    PlanWishes wishes(LocalDate monday) {
        for (String topic : topics) {
            if (Ladder.find(topic).isEmpty()) {
                throw Refusal.of(
                        List.of(new Fault("topics", "“" + topic + "” is on no ladder. Choose a topic from the list.")));
            }
        }
        List<Integer> days = weekdays.stream().filter(day -> day >= 1 && day <= 7).distinct().sorted().toList();
        return new PlanWishes(topics, days.stream().map(day -> monday.plusDays(day - 1L)).toList(), minutes, groupMost,
                sheets);
    }
}
