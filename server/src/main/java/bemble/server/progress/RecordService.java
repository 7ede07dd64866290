package bemble.server.progress;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.progress.Place;
import bemble.core.progress.State;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.MarkedWork;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.marking.MarkedWork.Marked;
import bemble.server.marking.MarkedWork.QuizTaken;
import bemble.server.progress.KeptMapper.SlipRow;
import bemble.server.progress.StandingOverrideMapper.StandingOverride;
import bemble.server.rules.SchoolRules;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What pupils can do, from what was marked. */
@Service
public class RecordService {
    private final ClassService classes;
    private final MarkedWork work;
    private final StandingOverrideMapper rulings;
    private final KeptRecords records;
    private final KeptMapper kept;
    private final RungFinder rungs;
    private final SchoolRules rules;
    private final Clock clock;

    RecordService(ClassService classes, MarkedWork work, StandingOverrideMapper rulings, KeptRecords records,
            KeptMapper kept,
            RungFinder rungs,
            SchoolRules rules, Clock clock) {
        this.records = records;
        this.kept = kept;
        this.rules = rules;
        this.classes = classes;
        this.work = work;
        this.rulings = rulings;
        this.rungs = rungs;
        this.clock = clock;
    }

    /** What each pupil of a class has done, and where they stand. */
    public List<PupilWork> work(TeacherId teacherId, SchoolClass schoolClass) {
        List<PupilId> ids = schoolClass.pupils().stream().map(Pupil::id).toList();
        Marked marked = work.of(teacherId, ids);
        Map<PupilId, List<Answer>> answers = marked.answers().stream().collect(Collectors.groupingBy(Answer::pupilId));
        Map<PupilId, List<QuizTaken>> quizzes =
                marked.quizzes().stream().collect(Collectors.groupingBy(QuizTaken::pupilId));
        Map<PupilId, List<StandingOverride>> ruled = ids.isEmpty() ? Map.of()
                : rulings.of(ids).stream().collect(Collectors.groupingBy(StandingOverride::pupilId));
        return schoolClass.pupils().stream()
                .map(pupil -> new PupilWork(pupil, answers.getOrDefault(pupil.id(), List.of()),
                        quizzes.getOrDefault(pupil.id(), List.of()),
                        ruled.getOrDefault(pupil.id(), List.of()), rungs, rules.now(), today()))
                .toList();
    }

    /** Where each pupil of a class stands, as it is kept. */
    public List<PupilPlaces> places(SchoolClass schoolClass) {
        return Objects.requireNonNull(places(List.of(schoolClass)).get(schoolClass.id()));
    }

    /** The same of several classes, by their numbers. */
    public Map<ClassId, List<PupilPlaces>> places(List<SchoolClass> some) {
        List<PupilId> ids = some.stream().flatMap(each -> ids(each).stream()).toList();
        if (ids.isEmpty()) {
            return some.stream().collect(Collectors.toMap(SchoolClass::id, each -> List.of()));
        }
        Map<PupilId, Map<String, Place>> places = records.places(ids);
        Map<PupilId, List<StandingOverride>> ruled =
                rulings.of(ids).stream().collect(Collectors.groupingBy(StandingOverride::pupilId));
        return some.stream().collect(Collectors.toMap(SchoolClass::id, each -> each.pupils().stream()
                .map(pupil -> new PupilPlaces(pupil, places.getOrDefault(pupil.id(), Map.of()),
                        ruled.getOrDefault(pupil.id(), List.of())))
                .toList()));
    }

    static List<PupilId> ids(SchoolClass schoolClass) {
        return schoolClass.pupils().stream().map(Pupil::id).toList();
    }

    /** The slips that a teacher confirmed in a class, with the number of pupils of whom it is said; the most first. */
    public Map<KnownSlip, Long> confirmed(SchoolClass schoolClass) {
        List<PupilId> ids = ids(schoolClass);
        if (ids.isEmpty()) {
            return Map.of();
        }
        records.bringUpToDate(ids);
        Map<KnownSlip, Long> counts = new LinkedHashMap<>();
        kept.slips(ids).stream().filter(SlipRow::confirmed).forEach(row -> slip(row.slip(), row.operation())
                .ifPresent(slip -> counts.merge(slip, 1L, Long::sum)));
        return counts.entrySet().stream()
                .sorted(Map.Entry.<KnownSlip, Long>comparingByValue().reversed()
                        .thenComparing(each -> each.getKey().name()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one,
                        LinkedHashMap::new));
    }

    Optional<KnownSlip> slip(String id, Operation operation) {
        return rules.now().find(id, operation);
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** The rungs on which anybody has anything, in the order of the ladders. */
    public static List<Rung> triedBy(List<PupilPlaces> all) {
        return Ladder.all().stream()
                .filter(rung -> all.stream().anyMatch(each -> each.state(rung.id()) != State.NOT_TRIED)).toList();
    }

    /** A class's pupil with what they did. */
    public record Known(SchoolClass schoolClass, PupilWork work) {}

    /** @throws Missing where the teacher has no such pupil */
    public Known pupil(TeacherId teacherId, PupilId pupilId) {
        SchoolClass schoolClass = classes.ofPupil(teacherId, pupilId);
        Pupil pupil = classes.findPupil(teacherId, pupilId);
        return new Known(schoolClass, work(teacherId, schoolClass.with(List.of(pupil))).get(0));
    }
}
