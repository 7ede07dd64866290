package bemble.core.progress;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Follows one pupil on one rung through the days, and says how they stand. Each day is judged once, when it is over, so
 * that ten answers in one sitting count as one sitting. A day without answers changes nothing: absence counts against
 * nobody, what is due only waits.
 */
public final class Progress {
    private final SecureRule rule;
    private final List<Quiz> quizzes;
    /** The answers since the rung was last begun anew. */
    private final List<Evidence> window = new ArrayList<>();
    /** Those since it came back. */
    private final List<Evidence> retried = new ArrayList<>();
    private final RungCourse.Notes notes = new RungCourse.Notes();
    private boolean secure;
    private boolean lost;
    private int returns;
    private LocalDate since;
    private @Nullable LocalDate dueOn;

    private Progress(SecureRule rule, List<Quiz> quizzes, LocalDate since) {
        this.rule = rule;
        this.quizzes = quizzes;
        this.since = since;
    }

    /**
     * Judges the answers of one pupil on one rung.
     *
     * @param answers in any order; what was helped with is passed over
     * @param quizzes those on this rung, in any order; their answers are among the answers too
     * @param chance whether questions of this rung can give the usual slips a chance at all; where none can, none is asked for
     */
    public static Standing of(List<Evidence> answers, List<Quiz> quizzes, boolean chance, LocalDate today,
            SecureRule rule) {
        Map<LocalDate, List<Evidence>> days = answers.stream().filter(each -> !each.day().isAfter(today))
                .sorted(Comparator.comparing(Evidence::day))
                .collect(Collectors.groupingBy(Evidence::day, TreeMap::new, Collectors.toList()));
        if (days.isEmpty()) {
            return Standing.NONE;
        }
        Progress progress = new Progress(rule, quizzes, days.keySet().iterator().next());
        days.forEach((day, all) -> progress.day(day, all.stream().filter(Evidence::alone).toList(), chance));
        return progress.standing(quizzes.stream().filter(quiz -> !quiz.day().isAfter(today))
                .max(Comparator.comparing(Quiz::day)).filter(progress::stillCounts).orElse(null), today);
    }

    /** A quiz is settled by what came later: the rung was secure then or lost, or a turn went well after one not passed. */
    private boolean stillCounts(Quiz quiz) {
        boolean changedSince = (secure || lost) && !since.isBefore(quiz.day());
        return !changedSince && (quiz.isPassed() || !wentWellAfter(quiz.day()));
    }

    private void day(LocalDate day, List<Evidence> answers, boolean chance) {
        if (answers.isEmpty()) {
            return;
        }
        window.addAll(answers);
        if (!secure) {
            if (isSecure(day, chance)) {
                secure = true;
                notes.secure(day);
                lost = false;
                since = day;
                returns = 0;
                dueOn = day.plusWeeks(rule.gapsWeeks().get(0));
            }
            return;
        }
        if (day.isBefore(dueOn)) {
            if (window.size() >= rule.of() && right(last(rule.of())) < rule.lostBelow()) {
                lose(day);
            }
            return;
        }
        if (retried.isEmpty()) {
            notes.cameBack(day);
        }
        retried.addAll(answers);
        if (retried.size() >= rule.retry()) {
            long right = right(retried.subList(0, rule.retry()));
            retried.clear();
            if (right == rule.retry()) {
                returns++;
                dueOn = day.plusWeeks(rule.gapsWeeks().get(Math.min(returns, rule.gapsWeeks().size() - 1)));
            } else if (right == rule.retry() - 1) {
                dueOn = day.plusDays(1);
            } else {
                lose(day);
            }
        }
    }

    /** What was right before the skill was lost does not help to have it back. */
    private void lose(LocalDate day) {
        secure = false;
        notes.lost(day);
        lost = true;
        since = day;
        dueOn = null;
        window.removeIf(each -> each.day().isBefore(day));
        retried.clear();
    }

    private boolean isSecure(LocalDate day, boolean chance) {
        List<Evidence> looked = looked();
        List<Evidence> last = last(rule.of());
        boolean overAWeek = days(looked) >= rule.apartDays() && right(looked) >= enough(looked.size())
                && isFree(last(Math.max(looked.size(), rule.freeOf()))) && hasChances(looked, chance);
        return looked.size() >= rule.of()
                && (overAWeek || hasChances(last, chance) && right(last) >= rule.right() && isFree(last)
                        && (isRow() || isTested(day)));
    }

    private boolean hasChances(List<Evidence> looked, boolean chance) {
        return !chance || looked.stream().filter(Evidence::chance).count() >= rule.chances();
    }

    /** Whether no slip stands in these that right ones of now do not outweigh. */
    private boolean isFree(List<Evidence> looked) {
        LocalDate now = looked.get(looked.size() - 1).day();
        for (int i = 0; i < looked.size(); i++) {
            boolean outweighed = looked.get(i).day().isBefore(now.minusDays(rule.oldDays() - 1))
                    && right(looked.subList(i + 1, looked.size())) >= rule.sinceSlip();
            if (looked.get(i).cause() != null && !outweighed) {
                return false;
            }
        }
        return true;
    }

    /** So many right in a row on two days at least, of one of whom no slip was ever seen here. */
    private boolean isRow() {
        List<Evidence> row = last(rule.row());
        return !lost && row.size() == rule.row() && right(row) == rule.row() && days(row) > 0
                && window.stream().noneMatch(each -> each.cause() != null);
    }

    /** Whether a quiz was passed without a slip, since the rung was last begun anew. */
    private boolean isTested(LocalDate day) {
        return quizzes.stream().anyMatch(quiz -> quiz.isPassed() && quiz.slip() == null && quiz.of() >= rule.of() / 2
                && !quiz.day().isAfter(day) && !quiz.day().isBefore(window.get(0).day()));
    }

    /** The last ten, or as many more as reach back a week: who works on a rung daily does not wait for ever. */
    private List<Evidence> looked() {
        int count = Math.min(rule.of(), window.size());
        while (count < window.size() && days(last(count)) < rule.apartDays()) {
            count++;
        }
        // Of the day that is reached back to, all of it.
        while (count > rule.of() && count < window.size()
                && last(count + 1).get(0).day().equals(last(count).get(0).day())) {
            count++;
        }
        return last(count);
    }

    private long enough(int answers) {
        return (long) Math.ceil((double) answers * rule.right() / rule.of());
    }

    private List<Evidence> last(int count) {
        return window.subList(Math.max(0, window.size() - count), window.size());
    }

    private static long right(List<Evidence> answers) {
        return answers.stream().filter(Evidence::right).count();
    }

    private static long days(List<Evidence> answers) {
        return ChronoUnit.DAYS.between(answers.get(0).day(), answers.get(answers.size() - 1).day());
    }

    /** The cause that came twice in the last ten, unless a turn of six since it was last seen went well. */
    private @Nullable String shows() {
        List<Evidence> last = last(rule.of());
        Map<String, Long> causes = last.stream().filter(each -> each.cause() != null)
                .collect(Collectors.groupingBy(Evidence::cause, TreeMap::new, Collectors.counting()));
        return causes.entrySet().stream().filter(each -> each.getValue() >= rule.same())
                .filter(each -> !isOver(each.getKey()))
                .max(Map.Entry.<String, Long>comparingByValue()).map(Map.Entry::getKey).orElse(null);
    }

    private boolean isOver(String cause) {
        LocalDate seen = window.stream().filter(each -> cause.equals(each.cause())).reduce((one, other) -> other)
                .orElseThrow().day();
        return wentWellAfter(seen);
    }

    private boolean wentWellAfter(LocalDate day) {
        List<Evidence> after = window.stream().filter(each -> each.day().isAfter(day)).toList();
        return after.size() >= rule.again() && right(after.subList(0, rule.again())) >= rule.againRight();
    }

    private Standing standing(@Nullable Quiz quiz, LocalDate today) {
        List<Evidence> rests = List.copyOf(secure ? last(rule.of()) : looked());
        if (rests.isEmpty()) {
            return new Standing(State.LEARNING, "Everything marked so far was done with help.", since, null, null,
                    rests, null, false, notes.course());
        }
        String tested = quiz == null ? "" : " " + quiz.say();
        String counted = right(rests) + " of the last " + rests.size() + " right";
        if (!secure) {
            String shows = shows();
            String why = lost ? "It was secure and is no longer. " : "";
            LocalDate back = quiz != null && quiz.isPassed()
                    ? rests.get(rests.size() - 1).day().plusWeeks(rule.gapsWeeks().get(0)) : null;
            return new Standing(State.LEARNING, why + counted + missing(rests) + "." + tested, since, back, shows,
                    rests, quiz,
                    back != null && !today.isBefore(back), notes.course());
        }
        boolean due = !today.isBefore(dueOn);
        String kept = returns == 0 ? "" : ", kept over " + (returns == 1 ? "one return" : returns + " returns");
        return new Standing(due ? State.DUE : State.SECURE,
                counted + kept + (due ? "; it comes back now." : ".") + tested, since, dueOn,
                shows(), rests, quiz, due, notes.course());
    }

    private String missing(List<Evidence> rests) {
        if (rests.size() < rule.of()) {
            return "; " + (rule.of() - rests.size()) + " more answers are wanted";
        }
        if (right(rests) < enough(rests.size())) {
            return "; secure is " + enough(rests.size()) + " of " + rests.size();
        }
        if (!isFree(last(Math.max(rests.size(), rule.freeOf())))) {
            return "; a slip was seen in them";
        }
        return days(rests) < rule.apartDays() ? "; a day a week later is wanted, or a quiz passed"
                : "; too few of them gave the usual slips a chance";
    }
}
