package bemble.server.lesson;

import bemble.core.lesson.LessonDraft;
import bemble.core.plan.Need;
import bemble.core.plan.PlanSheet;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;
import bemble.core.print.LessonPart;
import bemble.core.problem.Refusal;
import bemble.server.classes.Pupil;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.plan.PlanService;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.plan.PlanViews.PlanView;
import bemble.server.sets.printed.PrintedSheets;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds what a lesson is about: a rung, a set, or a group of a week's plan. */
@Component
class LessonSubjects {
    private static final String BETWEEN = "~";
    private static final int USUAL_MINUTES = 45;
    private static final long SHEET_SEED = 7;
    private static final Duration LONGEST = Duration.ofSeconds(2);

    private final PrintedSheets sheets;
    private final PlanService plans;

    LessonSubjects(PrintedSheets sheets, PlanService plans) {
        this.sheets = sheets;
        this.plans = plans;
    }

    /** @throws Missing where there is no such rung, set or group */
    LessonSubject find(TeacherId teacherId, String source) {
        String[] parts = source.split(BETWEEN);
        try {
            return switch (parts[0]) {
                case "rung" -> ofRung(parts[1]);
                case "set" -> ofSet(teacherId, SetId.valueOf(parts[1]));
                case "group" -> ofGroup(teacherId, source);
                default -> throw nothing();
            };
        } catch (IndexOutOfBoundsException | NumberFormatException | DateTimeException unreadable) {
            throw nothing();
        }
    }

    private static Missing nothing() {
        return new Missing("There is no such lesson. Open one from a set, from a step or from the week of a class.");
    }

    private static LessonSubject ofRung(String id) {
        Rung rung = Ladder.find(id).orElseThrow(LessonSubjects::nothing);
        Need need = new Need(Need.Kind.NEXT, id, null);
        List<FeaturedProblem> sheet = PlanSheet.draw(need, need.questions(), SHEET_SEED);
        return new LessonSubject(rung.fullTitle(), rung.news(), List.of(), List.of(), sheet, null, USUAL_MINUTES, null,
                seed -> PlanSheet.draw(need, LessonDraft.WORKED, seed, sheet));
    }

    private LessonSubject ofSet(TeacherId teacherId, SetId id) {
        List<PrintedSheets.Asked> all = sheets.askedIn(teacherId, id);
        if (all.isEmpty()) {
            throw Refusal.of("questions",
                    "This set has no questions yet. Draw some first; the lesson is set out from them.");
        }
        List<FeaturedProblem> alone = read(all, LessonPart.ALONE);
        List<FeaturedProblem> every = all.stream().map(asked -> FeaturedProblem.of(asked.problem())).toList();
        return new LessonSubject(sheets.ofSet(teacherId, id).title(), "", read(all, LessonPart.SHOWN),
                read(all, LessonPart.TOGETHER),
                alone.isEmpty() ? every : alone, null, USUAL_MINUTES, id, seed -> like(every, seed));
    }

    private static List<FeaturedProblem> read(List<PrintedSheets.Asked> all, LessonPart part) {
        return all.stream().filter(asked -> asked.part() == part).map(asked -> FeaturedProblem.of(asked.problem()))
                .toList();
    }

    /** Others as hard as the first of a set; where none can be drawn, its own. */
    private static List<FeaturedProblem> like(List<FeaturedProblem> every, long seed) {
        try {
            return new Draft(Wishes.like(every.get(0).features()), seed).within(LONGEST).draw(LessonDraft.WORKED,
                    every);
        } catch (Refusal tooFew) {
            return every;
        }
    }

    /** Which group of a week is meant. */
    private record OfWeek(ClassId classId, LocalDate day, String kind, String rung, @Nullable String slip) {
        static OfWeek read(String source) {
            String[] parts = source.split(BETWEEN);
            return new OfWeek(ClassId.valueOf(parts[1]), LocalDate.parse(parts[2]), parts[3], parts[4],
                    parts.length > 5 ? parts[5] : null);
        }

        /** The groups that share its sheet on that day; several where one would be too large. */
        List<GroupView> groups(PlanView plan) {
            List<GroupView> groups =
                    plan.days().stream().filter(each -> each.date().equals(day)).flatMap(each -> each.groups().stream())
                            .filter(each -> each.kind().id().equals(kind) && each.rung().equals(rung)
                                    && Objects.equals(each.slip(), slip))
                            .toList();
            if (groups.isEmpty()) {
                throw new Missing(
                        "This group is not in the week's plan any more. Open the lesson from the week of the class.");
            }
            return groups;
        }
    }

    private LessonSubject ofGroup(TeacherId teacherId, String source) {
        OfWeek meant = OfWeek.read(source);
        PlanView plan = plans.plan(teacherId, meant.classId(), meant.day());
        List<GroupView> groups = meant.groups(plan);
        GroupView group = groups.get(0);
        Need need = new Need(group.kind(), meant.rung(), meant.slip());
        List<FeaturedProblem> sheet =
                plans.problems(teacherId, meant.day(), group).stream().map(FeaturedProblem::of).toList();
        String names = groups.stream().flatMap(each -> each.pupils().stream()).map(Pupil::name)
                .collect(Collectors.joining(", "));
        return new LessonSubject(group.sheetTitle(), plan.className() + ": " + names + ". " + group.reason(),
                List.of(), List.of(), sheet, meant.slip(), plan.minutes(), group.setId(),
                seed -> PlanSheet.draw(need, LessonDraft.WORKED, seed, sheet));
    }

    /** Makes the set of what is done alone in a group's lesson; a group's sheet is one for all who need the same. */
    SetId setOfGroup(TeacherId teacherId, String source) {
        OfWeek meant = OfWeek.read(source);
        GroupView group = meant.groups(plans.plan(teacherId, meant.classId(), meant.day())).get(0);
        return plans.setFor(teacherId, meant.classId(), meant.day(), group.key());
    }

    static boolean isOfGroup(String source) {
        return source.startsWith("group" + BETWEEN);
    }
}
