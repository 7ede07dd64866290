package bemble.server.reports;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.plan.Seat;
import bemble.core.practice.Ladder;
import bemble.core.print.HowWeWriteIt;
import bemble.core.print.TextPages.Row;
import bemble.core.print.ink.Page;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.server.classes.Pupil;
import bemble.server.plan.PlanViews.GroupView;
import bemble.server.plan.PlanViews.SeatView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** A day's lesson for somebody who was not there before: enough with nothing else in hand, and nothing of anybody's past. */
final class StandInPage {
    private static final List<Double> QUESTIONS = List.of(0.06, 0.27, 0.17, 0.06, 0.27, 0.17);

    private final List<GroupView> groups;
    private final HouseStyle style;

    StandInPage(List<GroupView> groups, HouseStyle style) {
        this.groups = groups;
        this.style = style;
    }

    /** @param problems the questions of a group's sheet */
    List<Section> sections(Function<GroupView, List<Problem>> problems) {
        List<Section> sections = new ArrayList<>();
        if (groups.isEmpty()) {
            sections.add(Section.plain("the day")
                    .say("Nothing is planned for this day. The week of the class shows which days have a lesson."));
            return sections;
        }
        int minutes = groups.stream().mapToInt(GroupView::minutes).max().orElse(0);
        Section lesson = Section.headed("The lesson");
        lesson.say("Everybody has a sheet of their own kind; the longest takes about " + minutes
                + " minutes. Hand out, let the groups sit "
                + "together, and begin with the group named first below while the others work alone.");
        groups.stream().filter(group -> group.withYou() != null)
                .sorted(Comparator.comparing(group -> Objects.requireNonNull(group.withYou()).from()))
                .forEach(group -> lesson.say(sitting(group)));
        sections.add(lesson);
        Map<List<String>, List<GroupView>> sheets = groups.stream()
                .collect(Collectors.groupingBy(group -> List.of(group.rung(),
                        String.valueOf(group.questions()), String.valueOf(group.slip())), LinkedHashMap::new,
                        Collectors.toList()));
        sheets.values().forEach(sharing -> sections.add(sheet(sharing, problems.apply(sharing.get(0)))));
        CheckKind check = style.check(operation(groups.get(0)));
        sections.add(Section.headed("Whoever is done early").say("Checks each answer (" + check.label()
                + "), then makes up two questions of "
                + "the same kind for a neighbour, with the answers on the back. Nobody has to begin anything new."));
        return sections;
    }

    private static String sitting(GroupView group) {
        int from = Objects.requireNonNull(group.withYou()).from();
        return (from == 0 ? "Sit with: " : "From minute " + from + " sit with: ") + names(group.pupils())
                + ". Work the first question with them aloud, let them do the next, then leave them to it.";
    }

    private Section sheet(List<GroupView> sharing, List<Problem> problems) {
        GroupView first = sharing.get(0);
        Section section = Section.headed(first.sheetTitle() + ": " + first.questions() + " questions, about "
                + first.minutes() + " minutes");
        for (GroupView group : sharing) {
            section.say((group.pupils().size() == 1 ? "For " : "Together: ") + names(group.pupils()) + ".");
            said(section, group, seat -> seat.why() == Seat.Why.JOINS,
                    "can do it already and may explain it to a neighbour");
            said(section, group, SeatView::catchesUp,
                    "was not there when it was shown: looks at the page with how it is worked first");
        }
        sharing.stream().map(GroupView::watch).filter(watch -> !watch.isEmpty()).distinct()
                .forEach(watch -> section.say("Watch for: " + watch));
        section.say("Questions, each with its answer:");
        for (int i = 0; i < problems.size(); i += 2) {
            List<String> cells = new ArrayList<>();
            for (int j = i; j < i + 2; j++) {
                cells.addAll(j < problems.size()
                        ? List.of(j + 1 + ".", style.problem(problems.get(j)), answer(problems.get(j)))
                        : List.of("", "", ""));
            }
            section.add(new Row(cells, QUESTIONS));
        }
        return section;
    }

    /** What is to be known of some of a group today; nothing of anybody's past beyond it. */
    private static void said(Section section, GroupView group, Predicate<SeatView> some, String words) {
        List<Pupil> pupils = group.pupilsOf(some);
        if (!pupils.isEmpty()) {
            section.say(names(pupils) + ": " + words + ".");
        }
    }

    private String answer(Problem problem) {
        return Worked.from(new WorkOrder(problem, null, style, null)).answer()
                .text();
    }

    private static String names(List<Pupil> pupils) {
        return pupils.stream().map(Pupil::name).collect(Collectors.joining(", "));
    }

    private static Operation operation(GroupView group) {
        return Ladder.find(group.rung()).orElseThrow().wishes().operation();
    }

    /** How every operation of the day is written here; it stands behind the lesson. */
    List<Page> howWeWriteIt(Map<String, String> cues) {
        return groups.stream().map(StandInPage::operation).distinct().flatMap(operation -> HowWeWriteIt.pages(
                ProblemText.kept(HowWeWriteIt.example(operation)), style, cues).stream())
                .toList();
    }
}
