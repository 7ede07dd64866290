package bemble.core.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * In which weeks a slip was seen; what it comes to on a day is its {@link SlipHistory}.
 *
 * @param lastSeen the day it was last seen; null where it never was
 * @param since how many answers came since
 * @param weeks the weeks in which there were answers, the earliest first
 */
public record SlipWeeks(@Nullable LocalDate lastSeen, int since, List<Week> weeks) {
    /**
     * A week of answers.
     *
     * @param monday the day it begins
     * @param seen how often the slip was seen
     * @param of how many answers there were
     */
    public record Week(LocalDate monday, int seen, int of) {}

    /** @param answers those of the slip's operation, in the order of their days */
    public static SlipWeeks of(String slip, List<Evidence> answers) {
        List<Week> weeks = new ArrayList<>();
        LocalDate last = null;
        int since = 0;
        for (Evidence answer : answers) {
            LocalDate monday = answer.day().minusDays(answer.day().getDayOfWeek().getValue() - 1L);
            boolean seen = slip.equals(answer.cause());
            Week before = weeks.isEmpty() ? null : weeks.get(weeks.size() - 1);
            if (before != null && before.monday().equals(monday)) {
                weeks.set(weeks.size() - 1, new Week(monday, before.seen() + (seen ? 1 : 0), before.of() + 1));
            } else {
                weeks.add(new Week(monday, seen ? 1 : 0, 1));
            }
            last = seen ? answer.day() : last;
            since = seen ? 0 : since + 1;
        }
        return new SlipWeeks(last, since, weeks);
    }
}
