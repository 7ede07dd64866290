package bemble.server.account;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.Set;

/** The days and hours of the demo school, counted back from today: there are lessons on weekdays, in the morning. */
public final class DemoCalendar {
    private static final Set<DayOfWeek> WEEKEND = Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);

    private DemoCalendar() {}

    /**
     * A lesson of the past.
     *
     * @param weeksAgo 1 for the last whole week; at a weekend the week that has just ended
     * @param weekday 1 for Monday to 5 for Friday
     */
    public static LocalDate day(Clock clock, int weeksAgo, int weekday) {
        LocalDate today = LocalDate.now(clock);
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        LocalDate next = WEEKEND.contains(today.getDayOfWeek()) ? monday.plusWeeks(1) : monday;
        return next.minusWeeks(weeksAgo).plusDays(weekday - 1L);
    }

    /** A time of that day, where the school is. */
    public static OffsetDateTime at(Clock clock, LocalDate day, LocalTime time) {
        return day.atTime(time).atZone(clock.getZone()).toOffsetDateTime();
    }
}
