package bemble.core.plan;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Coded;
import bemble.core.problem.Operation;
import bemble.core.progress.Place;
import bemble.core.progress.SecureRule;
import bemble.core.progress.State;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a pupil should do: a rung that comes back, one that comes again for a slip or after a quiz, the next one, or more on one that
 * they can do.
 *
 * @param slip the slip for which a rung comes again, null where most was wrong for no one reason; after a quiz the one seen in it
 */
public record Need(Kind kind, String rung, @Nullable String slip) {
    private static final int NEXT_QUESTIONS = 10;
    private static final int EXTEND_QUESTIONS = 4;
    private static final int LONGEST = 16;
    /** From so many answers on it can be said that most were wrong. */
    private static final int FEW = 4;

    /** Who needs a teacher beside them most: what goes wrong before what is new, and what is new before what comes back. */
    public static final Comparator<Need> NEEDS_TEACHER =
            Comparator.comparing(
                    need -> List.of(Kind.AGAIN, Kind.QUIZ, Kind.NEXT, Kind.RETRY, Kind.EXTEND).indexOf(need.kind()));

    /** Why something is to be done, the most pressing first: what goes wrong, then what is not to be forgotten, then what is new. */
    public enum Kind implements Coded {
        AGAIN,
        QUIZ,
        RETRY,
        NEXT,
        EXTEND;
    }

    /**
     * What a pupil needs. Each operation has its own order of rungs: on every one that was begun there is something to do, and
     * nobody goes past a rung that still fails. The next operation begins when nothing is left on those begun.
     *
     * @param topics the ids of rungs in the teacher's order
     */
    public static List<Need> of(PlannedPupil pupil, List<String> topics) {
        List<Need> needs = new ArrayList<>();
        pupil.places().forEach((rung, place) -> {
            if (place.due()) {
                needs.add(new Need(Kind.RETRY, rung, null));
            }
        });
        List<Need> begun = new ArrayList<>();
        List<Need> fresh = new ArrayList<>();
        strands(topics).forEach(rungs -> onStrand(pupil, rungs).ifPresent(
                (rungs.stream().anyMatch(rung -> pupil.on(rung).state() != State.NOT_TRIED) ? begun : fresh)::add));
        needs.addAll(begun.isEmpty() ? fresh.subList(0, Math.min(1, fresh.size())) : begun);
        if (needs.isEmpty() && !topics.isEmpty()) {
            needs.add(new Need(Kind.EXTEND, topics.get(topics.size() - 1), null));
        }
        return needs;
    }

    /**
     * What goes wrong for a pupil and must wait, since something that comes before it in the teacher's order is not done with, or since
     * it is no topic of the term: the rungs' ids.
     */
    static List<String> waiting(PlannedPupil pupil, List<String> topics) {
        List<String> now = of(pupil, topics).stream().map(Need::rung).toList();
        return pupil.places().entrySet().stream()
                .filter(each -> each.getValue().shows() != null || fails(each.getValue()) && !each.getValue().movesOn())
                .map(Map.Entry::getKey).filter(rung -> !now.contains(rung) && Ladder.find(rung).isPresent()).sorted()
                .toList();
    }

    /** The topics of each operation, in the teacher's order. */
    private static Collection<List<String>> strands(List<String> topics) {
        Map<Operation, List<String>> strands = new LinkedHashMap<>();
        topics.forEach(rung -> strands.computeIfAbsent(operation(rung), any -> new ArrayList<>()).add(rung));
        return strands.values();
    }

    private static Operation operation(String rung) {
        return Ladder.find(rung).orElseThrow().wishes().operation();
    }

    /** The first rung of an operation that is not done with; nobody is sent back to what is easier than what they can do. */
    private static Optional<Need> onStrand(PlannedPupil pupil, List<String> rungs) {
        for (String rung : rungs) {
            Place place = pupil.on(rung);
            if (place.shows() != null) {
                return Optional.of(new Need(Kind.AGAIN, rung, place.shows()));
            }
            if (place.quiz() != null && !place.quiz().isPassed()) {
                return Optional.of(new Need(Kind.QUIZ, rung, place.quiz().slip()));
            }
            if (!place.movesOn() && !isPast(pupil, rung, rungs)) {
                return Optional.of(new Need(fails(place) ? Kind.AGAIN : Kind.NEXT, rung, null));
            }
        }
        return Optional.empty();
    }

    /**
     * Whether something harder of the same operation is secure, and nothing says that this rung goes wrong.
     *
     * @param topics the ids of rungs in the teacher's order
     */
    static boolean canDoHarder(PlannedPupil pupil, String rung, List<String> topics) {
        return soundSoFar(pupil.on(rung)) && harder(pupil, rung, topics).anyMatch(place -> place.state().isReached());
    }

    /**
     * Whether a pupil has come past a rung: nothing goes wrong on it, and something harder of the same operation is secure or was
     * worked on. A class that begins with long numbers is not led back to short ones.
     *
     * @param topics the ids of rungs in the teacher's order
     */
    static boolean isPast(PlannedPupil pupil, String rung, List<String> topics) {
        return canDoHarder(pupil, rung, topics) || soundSoFar(pupil.on(rung))
                && harder(pupil, rung, topics).mapToInt(Place::of).sum() >= FEW;
    }

    /**
     * Whether a sheet on a rung that a pupil is not done with keeps something warm: something harder is secure, or they have answered
     * here and come past it.
     *
     * @param topics the ids of rungs in the teacher's order
     */
    static boolean canJoin(PlannedPupil pupil, String rung, List<String> topics) {
        return canDoHarder(pupil, rung, topics) || pupil.on(rung).of() > 0 && isPast(pupil, rung, topics);
    }

    private static Stream<Place> harder(PlannedPupil pupil, String rung, List<String> topics) {
        return topics.stream().dropWhile(each -> !each.equals(rung)).skip(1)
                .filter(each -> operation(each) == operation(rung)).map(pupil::on);
    }

    /** Whether nine of ten answers are right, be it that there are few or none, no slip shows and no quiz was failed. */
    private static boolean soundSoFar(Place place) {
        return place.shows() == null && (place.quiz() == null || place.quiz().isPassed())
                && place.right() * SecureRule.USUAL.of() >= place.of() * SecureRule.USUAL.right();
    }

    /** What a pupil needs, and of every operation not begun yet its first rung too. */
    static List<Need> withNext(PlannedPupil pupil, List<String> topics) {
        List<Need> needs = new ArrayList<>(of(pupil, topics));
        strands(topics).forEach(rungs -> onStrand(pupil, rungs).filter(need -> !needs.contains(need))
                .ifPresent(needs::add));
        return needs;
    }

    /** Whether fewer than half of a few answers are right. */
    private static boolean fails(Place place) {
        return place.of() >= FEW && 2 * place.right() < place.of();
    }

    /** How many questions a sheet for it has. */
    public int questions() {
        return switch (kind) {
            case RETRY -> SecureRule.USUAL.retry();
            case AGAIN, QUIZ -> SecureRule.USUAL.again();
            case NEXT -> NEXT_QUESTIONS;
            case EXTEND -> EXTEND_QUESTIONS;
        };
    }

    /** The most questions of a sheet that is made longer: what comes back is looked at, not practised. */
    int mostQuestions() {
        return kind == Kind.RETRY || kind == Kind.EXTEND ? SecureRule.USUAL.again() : LONGEST;
    }

    /** What to do when the sheet is done. */
    public String then() {
        return switch (kind) {
            case RETRY -> "explain one of them to a neighbour";
            case AGAIN, QUIZ -> "put one right that went wrong before, and say what changed";
            case NEXT -> "make two like these for a neighbour, with their answers";
            case EXTEND -> "find another way for one, and make a harder one for a neighbour";
        };
    }

    /** The name of its rung with the operation. */
    String title() {
        return step().fullTitle();
    }

    private Rung step() {
        return Ladder.find(rung).orElseThrow();
    }

    /** Why it comes, in a sentence. */
    public String reason() {
        Rung step = step();
        return switch (kind) {
            case RETRY -> "“" + step.fullTitle() + "” was reached and comes back, to see whether it is still there.";
            case AGAIN -> slip == null
                    ? "Fewer than half of the answers on “" + step.fullTitle() + "” were right: the same again."
                    : "“" + slipName() + "” came more than once: “" + step.fullTitle() + "” again"
                            + (PlanSheet.givesChances(this) ? "; most questions give it a chance." : ".");
            case QUIZ -> "The quiz on “" + step.fullTitle() + "” was not passed" + (slip == null ? ": the same again."
                    : "; “" + slipName() + "” was seen: the same again"
                            + (PlanSheet.givesChances(this) ? ", and most questions give it a chance." : "."));
            case NEXT -> "“" + step.fullTitle() + "” is next in your order of "
                    + step.wishes().operation().title().toLowerCase(Locale.ROOT)
                    + "; nothing before it goes wrong.";
            case EXTEND -> "The last step in your order is secure or passed, and nothing before it goes wrong: more on “"
                    + step.fullTitle() + "”. Estimate first, explain why, find another way.";
        };
    }

    /** What its sheet is for, without a word on who has it. */
    public String purpose() {
        return switch (kind) {
            case RETRY -> "To see whether it is still there.";
            case AGAIN, QUIZ -> "The same again" + (slip != null && PlanSheet.givesChances(this)
                    ? "; most questions give “" + slipName() + "” a chance." : ".");
            case NEXT -> "The next step.";
            case EXTEND -> "Estimate first, explain why, find another way.";
        };
    }

    /** The name of its slip. */
    String slipName() {
        return Slips.name(Objects.requireNonNull(slip), step().wishes().operation());
    }
}
