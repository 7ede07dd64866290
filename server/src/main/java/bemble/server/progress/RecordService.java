package bemble.server.progress;

import bemble.core.diagnosis.Remedy;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import bemble.core.progress.Place;
import bemble.core.progress.Rule;
import bemble.core.progress.SlipHistory;
import bemble.core.progress.SlipWeeks.Week;
import bemble.core.progress.SlipWeeks;
import bemble.core.progress.Standing;
import bemble.core.progress.State;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.marking.MarkedWork.Marked;
import bemble.server.marking.MarkedWork.QuizTaken;
import bemble.server.marking.MarkedWork;
import bemble.server.progress.KeptMapper.FactRow;
import bemble.server.progress.KeptMapper.SlipRow;
import bemble.server.progress.PupilWork.SlipSeen;
import bemble.server.progress.RecordViews.CellView;
import bemble.server.progress.RecordViews.ClassRecord;
import bemble.server.progress.RecordViews.ClassSlip;
import bemble.server.progress.RecordViews.FactOfPupil;
import bemble.server.progress.RecordViews.FactRecord;
import bemble.server.progress.RecordViews.PupilRecord;
import bemble.server.progress.RecordViews.PupilRow;
import bemble.server.progress.RecordViews.RecordRung;
import bemble.server.progress.RecordViews.RestingAnswer;
import bemble.server.progress.RecordViews.RungRecord;
import bemble.server.progress.RecordViews.ShakyFact;
import bemble.server.progress.RecordViews.SlipOfPupil;
import bemble.server.progress.RecordViews.SlipRecord;
import bemble.server.progress.RecordViews.StateView;
import bemble.server.progress.RecordViews.WeekView;
import bemble.server.progress.RulingMapper.Ruling;
import bemble.server.rules.SchoolRules;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out what pupils can do from what was marked. */
@Service
public class RecordService {
    private static final int MOST_REASON = 400;
    private final ClassService classes;
    private final MarkedWork work;
    private final RulingMapper rulings;
    private final KeptRecords records;
    private final KeptMapper kept;
    private final RungFinder rungs;
    private final SchoolRules rules;
    private final Clock clock;

    RecordService(ClassService classes, MarkedWork work, RulingMapper rulings, KeptRecords records, KeptMapper kept,
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
    public List<PupilWork> work(long teacherId, SchoolClass schoolClass) {
        List<Long> ids = schoolClass.pupils().stream().map(Pupil::id).toList();
        Marked marked = work.of(teacherId, ids);
        Map<Long, List<Answer>> answers = marked.answers().stream().collect(Collectors.groupingBy(Answer::pupilId));
        Map<Long, List<QuizTaken>> quizzes =
                marked.quizzes().stream().collect(Collectors.groupingBy(QuizTaken::pupilId));
        Map<Long, List<Ruling>> ruled = ids.isEmpty() ? Map.of()
                : rulings.of(ids).stream().collect(Collectors.groupingBy(Ruling::pupilId));
        return schoolClass.pupils().stream()
                .map(pupil -> new PupilWork(pupil, answers.getOrDefault(pupil.id(), List.of()),
                        quizzes.getOrDefault(pupil.id(), List.of()),
                        ruled.getOrDefault(pupil.id(), List.of()), rungs, rules.now(), today()))
                .toList();
    }

    /** Where each pupil of a class stands, as it is kept. */
    public List<PupilPlaces> places(SchoolClass schoolClass) {
        return places(List.of(schoolClass)).get(schoolClass.id());
    }

    /** The same of several classes, by their numbers. */
    public Map<Long, List<PupilPlaces>> places(List<SchoolClass> some) {
        List<Long> ids = some.stream().flatMap(each -> ids(each).stream()).toList();
        if (ids.isEmpty()) {
            return some.stream().collect(Collectors.toMap(SchoolClass::id, each -> List.of()));
        }
        Map<Long, Map<String, Place>> places = records.places(ids);
        Map<Long, List<Ruling>> ruled = rulings.of(ids).stream().collect(Collectors.groupingBy(Ruling::pupilId));
        return some.stream().collect(Collectors.toMap(SchoolClass::id, each -> each.pupils().stream()
                .map(pupil -> new PupilPlaces(pupil, places.getOrDefault(pupil.id(), Map.of()),
                        ruled.getOrDefault(pupil.id(), List.of())))
                .toList()));
    }

    private static List<Long> ids(SchoolClass schoolClass) {
        return schoolClass.pupils().stream().map(Pupil::id).toList();
    }

    /** The slips that a teacher confirmed in a class, with the number of pupils of whom it is said; the most first. */
    public Map<KnownSlip, Long> confirmed(SchoolClass schoolClass) {
        List<Long> ids = ids(schoolClass);
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

    private Optional<KnownSlip> slip(String id, String operation) {
        return rules.now().find(id, Operation.of(operation));
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    ClassRecord ofClass(long teacherId, long classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<PupilPlaces> all = places(schoolClass);
        List<Rung> tried = triedBy(all);
        List<PupilRow> rows = all.stream().map(each -> {
            Map<String, Place> places = each.all();
            return new PupilRow(each.pupil(), tried.stream().map(rung -> cell(each, rung, places)).toList());
        }).toList();
        return new ClassRecord(classId, schoolClass.name(), today(), states(),
                tried.stream().map(RecordService::view).toList(), rows,
                slips(schoolClass), facts(schoolClass));
    }

    /** The rungs on which anybody has anything, in the order of the ladders. */
    public static List<Rung> triedBy(List<PupilPlaces> all) {
        return Ladder.all().stream()
                .filter(rung -> all.stream().anyMatch(each -> each.state(rung.id()) != State.NOT_TRIED)).toList();
    }

    private static List<StateView> states() {
        return Arrays.stream(State.values()).map(state -> new StateView(state, state.label(), state.sign())).toList();
    }

    static RecordRung view(Rung rung) {
        return new RecordRung(rung.id(), rung.wishes().operation(), rung.title(), rung.news());
    }

    private CellView cell(PupilPlaces pupil, Rung rung, Map<String, Place> places) {
        String shows = places.getOrDefault(rung.id(), Place.NONE).shows();
        return new CellView(rung.id(), pupil.state(rung.id()), pupil.ruling(rung.id()) != null,
                shows == null ? null : work.nameOf(shows, rung.wishes().operation()));
    }

    private List<ClassSlip> slips(SchoolClass schoolClass) {
        if (schoolClass.pupils().isEmpty()) {
            return List.of();
        }
        List<Long> ids = ids(schoolClass);
        Map<List<Object>, List<Week>> weeksOf = new HashMap<>();
        Map<List<Object>, Map<LocalDate, int[]>> all = new HashMap<>();
        kept.weeks(ids).forEach(row -> {
            weeksOf.computeIfAbsent(List.of(row.pupilId(), row.operation(), row.slip()), any -> new ArrayList<>())
                    .add(new Week(row.monday(), row.seen(), row.answers()));
            int[] counts = all.computeIfAbsent(List.of(row.operation(), row.slip()), any -> new TreeMap<>())
                    .computeIfAbsent(row.monday(), any -> new int[2]);
            counts[0] += row.seen();
            counts[1] += row.answers();
        });
        Map<Long, List<SlipRow>> ofPupils =
                kept.slips(ids).stream().sorted(Comparator.comparing(SlipRow::lastSeen).reversed())
                        .collect(Collectors.groupingBy(SlipRow::pupilId));
        Map<KnownSlip, List<SlipOfPupil>> pupils = new LinkedHashMap<>();
        for (Pupil pupil : schoolClass.pupils()) {
            for (SlipRow row : ofPupils.getOrDefault(pupil.id(), List.of())) {
                SlipHistory history = SlipHistory.of(row.slip(), new SlipWeeks(row.lastSeen(), row.since(),
                        weeksOf.get(List.of(row.pupilId(), row.operation(), row.slip()))), today());
                slip(row.slip(), row.operation())
                        .ifPresent(slip -> pupils.computeIfAbsent(slip, any -> new ArrayList<>())
                                .add(new SlipOfPupil(pupil.name(), history.say(), history.fading())));
            }
        }
        return pupils.entrySet().stream().sorted(Comparator.comparingInt(each -> -each.getValue().size()))
                .map(each -> new ClassSlip(each.getKey().id(), each.getKey().operation(), each.getKey().name(),
                        each.getValue(),
                        all.get(List.of(each.getKey().operation().id(), each.getKey().id())).entrySet().stream()
                                .map(week -> new WeekView(week.getKey(), week.getValue()[0], week.getValue()[1]))
                                .toList()))
                .toList();
    }

    private List<ShakyFact> facts(SchoolClass schoolClass) {
        if (schoolClass.pupils().isEmpty()) {
            return List.of();
        }
        Map<Long, List<FactRow>> ofPupils =
                kept.facts(ids(schoolClass)).stream().collect(Collectors.groupingBy(FactRow::pupilId));
        Map<String, List<FactOfPupil>> missed = new LinkedHashMap<>();
        schoolClass.pupils()
                .forEach(pupil -> ofPupils.getOrDefault(pupil.id(), List.of())
                        .forEach(row -> missed.computeIfAbsent(row.fact(), any -> new ArrayList<>())
                                .add(new FactOfPupil(pupil.name(), row.times()))));
        return missed.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, List<FactOfPupil>> each) -> -each.getValue().stream()
                        .mapToInt(FactOfPupil::missed).sum()).thenComparing(Map.Entry::getKey))
                .map(each -> new ShakyFact(each.getKey(), each.getValue())).toList();
    }

    /** A class's pupil with what they did. */
    public record Known(SchoolClass schoolClass, PupilWork work) {}

    /** @throws Missing where the teacher has no such pupil */
    public Known pupil(long teacherId, long pupilId) {
        SchoolClass schoolClass = classes.ofPupil(teacherId, pupilId);
        Pupil pupil = classes.findPupil(teacherId, pupilId);
        return new Known(schoolClass, work(teacherId, schoolClass.with(List.of(pupil))).get(0));
    }

    PupilRecord ofPupil(long teacherId, long pupilId) {
        Known known = pupil(teacherId, pupilId);
        PupilWork pupil = known.work();
        List<RungRecord> records = triedBy(List.of(pupil.places())).stream().map(rung -> record(pupil, rung)).toList();
        Map<String, List<Answer>> missed = pupil.answers().stream().filter(answer -> answer.fact() != null)
                .collect(Collectors.groupingBy(Answer::fact, TreeMap::new, Collectors.toList()));
        return new PupilRecord(pupil.pupil(), known.schoolClass().id(), known.schoolClass().name(), states(), records,
                pupil.slips().stream().map(RecordService::record).toList(),
                missed.entrySet().stream().map(each -> new FactRecord(each.getKey(), each.getValue().size(),
                        each.getValue().get(each.getValue().size() - 1).day())).toList(),
                rule());
    }

    /** The rule in words, so that a teacher can judge it. */
    static String rule() {
        Rule rule = Rule.USUAL;
        return "Secure is " + rule.right() + " of the last " + rule.of()
                + " first answers right without help, or as large a part of as many "
                + "as reach back " + rule.apartDays() + " days, and no slip among them; " + rule.chances()
                + " of them on questions that give the usual slips a chance. "
                + "It comes back after "
                + rule.gapsWeeks().stream().map(String::valueOf).collect(Collectors.joining(", "))
                + " weeks with " + rule.retry()
                + " questions: all right stays, one wrong is tried again that week, fewer is learning "
                + "again. Absence counts against nobody.";
    }

    private RungRecord record(PupilWork pupil, Rung rung) {
        Standing standing = pupil.byRule().getOrDefault(rung.id(), Standing.NONE);
        Ruling ruling = pupil.places().ruling(rung.id());
        Operation operation = rung.wishes().operation();
        List<RestingAnswer> rests = standing.rests().stream().map(evidence -> pupil.answers().stream()
                .filter(answer -> answer.marking() == evidence.source().marking()
                        && answer.question() == evidence.source().question())
                .findFirst().orElseThrow())
                .map(answer -> new RestingAnswer(answer.day(), answer.marking(), answer.title(), answer.question(),
                        answer.problem(),
                        answer.given(), answer.right(), answer.alone(),
                        answer.cause() == null ? null : work.nameOf(answer.cause(), operation),
                        answer.confirmed()))
                .toList();
        return new RungRecord(view(rung), pupil.places().state(rung.id()), standing.state(), standing.say(),
                standing.since(),
                standing.dueOn(), standing.shows() == null ? null : work.nameOf(standing.shows(), operation),
                ruling == null ? null : ruling.reason(), rests);
    }

    private static SlipRecord record(SlipSeen seen) {
        KnownSlip slip = seen.slip();
        SlipHistory history = seen.history();
        return new SlipRecord(slip.id(), slip.operation(), slip.name(), history.say(), history.fading(),
                Remedy.of(slip).say(),
                history.weeks().stream().map(week -> new WeekView(week.monday(), week.seen(), week.of())).toList());
    }

    /**
     * Keeps what the teacher says of a pupil on a rung; it stands until it is taken back.
     *
     * @throws Refusal where the rung, the state or the reason is missing
     */
    @Transactional
    void rule(long teacherId, long pupilId, String rung, String state, String reason) {
        pupil(teacherId, pupilId);
        keepRuling(pupilId, rung, state, reason);
    }

    /** The same of a pupil who is on the way in; whose they are is known to who asks. */
    public void keepRuling(long pupilId, String rung, String state, String reason) {
        if (Ladder.find(rung).isEmpty()) {
            throw new Missing("There is no such rung. The ladders show which there are.");
        }
        State said = Arrays.stream(State.values()).filter(each -> each.id().equals(state)).findFirst()
                .orElseThrow(() -> Refusal.of("state", "Say not-tried, learning, secure or due."));
        if (reason == null || reason.isBlank() || reason.strip().length() > MOST_REASON) {
            throw Refusal.of("reason", "Say in a few words why, so that it is known later.");
        }
        rulings.keep(new Ruling(pupilId, rung, said.name(), reason.strip(), today()));
    }

    @Transactional
    PupilRecord unrule(long teacherId, long pupilId, String rung) {
        pupil(teacherId, pupilId);
        rulings.remove(pupilId, rung);
        return ofPupil(teacherId, pupilId);
    }
}
