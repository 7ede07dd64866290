package bemble.core.progress;

import bemble.core.progress.SlipWeeks.Week;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How often a slip was seen, week by week.
 *
 * @param lastSeen the day it was last seen
 * @param weeks the weeks in which there were answers, the earliest first
 * @param fading whether it was seen less often lately than before
 * @param say the same in a teacher's words
 */
public record SlipHistory(String slip, @Nullable LocalDate lastSeen, List<Week> weeks, boolean fading, String say) {
    private static final int LATELY_WEEKS = 2;
    /** How many answers after the last time say that it is gone. */
    private static final int GONE_AFTER = 10;

    /** @param answers those of the slip's operation, in the order of their days; at least one shows the slip */
    public static SlipHistory of(String slip, List<Evidence> answers, LocalDate today) {
        return of(slip, SlipWeeks.of(slip, answers), today);
    }

    /** What it comes to on a day. */
    public static SlipHistory of(String slip, SlipWeeks seen, LocalDate today) {
        List<Week> weeks = seen.weeks();
        LocalDate last = seen.lastSeen();
        int since = seen.since();
        LocalDate edge = today.minusWeeks(LATELY_WEEKS);
        double lately = share(weeks.stream().filter(week -> week.monday().isAfter(edge)).toList());
        double earlier = share(weeks.stream().filter(week -> !week.monday().isAfter(edge)).toList());
        boolean fading = earlier > 0 && lately < earlier / 2;
        String when = last == null ? "never seen" : "last seen " + ago(last, today);
        String say = since >= GONE_AFTER ? when + ", and not in the " + since + " answers since"
                : fading ? when + "; it fades" : when;
        return new SlipHistory(slip, last, weeks, fading || since >= GONE_AFTER, say);
    }

    private static double share(List<Week> weeks) {
        int of = weeks.stream().mapToInt(Week::of).sum();
        return of == 0 ? 0 : weeks.stream().mapToInt(Week::seen).sum() / (double) of;
    }

    private static String ago(LocalDate day, LocalDate today) {
        long days = ChronoUnit.DAYS.between(day, today);
        return days == 0 ? "today" : days == 1 ? "yesterday" : days < 14 ? days + " days ago" : days / 7 + " weeks ago";
    }
}
