package bemble.server.reports;

import bemble.core.order.WorkOrder;
import bemble.core.practice.Ladder;
import bemble.core.practice.PlainWords;
import bemble.core.practice.Rung;
import bemble.core.print.OwnWork;
import bemble.core.print.TextPages.Drawing;
import bemble.core.print.TextPages.Row;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.progress.Standing;
import bemble.core.progress.State;
import bemble.core.style.HouseStyle;
import bemble.core.writing.WritingPaper;
import bemble.server.log.papers.PupilPapers;
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

    /** @param written the last right working as the child wrote it, where it was at a screen */
    List<Section> sections(Optional<PupilPapers.Own> written) {
        List<Section> sections = new ArrayList<>();
        sections.add(known());
        worksOn().ifPresent(rung -> sections.add(now(rung)));
        own(written).ifPresent(sections::add);
        sections.add(atHome());
        return sections;
    }

    private Section known() {
        Section section = Section.headed("What goes well");
        Map<Operation, List<Rung>> reached = Ladder.all().stream()
                .filter(rung -> pupil.places().state(rung.id()).isReached())
                .collect(Collectors.groupingBy(rung -> rung.wishes().operation(), TreeMap::new, Collectors.toList()));
        if (reached.isEmpty()) {
            return section.say(
                    name + " has begun and is on the way. As soon as something is known for good, it stands here.");
        }
        // The page is one page: of many operations the last step of each is told.
        int each = Math.max(1, MOST_KNOWN / reached.size());
        reached.values().forEach(rungs -> rungs.subList(Math.max(0, rungs.size() - each), rungs.size())
                .forEach(rung -> section.add(new Row(
                        List.of(name + (pupil.places().state(rung.id()) == State.DUE ? " comes back to " : " knows ")
                                + PlainWords.of(rung) + ".",
                                "such as " + style.problem(PlainWords.example(rung).problem())),
                        CELLS))));
        boolean more = reached.values().stream().anyMatch(rungs -> rungs.size() > each);
        return more ? section.say("What is easier than these is known too.") : section;
    }

    /** The one thing being worked on: where most is still wrong, and nothing harder of the same is known. */
    private Optional<Rung> worksOn() {
        return Ladder.all().stream()
                .filter(rung -> pupil.places().state(rung.id()) == State.LEARNING && !isPassedOver(rung))
                .min(Comparator.comparingDouble(rung -> rightShare(pupil.standing(rung.id()))));
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
        section.say(name + " is practising " + PlainWords.of(rung) + ".");
        Optional<Answer> wrong = pupil.answers().stream().filter(answer -> !answer.right() && isOn(rung, answer))
                .reduce((one, other) -> other);
        Problem problem = wrong.map(Answer::problem).orElseGet(() -> PlainWords.example(rung).problem());
        section.say(
                wrong.isPresent() ? "This is one of " + name + "’s own questions, of " + DAY.format(wrong.get().day())
                        + ". We write it like this:" : "We write it like this:");
        section.add(new Drawing(OwnWork.right(paper(problem))));
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

    /** As the child wrote it where that was at a screen; of a sheet on paper only the answer is known. */
    private Optional<Section> own(Optional<PupilPapers.Own> written) {
        Section section = Section.headed(name + "’s own work");
        Optional<Answer> marked = ownPiece();
        if (written.isPresent()) {
            section.say("On " + DAY.format(written.get().day()) + " " + name + " worked this alone, and it is right:");
            section.add(new Drawing(written.get().work()));
        } else if (marked.isPresent()) {
            section.say("On " + DAY.format(marked.get().day()) + " " + name
                    + " worked this alone, and the answer is right. How it was "
                    + "worked stands in the exercise book.");
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

    private Section atHome() {
        Section section = Section.headed("Two minutes at home");
        Optional<String> fact = freshFact();
        if (fact.isPresent()) {
            String asked = fact.get().replace("x", " times ").replace("+", " and ").replace("-", " less ");
            return section.say("Now and then, on the way or at table, ask: how much is " + asked
                    + "? And then: how did you find it? "
                    + "Finding it from one that is known is as good as knowing it.");
        }
        Operation operation = worksOn().map(rung -> rung.wishes().operation()).orElse(Operation.ADDITION);
        return section.say(switch (operation) {
            case ADDITION -> "Lay 27 on the table with 2 sticks for the tens and 7 beans for the ones, and 35 beside it in the same way. Let "
                    + name + " put all together: ten beans are swapped for one stick. Ask: how much is it now?";
            case SUBTRACTION -> "Lay 52 on the table with 5 sticks for the tens and 2 beans for the ones, and ask "
                    + name
                    + " for 17 of it. The beans do not reach: one stick is swapped for ten beans first. Ask: how much is left?";
            case MULTIPLICATION -> "Lay 4 rows, each with one stick for ten and 3 beans. Let " + name
                    + " put them together: ten beans are swapped for one stick. Ask: how much are 4 times 13?";
            case DIVISION -> "Count out 17 buttons or spoons, and put 5 cups on the table. Let " + name
                    + " share them out evenly. Ask: how many are in each cup, and how many are left over?";
            case SQUARE_ROOT -> "Let " + name
                    + " lay 30 beans as a full square, as large as it can be. Ask: how many are in a row, and how "
                    + "many are left over?";
        });
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
