package bemble.core.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a pupil came to stand on one rung: when it was secure by the rule, and when it was asked again.
 *
 * @param secure the times through which it was secure, the earliest first
 * @param returns the days on which answers were given to a rung that had come back
 */
public record RungCourse(List<Span> secure, List<LocalDate> returns) {
    /** Of one who has not tried. */
    public static final RungCourse NONE = new RungCourse(List.of(), List.of());

    public RungCourse {
        secure = List.copyOf(secure);
        returns = List.copyOf(returns);
    }

    /**
     * A time through which a rung was secure.
     *
     * @param from the day it became so
     * @param until the day it was lost; null while it lasts
     */
    public record Span(LocalDate from, @Nullable LocalDate until) {}

    /** Notes turns as they come, day after day. */
    static final class Notes {
        private final List<Span> secure = new ArrayList<>();
        private final List<LocalDate> returns = new ArrayList<>();

        void secure(LocalDate day) {
            secure.add(new Span(day, null));
        }

        void lost(LocalDate day) {
            secure.set(secure.size() - 1, new Span(secure.get(secure.size() - 1).from(), day));
        }

        void cameBack(LocalDate day) {
            returns.add(day);
        }

        RungCourse course() {
            return new RungCourse(secure, returns);
        }
    }
}
