package bemble.server.running;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;

/** A clock that a test moves from day to day. */
public final class MovedClock extends Clock {
    private volatile LocalDate day;

    public MovedClock(LocalDate day) {
        this.day = day;
    }

    public void moveTo(LocalDate other) {
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
