package bemble.server.plan;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.Stages;
import bemble.core.print.ink.Page;
import bemble.server.classes.Pupil;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.plan.PlanViews.PlanView;
import bemble.server.plan.PlanViews.SeatView;
import bemble.server.print.Report;
import bemble.server.sets.printed.NamedSheets;
import bemble.server.style.StyleService;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * All sheets of a day as one print, each with its pupil's name, in the order in which they are handed out. Before the sheet of who
 * catches up is a page with what the others were shown.
 */
@Service
class DaySheets {
    private final PlanService plans;
    private final NamedSheets sheets;
    private final StyleService styles;

    DaySheets(PlanService plans, NamedSheets sheets, StyleService styles) {
        this.plans = plans;
        this.sheets = sheets;
        this.styles = styles;
    }

    /** In which order sheets are handed out: as the class is called, or group after group as they sit together. */
    enum Order {
        REGISTER,
        GROUPS
    }

    /** A sheet for a pupil. */
    private record Handed(Pupil pupil, GroupView group) {
        boolean catchesUp() {
            return group.pupilsOf(SeatView::catchesUp).contains(pupil);
        }
    }

    /** @param twice who has a sheet of each of several groups */
    record ToPrint(@NotNull int sheets, @NotNull List<String> twice) {}

    /**
     * Makes the sets that are missing.
     *
     * @return how many sheets there are to print
     * @throws Missing where nothing is planned for that day
     */
    ToPrint make(TeacherId teacherId, ClassId classId, LocalDate day) {
        groups(teacherId, classId, day).forEach(group -> plans.setFor(teacherId, classId, day, group.key()));
        List<Handed> handed = handed(teacherId, classId, day, Order.GROUPS);
        Map<String, Long> sheetsOf = handed.stream().collect(
                Collectors.groupingBy(each -> each.pupil().name(), TreeMap::new, Collectors.counting()));
        return new ToPrint(handed.size(), sheetsOf.entrySet().stream().filter(entry -> entry.getValue() > 1)
                .map(Map.Entry::getKey).toList());
    }

    /** The print; the sets have been made before. */
    Report print(TeacherId teacherId, ClassId classId, LocalDate day, Order order) {
        Map<SetId, String> codes = new HashMap<>();
        List<Page> pages = new ArrayList<>();
        for (Handed handed : handed(teacherId, classId, day, order)) {
            String code = codes.computeIfAbsent(Objects.requireNonNull(handed.group().setId()),
                    set -> sheets.freeze(teacherId, set));
            if (handed.catchesUp()) {
                pages.add(Stages.of(Worked.from(new WorkOrder(plans.shown(teacherId, day, handed.group()), null,
                        styles.of(teacherId), null)), handed.pupil().name()));
            }
            pages.addAll(sheets.pages(teacherId, code, handed.pupil().id(), handed.pupil().name()));
        }
        if (pages.isEmpty()) {
            throw new Missing("No sheet of that day is made yet. Print it from the week of the class.");
        }
        return new Report("Sheets of " + day, pages);
    }

    private List<GroupView> groups(TeacherId teacherId, ClassId classId, LocalDate day) {
        PlanView plan = plans.plan(teacherId, classId, day);
        List<GroupView> groups =
                plan.days().stream().filter(each -> each.date().equals(day)).flatMap(each -> each.groups().stream())
                        .filter(group -> !group.pupils().isEmpty()).toList();
        if (groups.isEmpty()) {
            throw new Missing("Nothing is planned for that day. Choose a day of the week's plan.");
        }
        return groups;
    }

    private List<Handed> handed(TeacherId teacherId, ClassId classId, LocalDate day, Order order) {
        List<GroupView> groups =
                groups(teacherId, classId, day).stream().filter(group -> group.setId() != null).toList();
        if (order == Order.GROUPS) {
            return groups.stream()
                    .flatMap(group -> group.pupils().stream().map(pupil -> new Handed(pupil, group))).toList();
        }
        return plans.register(teacherId, classId).stream().flatMap(pupil -> groups.stream()
                .filter(group -> group.pupils().contains(pupil)).map(group -> new Handed(pupil, group)))
                .toList();
    }
}
