package bemble.server.reports;

import bemble.core.fact.FactText;
import bemble.core.diagnosis.Remedy;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.print.TextPages.Heading;
import bemble.core.print.TextPages.Row;
import bemble.core.problem.Operation;
import bemble.core.progress.Standing;
import bemble.core.progress.State;
import bemble.core.style.Choice;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.PupilWork;
import bemble.server.progress.PupilWork.SlipSeen;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * For who takes a class over: how it was taught, who is where, which habits to know, and each child in a few lines. Whatever is said of a
 * child is counted from that child's answers; a slip seen once is no habit.
 */
final class NextTeacherPage {
    static final String NOBODY_PLACED = "No answer of this class stands on a step yet.";
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final List<Double> CELLS = List.of(0.42, 0.58);
    private static final int MOST_HABITS = 3;
    private static final int LEAST_SEEN = 2;
    private static final int MOST_FACTS = 5;

    private final List<PupilWork> pupils;
    private final HouseStyle style;

    NextTeacherPage(List<PupilWork> pupils, HouseStyle style) {
        this.pupils = pupils;
        this.style = style;
    }

    List<Section> sections() {
        List<Section> sections = new ArrayList<>(List.of(taught()));
        if (pupils.stream().allMatch(pupil -> pupil.answers().isEmpty())) {
            sections.add(Section.plain("where they are").say(NOBODY_PLACED));
            return sections;
        }
        sections.add(where());
        habits().ifPresent(sections::add);
        over().ifPresent(sections::add);
        together().ifPresent(sections::add);
        sections.add(childByChild());
        return sections;
    }

    private Section taught() {
        Section section = Section.headed("How it was taught");
        for (Operation operation : Operation.values()) {
            if (pupils.stream().flatMap(pupil -> pupil.onRungs().stream())
                    .anyMatch(each -> each.rung().wishes().operation() == operation)) {
                section.add(new Row(List.of(operation.title() + ": " + style.method(operation).label(),
                        "checked: " + style.check(operation).label()), CELLS));
            }
        }
        String otherwise = HouseStyle.CHOICES.stream().filter(choice -> !choice.group().equals("Methods"))
                .filter(choice -> !Objects.equals(style.ids().get(choice.id()), choice.usual().id()))
                .map(choice -> choice.title().toLowerCase(Locale.ROOT) + " " + label(choice))
                .collect(Collectors.joining("; "));
        return otherwise.isEmpty() ? section : section.say("Also: " + otherwise + ".");
    }

    private String label(Choice<?> choice) {
        return choice.options().stream().filter(option -> option.id().equals(style.ids().get(choice.id())))
                .map(option -> option.label()).findFirst().orElse("");
    }

    /** Rung by rung, by the furthest that a child knows. */
    private Section where() {
        Section section = Section.headed("Who knows what for good");
        for (Operation operation : Operation.values()) {
            List<PupilWork> tried = pupils.stream().filter(pupil -> pupil.onRungs().stream()
                    .anyMatch(each -> each.rung().wishes().operation() == operation)).toList();
            if (tried.isEmpty()) {
                continue;
            }
            section.add(new Heading(operation.title()));
            Map<Optional<Rung>, List<PupilWork>> furthest = tried.stream().collect(
                    Collectors.groupingBy(pupil -> furthest(pupil, operation), LinkedHashMap::new,
                            Collectors.toList()));
            if (furthest.containsKey(Optional.<Rung>empty())) {
                section.add(new Row(List.of("nothing of it yet", names(furthest.get(Optional.<Rung>empty()))), CELLS));
            }
            Ladder.of(operation).stream().map(Optional::of).filter(furthest::containsKey)
                    .forEach(rung -> section.add(new Row(List.of("as far as " + rung.get().plainWords(),
                            names(furthest.getOrDefault(rung, List.of()))), CELLS)));
        }
        return section;
    }

    private static Optional<Rung> furthest(PupilWork pupil, Operation operation) {
        return Ladder.of(operation).stream().filter(rung -> pupil.places().state(rung.id()).isReached())
                .reduce((one, other) -> other);
    }

    /** What came more than once, and still does: those that most children have. */
    private Optional<Section> habits() {
        Map<KnownSlip, List<PupilWork>> having = new LinkedHashMap<>();
        pupils.forEach(pupil -> current(pupil).forEach(
                seen -> having.computeIfAbsent(seen.slip(), any -> new ArrayList<>()).add(pupil)));
        if (having.isEmpty()) {
            return Optional.empty();
        }
        Section section = Section.headed("Habits to know");
        having.entrySet().stream().sorted(Comparator.comparingInt(each -> -each.getValue().size())).limit(MOST_HABITS)
                .forEach(each -> section.say(title(each.getKey()) + ": " + names(each.getValue()) + ". "
                        + Remedy.of(each.getKey()).say()));
        return Optional.of(section);
    }

    private static List<SlipSeen> current(PupilWork pupil) {
        return pupil.slips().stream().filter(seen -> !seen.history().fading() && pupil.times(seen.slip()) >= LEAST_SEEN)
                .toList();
    }

    private Optional<Section> over() {
        Section section = Section.headed("What was there, and is over or fades");
        pupils.forEach(pupil -> pupil.slips().stream()
                .filter(seen -> seen.history().fading() && pupil.times(seen.slip()) >= LEAST_SEEN)
                .forEach(seen -> section.add(new Row(List.of(pupil.pupil().name() + ": " + seen.slip().name(),
                        seen.history().say()), CELLS))));
        return section.parts().isEmpty() ? Optional.empty() : Optional.of(section);
    }

    /** Children who have the same step before them. */
    private Optional<Section> together() {
        Map<Rung, List<PupilWork>> learning = new LinkedHashMap<>();
        pupils.forEach(pupil -> worksOn(pupil)
                .ifPresent(rung -> learning.computeIfAbsent(rung, any -> new ArrayList<>()).add(pupil)));
        Section section = Section.headed("Who could sit together first");
        Ladder.all().stream().filter(rung -> learning.getOrDefault(rung, List.of()).size() > 1)
                .forEach(rung -> section.add(new Row(List.of(Words.capital(rung.plainWords()),
                        names(learning.getOrDefault(rung, List.of()))), CELLS)));
        return section.parts().isEmpty() ? Optional.empty() : Optional.of(section);
    }

    /** The first step that is being learnt and of which nothing harder is known. */
    private static Optional<Rung> worksOn(PupilWork pupil) {
        return Ladder.all().stream().filter(rung -> pupil.places().state(rung.id()) == State.LEARNING)
                .filter(rung -> {
                    List<Rung> ladder = Ladder.of(rung.wishes().operation());
                    return ladder.subList(ladder.indexOf(rung) + 1, ladder.size()).stream()
                            .noneMatch(harder -> pupil.places().state(harder.id()).isReached());
                }).findFirst();
    }

    private Section childByChild() {
        Section section = Section.headed("Child by child");
        for (PupilWork pupil : pupils) {
            section.add(new Heading(pupil.pupil().name()));
            if (pupil.answers().isEmpty()) {
                section.say("Nothing is marked of " + pupil.pupil().name() + ".");
                continue;
            }
            section.say(Arrays.stream(Operation.values()).map(operation -> of(pupil, operation))
                    .filter(said -> !said.isEmpty()).collect(Collectors.joining(" ")));
            current(pupil).forEach(seen -> section.say(title(seen.slip()) + ": " + seen.history().say() + "."));
            List<String> facts = missed(pupil);
            if (!facts.isEmpty()) {
                section.say("Small sums missed more than once: " + String.join(", ", facts) + ".");
            }
        }
        return section;
    }

    private static String of(PupilWork pupil, Operation operation) {
        Optional<Rung> furthest = furthest(pupil, operation);
        Optional<Rung> learning = Ladder.of(operation).stream()
                .filter(rung -> pupil.places().state(rung.id()) == State.LEARNING).findFirst();
        if (furthest.isEmpty() && learning.isEmpty()) {
            return "";
        }
        String known = furthest.map(rung -> "as far as " + rung.plainWords() + since(pupil.standing(rung.id())))
                .orElse("nothing for good yet");
        String works = learning.map(rung -> "; works on " + rung.plainWords() + share(pupil.standing(rung.id())))
                .orElse("");
        return operation.title() + ": " + known + works + ".";
    }

    private static String since(Standing standing) {
        LocalDate since = standing.since();
        return since == null ? "" : ", since " + DAY.format(since);
    }

    private static String share(Standing standing) {
        return standing.rests().isEmpty() ? ""
                : ", " + standing.right() + " of " + standing.rests().size() + " right";
    }

    private static List<String> missed(PupilWork pupil) {
        Map<String, Long> missed = pupil.answers().stream().filter(answer -> answer.fact() != null)
                .collect(Collectors.groupingBy(Answer::fact, Collectors.counting()));
        return missed.entrySet().stream().filter(each -> each.getValue() > 1)
                .sorted(Map.Entry.<String, Long>comparingByValue().reversed().thenComparing(Map.Entry::getKey))
                .limit(MOST_FACTS)
                .map(each -> FactText.of(each.getKey()))
                .toList();
    }

    private static String title(KnownSlip slip) {
        return Words.capital(slip.name()) + " (" + slip.operation().title().toLowerCase(Locale.ROOT) + ")";
    }

    private static String names(List<PupilWork> some) {
        return some.stream().map(each -> each.pupil().name()).collect(Collectors.joining(", "));
    }
}
