package bemble.server.glance;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.progress.RungCourse;
import bemble.core.style.HouseStyle;
import bemble.server.glance.StepsView.StepLine;
import bemble.server.glance.StepsView.SeenSlip;
import bemble.server.glance.StepsView.SecureSpan;
import bemble.server.glance.StepsView.StepAnswer;
import bemble.server.glance.StepsView.WeekMark;
import bemble.server.glance.StepsView.SaidWord;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.PupilWork;
import bemble.server.progress.PupilWork.OnRung;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** Sets answers out through some weeks, which end with a Sunday. */
final class Steps {
    static final int WEEKS = 8;
    static final int MOST_YEARS = 20;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final int WEEK_DAYS = 7;
    private static final int DAYS = WEEKS * WEEK_DAYS;

    private final LocalDate from;
    private final LocalDate today;
    private final HouseStyle style;
    /** @param until a day in the last of the weeks */
    Steps(LocalDate until, LocalDate today, HouseStyle style) {
        from = until.with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY)).minusDays(DAYS - 1L);
        this.today = today;
        this.style = style;
    }

    /** A line that is asked for: whose, on which rung, and what it is called. */
    record Wanted(PupilWork pupil, OnRung rung, String title) {}

    StepsView of(List<Wanted> wanted) {
        Map<String, Integer> times = new LinkedHashMap<>();
        wanted.stream().flatMap(this::shown).forEach(answer -> slip(answer.pupil(), answer.answer())
                .ifPresent(name -> times.merge(name, 1, Integer::sum)));
        List<String> slips = times.entrySet().stream().sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .map(Map.Entry::getKey).toList();
        List<LocalDate> days =
                wanted.stream().flatMap(each -> each.rung().answers().stream()).map(Answer::day).toList();
        List<WeekMark> weeks = new ArrayList<>();
        for (int at = 0; at < DAYS; at += WEEK_DAYS) {
            weeks.add(new WeekMark(at, from.plusDays(at)));
        }
        return new StepsView(from, DAYS, weeks, wanted.stream().map(each -> line(each, slips)).toList(),
                slips.stream().map(name -> new SeenSlip(name, Objects.requireNonNull(times.get(name)))).toList(),
                days.stream().anyMatch(day -> day.isBefore(from)) ? from.minusDays(1) : null,
                days.stream().anyMatch(day -> at(day) >= DAYS) ? from.plusDays(2L * DAYS - 1) : null);
    }

    private record Shown(PupilWork pupil, Answer answer) {}

    private Stream<Shown> shown(Wanted wanted) {
        return wanted.rung().answers().stream().filter(answer -> isShown(answer.day()))
                .map(answer -> new Shown(wanted.pupil(), answer));
    }

    private boolean isShown(LocalDate day) {
        return at(day) >= 0 && at(day) < DAYS;
    }

    private int at(LocalDate day) {
        return (int) ChronoUnit.DAYS.between(from, day);
    }

    private static Optional<String> slip(PupilWork pupil, Answer answer) {
        return answer.right() ? Optional.empty() : pupil.knownSlip(answer).map(KnownSlip::name);
    }

    private StepLine line(Wanted wanted, List<String> slips) {
        OnRung on = wanted.rung();
        Map<LocalDate, Integer> ofDay = new HashMap<>();
        List<StepAnswer> answers = shown(wanted).map(Shown::answer).map(answer -> new StepAnswer(at(answer.day()),
                ofDay.merge(answer.day(), 1, Integer::sum) - 1, answer.right(), answer.alone(),
                slip(wanted.pupil(), answer).map(slips::indexOf).orElse(null), answer.marking(),
                said(wanted.pupil(), answer))).toList();
        List<SecureSpan> secure = on.course().secure().stream().map(this::span).filter(span -> span.until() > span.at())
                .toList();
        SaidWord said = on.said() == null || !isShown(on.said().day()) ? null
                : new SaidWord(at(on.said().day()), on.said().state());
        return new StepLine(wanted.title(), on.rung().wishes().operation(), on.rung().id(), wanted.pupil().pupil().id(),
                inWords(wanted, answers, slips), answers, secure,
                on.course().returns().stream().filter(this::isShown).map(this::at).toList(), said);
    }

    private SecureSpan span(RungCourse.Span span) {
        LocalDate end = span.until() == null ? today.plusDays(1) : span.until();
        return new SecureSpan(Math.max(0, at(span.from())), Math.min(DAYS, at(end)));
    }

    private String said(PupilWork pupil, Answer answer) {
        String question = answer.title() + ", question " + answer.question() + ": " + style.problem(answer.problem());
        String helped = answer.alone() ? "" : ", with help";
        return answer.right() ? question + ", right" + helped
                : question + ", answered " + style.answer(answer.given())
                        + slip(pupil, answer).map(name -> ": " + name).orElse("") + helped;
    }

    private String inWords(Wanted wanted, List<StepAnswer> answers, List<String> slips) {
        if (answers.isEmpty()) {
            return wanted.title() + ": no answers in these weeks" + standing(wanted) + ".";
        }
        long right = answers.stream().filter(StepAnswer::right).count();
        Map<Integer, Integer> seen = new LinkedHashMap<>();
        answers.stream().map(StepAnswer::slip).filter(Objects::nonNull)
                .forEach(slip -> seen.merge(slip, 1, Integer::sum));
        Function<Map.Entry<Integer, Integer>, String> counted =
                each -> ", " + slips.get(each.getKey()) + " " + times(each.getValue());
        return wanted.title() + ": " + right + " of " + answers.size() + " right"
                + String.join("", seen.entrySet().stream().map(counted).toList()) + standing(wanted) + ".";
    }

    private static String times(int times) {
        return times == 1 ? "once" : times + " times";
    }

    private static String standing(Wanted wanted) {
        OnRung on = wanted.rung();
        return wanted.pupil().places().state(on.rung().id()).isReached() ? "; secure" + since(on.course()) : "";
    }

    private static String since(RungCourse course) {
        return course.secure().isEmpty() || course.secure().get(course.secure().size() - 1).until() != null ? ""
                : " since " + DAY.format(course.secure().get(course.secure().size() - 1).from());
    }
}
