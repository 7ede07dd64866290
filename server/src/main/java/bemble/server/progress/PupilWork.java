package bemble.server.progress;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.progress.Evidence;
import bemble.core.progress.Place;
import bemble.core.progress.Progress;
import bemble.core.progress.Quiz;
import bemble.core.progress.RungCourse;
import bemble.core.progress.SecureRule;
import bemble.core.progress.SlipHistory;
import bemble.core.progress.SlipWeeks;
import bemble.core.progress.Standing;
import bemble.core.progress.State;
import bemble.core.slip.NamedRules;
import bemble.server.classes.Pupil;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.marking.MarkedWork.QuizTaken;
import bemble.server.progress.StandingOverrideMapper.StandingOverride;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** One pupil's answers, sorted by rung, with where they stand. */
public final class PupilWork {
    private final Pupil pupil;
    private final List<Answer> answers;
    private final List<QuizTaken> quizzes;
    private final Map<String, Standing> byRule = new LinkedHashMap<>();
    private final Map<String, List<Answer>> onRungs = new HashMap<>();
    private final List<Answer> onNoRung = new ArrayList<>();
    private final PupilPlaces places;
    private final RungFinder rungs;
    private final NamedRules kept;
    private final LocalDate today;

    PupilWork(Pupil pupil, List<Answer> answers, List<QuizTaken> quizzes, List<StandingOverride> rulings,
            RungFinder rungs,
            NamedRules kept, LocalDate today) {
        this.kept = kept;
        this.pupil = pupil;
        this.answers = answers;
        this.quizzes = quizzes;
        this.rungs = rungs;
        this.today = today;
        for (Answer answer : answers) {
            Rung rung = rungs.of(answer.problem()).rung();
            if (rung == null) {
                onNoRung.add(answer);
            } else {
                onRungs.computeIfAbsent(rung.id(), any -> new ArrayList<>()).add(answer);
            }
        }
        Map<String, List<Quiz>> quizzesOn = new HashMap<>();
        quizzes.forEach(quiz -> rungs.mostly(quiz.problems()).ifPresent(rung -> quizzesOn
                .computeIfAbsent(rung.id(), any -> new ArrayList<>()).add(quiz.counted(rung.wishes().operation()))));
        for (Operation operation : Operation.values()) {
            for (Rung rung : Ladder.of(operation)) {
                List<Answer> here = onRungs.getOrDefault(rung.id(), List.of());
                if (!here.isEmpty()) {
                    byRule.put(rung.id(), Progress.of(here.stream().map(this::evidence).toList(),
                            quizzesOn.getOrDefault(rung.id(), List.of()), rungs.givesChance(rung), today,
                            SecureRule.USUAL));
                }
            }
        }
        Map<String, Place> byRung = new LinkedHashMap<>();
        byRule.forEach((rung, standing) -> byRung.put(rung, standing.place()));
        places = new PupilPlaces(pupil, byRung, rulings);
    }

    private Evidence evidence(Answer answer) {
        return new Evidence(answer.day(), answer.right(), answer.alone(), rungs.of(answer.problem()).chance(),
                // A fact missed or a number copied wrongly is no slip of the procedure.
                knownSlip(answer).map(KnownSlip::id).orElse(null),
                new Evidence.Source(answer.marking().value(), answer.question(), answer.problem(), answer.given()));
    }

    public Pupil pupil() {
        return pupil;
    }

    public List<Answer> answers() {
        return answers;
    }

    public List<QuizTaken> quizzes() {
        return quizzes;
    }

    /** Where they stand by the rule alone; rungs that were never tried are left out. */
    Map<String, Standing> byRule() {
        return byRule;
    }

    /** Where they stand, without what it rests on. */
    public PupilPlaces places() {
        return places;
    }

    /**
     * A rung with what was answered on it.
     *
     * @param answers in the order of their days
     * @param course how it went by the rule
     * @param said what the teacher says of it; null where nothing
     */
    public record OnRung(Rung rung, List<Answer> answers, RungCourse course, @Nullable Said said) {}

    /** What a teacher says of a rung. */
    public record Said(State state, LocalDate day) {}

    /** The rungs that were tried or spoken of, in the order of the ladders. */
    public List<OnRung> onRungs() {
        return Ladder.all().stream().filter(rung -> byRule.containsKey(rung.id()) || places.isRuled(rung.id()))
                .map(rung -> {
                    StandingOverride ruling = places.ruling(rung.id());
                    return new OnRung(rung, onRungs.getOrDefault(rung.id(), List.of()),
                            byRule.getOrDefault(rung.id(), Standing.NONE).course(),
                            ruling == null ? null : new Said(State.valueOf(ruling.state()), ruling.ruledOn()));
                }).toList();
    }

    /** What was answered besides, in the order of its days. */
    List<Answer> onNoRung() {
        return onNoRung;
    }

    /** Where they stand on a rung, the teacher's word over the rule's. */
    public Standing standing(String rung) {
        Standing rule = byRule.getOrDefault(rung, Standing.NONE);
        StandingOverride ruling = places.ruling(rung);
        if (ruling == null) {
            return rule;
        }
        State state = places.state(rung);
        return new Standing(state, ruling.reason(), ruling.ruledOn(), rule.dueOn(),
                state.isReached() ? null : rule.shows(), rule.rests(), null,
                state == State.DUE, rule.course());
    }

    /** A slip of an operation through the weeks. */
    public record SlipSeen(KnownSlip slip, SlipHistory history) {}

    /** The slips seen, the one seen last first; one that two operations have is two. */
    public List<SlipSeen> slips() {
        return slipWeeks().entrySet().stream()
                .map(each -> new SlipSeen(each.getKey(), SlipHistory.of(each.getKey().id(), each.getValue(), today)))
                .sorted((one, other) -> lastSeen(other).compareTo(lastSeen(one))).toList();
    }

    /** The latest answer that is put down to a slip, which is one of those seen. */
    Answer latestWith(KnownSlip slip) {
        return allWith(slip).reduce((one, other) -> other).orElseThrow();
    }

    /** How many answers are put down to a slip. */
    public long times(KnownSlip slip) {
        return allWith(slip).count();
    }

    private Stream<Answer> allWith(KnownSlip slip) {
        return answers.stream().filter(answer -> knownSlip(answer).filter(slip::equals).isPresent());
    }

    /** Of a slip that was seen. */
    private static LocalDate lastSeen(SlipSeen seen) {
        return Objects.requireNonNull(seen.history().lastSeen());
    }

    /** In which weeks each slip was seen. */
    Map<KnownSlip, SlipWeeks> slipWeeks() {
        Map<KnownSlip, SlipWeeks> weeks = new LinkedHashMap<>();
        answers.stream().map(this::knownSlip).flatMap(Optional::stream).distinct()
                .forEach(slip -> weeks.put(slip, SlipWeeks.of(slip.id(),
                        answers.stream().filter(answer -> rungs.of(answer.problem()).operation() == slip.operation())
                                .map(this::evidence).toList())));
        return weeks;
    }

    /** The slip that an answer is put down to, as the operation of its question has it. */
    public Optional<KnownSlip> knownSlip(Answer answer) {
        return answer.cause() == null ? Optional.empty()
                : kept.find(answer.cause(), rungs.of(answer.problem()).operation());
    }
}
