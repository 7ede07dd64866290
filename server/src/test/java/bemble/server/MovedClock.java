package bemble.server;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;

/** A clock that a test moves from day to day. */
final class MovedClock extends Clock {
    private volatile LocalDate day;

    MovedClock(LocalDate day) {
        this.day = day;
    }

    void moveTo(LocalDate other) {
        day = other;
    }

    @Override
    public Instant instant() {
        return day.atTime(LocalTime.NOON).atZone(getZone()).toInstant();
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
