package bemble.server.reports;

import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.practice.HomeTask;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.print.OwnWork;
import bemble.core.print.TextPages.Drawing;
import bemble.core.print.TextPages.Row;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.progress.Evidence;
import bemble.core.progress.Standing;
import bemble.core.progress.State;
import bemble.core.style.HouseStyle;
import bemble.core.writing.WritingPaper;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.PupilWork;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** The page for a talk with parents: for somebody who never taught. No shorthand, no verdict, nothing that did not happen. */
final class ParentsPage {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final List<Double> CELLS = List.of(0.7, 0.3);
    private static final int MOST_KNOWN = 4;
    private static final int FRESH_DAYS = 21;
    /** So many answers show that something was worked on. */
    private static final int WORKED_ON = 4;
    private static final Comparator<Standing> MOST_TO_DO =
            Comparator.comparing((Standing standing) -> standing.rests().size() < WORKED_ON)
                    .thenComparing(ParentsPage::rightShare)
                    .thenComparing(ParentsPage::last, Comparator.reverseOrder());
    private static final int PIECES_TO_CHOOSE_FROM = 8;

    private final PupilWork pupil;
    private final String name;
    private final HouseStyle style;
    private final LocalDate today;

    ParentsPage(PupilWork pupil, HouseStyle style, LocalDate today) {
        this.pupil = pupil;
        this.name = pupil.pupil().name().split(" ")[0];
        this.style = style;
        this.today = today;
    }

    /** @param written the last right working as the child wrote it, at a screen or on a scanned page */
    List<Section> sections(Optional<OwnPiece> written) {
        List<Section> sections = new ArrayList<>();
        sections.add(known());
        worksOn().ifPresent(rung -> sections.add(now(rung)));
        own(written).ifPresent(sections::add);
        atHome().ifPresent(sections::add);
        return sections;
    }

    private Section known() {
        Map<Operation, List<Rung>> reached = Ladder.all().stream()
                .filter(rung -> pupil.places().state(rung.id()).isReached())
                .collect(Collectors.groupingBy(rung -> rung.wishes().operation(), TreeMap::new, Collectors.toList()));
        if (reached.isEmpty()) {
            return soFar();
        }
        Section section = Section.headed("What goes well");
        // The page is one page: of many operations the last step of each is told.
        int each = Math.max(1, MOST_KNOWN / reached.size());
        reached.values().forEach(rungs -> rungs.subList(Math.max(0, rungs.size() - each), rungs.size())
                .forEach(rung -> section.add(new Row(
                        List.of(name + " knows " + rung.plainWords()
                                + (pupil.places().state(rung.id()) == State.DUE ? "; we look again whether it stayed."
                                        : "."),
                                "such as " + style.problem(rung.example().problem())),
                        CELLS))));
        boolean more = reached.values().stream().anyMatch(rungs -> rungs.size() > each);
        return more ? section.say("What is easier than these is known too.") : section;
    }

    /** Of one who knows nothing for good yet: what was seen, and no more than that. */
    private Section soFar() {
        List<Answer> alone = pupil.answers().stream().filter(Answer::alone).toList();
        Optional<LocalDate> last = alone.stream().filter(Answer::right).map(Answer::day).max(Comparator.naturalOrder());
        if (last.isEmpty()) {
            return Section.headed("What was seen so far").say(pupil.answers().isEmpty()
                    ? name + " was not here for the sheets that are marked. We look at it together."
                    : alone.isEmpty()
                            ? name + " has worked with help so far. We look at it together, one step at a time."
                            : "Of " + alone.size() + " marked answers none was right yet. We look at it together, "
                                    + "one step at a time.");
        }
        List<Answer> ofDay = alone.stream().filter(answer -> answer.day().equals(last.get())).toList();
        long right = ofDay.stream().filter(Answer::right).count();
        return Section.headed("What goes well").say("On " + DAY.format(last.get()) + " "
                + (right < ofDay.size() ? right + " of " + ofDay.size() + " marked answers"
                        : right == 1 ? "the one marked answer"
                                : "all " + right + " marked answers")
                + (ofDay.size() == 1 ? " was" : " were")
                + " right, worked alone. As soon as something is known for good, it stands here.");
    }

    /**
     * The one thing being worked on: where most is still wrong, of late if all is right, and nothing harder of the same is known. What
     * came up in a question or two is worked on only where there is nothing else.
     */
    private Optional<Rung> worksOn() {
        return Ladder.all().stream()
                .filter(rung -> pupil.places().state(rung.id()) == State.LEARNING && !isPassedOver(rung))
                .min(Comparator.comparing(rung -> pupil.standing(rung.id()), MOST_TO_DO));
    }

    private static LocalDate last(Standing standing) {
        return standing.rests().stream().map(Evidence::day).max(Comparator.naturalOrder()).orElse(LocalDate.MIN);
    }

    private boolean isPassedOver(Rung rung) {
        List<Rung> ladder = Ladder.of(rung.wishes().operation());
        return ladder.subList(ladder.indexOf(rung) + 1, ladder.size()).stream()
                .anyMatch(higher -> pupil.places().state(higher.id()).isReached());
    }

    private static double rightShare(Standing standing) {
        return standing.rests().isEmpty() ? 1 : (double) standing.right() / standing.rests().size();
    }

    private Section now(Rung rung) {
        Section section = Section.headed("What " + name + " works on now");
        section.say(name + " is practising " + rung.plainWords() + ".");
        Optional<Answer> wrong = pupil.answers().stream().filter(answer -> !answer.right() && isOn(rung, answer))
                .reduce((one, other) -> other);
        Problem problem = wrong.map(Answer::problem).orElseGet(() -> rung.example().problem());
        section.say(
                wrong.isPresent() ? "This is one of " + name + "’s own questions, of " + DAY.format(wrong.get().day())
                        + ". We write it like this:" : "We write it like this:");
        section.add(new Drawing(OwnWork.right(paper(problem))));
        section.say(OtherWays.line(Methods.find(problem, null, style).name()));
        return section.say("Let " + name + " tell you, column by column, what happens here and why.");
    }

    private boolean isOn(Rung rung, Answer answer) {
        Standing standing = pupil.standing(rung.id());
        return standing.rests().stream().anyMatch(each -> answer.is(each.source()));
    }

    private WritingPaper paper(Problem problem) {
        return WritingPaper.of(new WorkOrder(problem, null, style, null), false,
                false);
    }

    /** As the child wrote it where that was at a screen or on a scanned page; of another sheet only the answer is known. */
    private Optional<Section> own(Optional<OwnPiece> written) {
        Section section = Section.headed(name + "’s own work");
        Optional<Answer> marked = ownPiece();
        if (written.isPresent()) {
            section.say("On " + DAY.format(written.get().day()) + " " + name + " worked this alone, and it is right:");
            section.add(written.get().shown());
        } else if (marked.isPresent()) {
            section.say("On " + DAY.format(marked.get().day()) + " " + name
                    + " worked this alone, and the answer is right.");
            section.add(new Drawing(OwnWork.answerOnly(paper(marked.get().problem()))));
        } else {
            return Optional.empty();
        }
        pupil.answers().stream()
                .filter(answer -> !answer.correction().isEmpty() && answer.day().isAfter(today.minusDays(FRESH_DAYS)))
                .reduce((one, other) -> other)
                .ifPresent(answer -> section.say("Later " + name + " looked at " + style.problem(answer.problem())
                        + " once more and put it right: " + style.answer(answer.correction()) + "."));
        return Optional.of(section);
    }

    /** One of the last answers that came out right alone; not the same question on the page of everybody. */
    private Optional<Answer> ownPiece() {
        List<Answer> right = pupil.answers().stream().filter(answer -> answer.right() && answer.alone()).toList();
        List<Answer> last = right.subList(Math.max(0, right.size() - PIECES_TO_CHOOSE_FROM), right.size());
        return last.isEmpty() ? Optional.empty()
                : Optional.of(last.get((int) (pupil.pupil().id().value() % last.size())));
    }

    /** A fact that is shaky, else the step that is worked on or was reached last; nothing where none was seen. */
    private Optional<Section> atHome() {
        Section section = Section.headed("Two minutes at home");
        Optional<String> fact = freshFact();
        if (fact.isPresent()) {
            String asked = fact.get().replace("x", " times ").replace("+", " and ").replace("-", " less ")
                    .replace("/", " shared among ");
            return Optional.of(section.say("Now and then, on the way or at table, ask: how much is " + asked
                    + "? And then: how did you find it? Finding it from one that is known is as good as knowing it."));
        }
        List<Rung> known = Ladder.all().stream().filter(rung -> pupil.places().state(rung.id()).isReached()).toList();
        return worksOn().or(() -> known.isEmpty() ? Optional.empty() : Optional.of(known.get(known.size() - 1)))
                .map(rung -> section.say(HomeTask.of(rung, name)));
    }

    /** A small sum that was missed at least twice in the last weeks; once, a while ago, is no task. */
    private Optional<String> freshFact() {
        Map<String, Long> missed = pupil.answers().stream().filter(answer -> answer.fact() != null
                && answer.day().isAfter(today.minusDays(FRESH_DAYS)))
                .collect(Collectors.groupingBy(Answer::fact, Collectors.counting()));
        return missed.entrySet().stream().filter(each -> each.getValue() > 1).max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }
}
