package bemble.server.progress;

import bemble.core.diagnosis.Remedy;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.progress.Place;
import bemble.core.progress.SecureRule;
import bemble.core.progress.SlipHistory;
import bemble.core.progress.SlipWeeks;
import bemble.core.progress.SlipWeeks.Week;
import bemble.core.progress.Standing;
import bemble.core.progress.State;
import bemble.core.style.HouseStyle;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.MarkedWork;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.KeptMapper.FactRow;
import bemble.server.progress.KeptMapper.SlipRow;
import bemble.server.progress.PupilWork.SlipSeen;
import bemble.server.progress.RecordService.Known;
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
import bemble.server.progress.StandingOverrideMapper.StandingOverride;
import bemble.server.style.StyleService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What the pages of a class's and of a pupil's record show. */
@Service
class RecordPages {
    private final ClassService classes;
    private final RecordService records;
    private final MarkedWork work;
    private final KeptMapper kept;
    private final StyleService styles;

    RecordPages(ClassService classes, RecordService records, MarkedWork work, KeptMapper kept, StyleService styles) {
        this.classes = classes;
        this.records = records;
        this.work = work;
        this.kept = kept;
        this.styles = styles;
    }

    ClassRecord ofClass(TeacherId teacherId, ClassId classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<PupilPlaces> all = records.places(schoolClass);
        List<Rung> tried = RecordService.triedBy(all);
        List<PupilRow> rows = all.stream().map(each -> {
            Map<String, Place> places = each.all();
            return new PupilRow(each.pupil(), tried.stream().map(rung -> cell(each, rung, places)).toList());
        }).toList();
        return new ClassRecord(classId, schoolClass.name(), records.today(), states(),
                tried.stream().map(RecordPages::view).toList(),
                tried.stream().map(rung -> (int) all.stream().filter(each -> each.state(rung.id()).isReached()).count())
                        .toList(),
                rows,
                slips(schoolClass), facts(schoolClass));
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
        List<PupilId> ids = RecordService.ids(schoolClass);
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
        Map<PupilId, List<SlipRow>> ofPupils =
                kept.slips(ids).stream().sorted(Comparator.comparing(SlipRow::lastSeen).reversed())
                        .collect(Collectors.groupingBy(SlipRow::pupilId));
        Map<KnownSlip, List<SlipOfPupil>> pupils = new LinkedHashMap<>();
        for (Pupil pupil : schoolClass.pupils()) {
            for (SlipRow row : ofPupils.getOrDefault(pupil.id(), List.of())) {
                SlipHistory history = SlipHistory.of(row.slip(), new SlipWeeks(row.lastSeen(), row.since(),
                        weeksOf.getOrDefault(List.of(row.pupilId(), row.operation(), row.slip()), List.of())),
                        records.today());
                records.slip(row.slip(), row.operation())
                        .ifPresent(slip -> pupils.computeIfAbsent(slip, any -> new ArrayList<>())
                                .add(new SlipOfPupil(pupil.name(), history.say(), history.fading())));
            }
        }
        return pupils.entrySet().stream().sorted(Comparator.comparingInt(each -> -each.getValue().size()))
                .map(each -> new ClassSlip(each.getKey().id(), each.getKey().operation(), each.getKey().name(),
                        each.getValue(),
                        all.getOrDefault(List.of(each.getKey().operation(), each.getKey().id()), Map.of()).entrySet()
                                .stream()
                                .map(week -> new WeekView(week.getKey(), week.getValue()[0], week.getValue()[1]))
                                .toList()))
                .toList();
    }

    private List<ShakyFact> facts(SchoolClass schoolClass) {
        if (schoolClass.pupils().isEmpty()) {
            return List.of();
        }
        Map<PupilId, List<FactRow>> ofPupils =
                kept.facts(RecordService.ids(schoolClass)).stream().collect(Collectors.groupingBy(FactRow::pupilId));
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

    PupilRecord ofPupil(TeacherId teacherId, PupilId pupilId) {
        Known known = records.pupil(teacherId, pupilId);
        PupilWork pupil = known.work();
        HouseStyle style = styles.of(teacherId);
        List<RungRecord> records =
                RecordService.triedBy(List.of(pupil.places())).stream().map(rung -> record(pupil, rung, style))
                        .toList();
        Map<String, List<Answer>> missed = pupil.answers().stream().filter(answer -> answer.fact() != null)
                .collect(Collectors.groupingBy(Answer::fact, TreeMap::new, Collectors.toList()));
        return new PupilRecord(pupil.pupil(), known.schoolClass().id(), known.schoolClass().name(), states(), records,
                pupil.slips().stream().map(seen -> record(pupil, seen, style)).toList(),
                missed.entrySet().stream().map(each -> new FactRecord(each.getKey(), each.getValue().size(),
                        each.getValue().get(each.getValue().size() - 1).day())).toList(),
                besides(pupil, style), rule());
    }

    /** The rule in words, so that a teacher can judge it. */
    static String rule() {
        SecureRule rule = SecureRule.USUAL;
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

    /** Nothing that was answered goes unsaid, though no rung counts it. */
    private static @Nullable String besides(PupilWork pupil, HouseStyle style) {
        List<Answer> answers = pupil.onNoRung();
        if (answers.isEmpty()) {
            return null;
        }
        long right = answers.stream().filter(Answer::right).count();
        boolean slips = answers.stream().anyMatch(answer -> pupil.knownSlip(answer).isPresent());
        return "Besides: " + right + " of " + answers.size() + (answers.size() == 1 ? " answer" : " answers")
                + " right in questions that stand on no step, such as "
                + style.problem(answers.get(answers.size() - 1).problem())
                + (slips ? ". Their slips are counted below with the others." : ".");
    }

    private RungRecord record(PupilWork pupil, Rung rung, HouseStyle style) {
        Standing standing = pupil.byRule().getOrDefault(rung.id(), Standing.NONE);
        StandingOverride ruling = pupil.places().ruling(rung.id());
        Operation operation = rung.wishes().operation();
        List<RestingAnswer> rests = standing.rests().stream().map(evidence -> pupil.answers().stream()
                .filter(answer -> answer.is(evidence.source()))
                .findFirst().orElseThrow())
                .map(answer -> new RestingAnswer(answer.day(), answer.marking(), answer.title(), answer.question(),
                        style.problem(answer.problem()), style.answer(answer.given()), answer.right(), answer.alone(),
                        answer.cause() == null ? null : work.nameOf(answer.cause(), operation),
                        answer.confirmed()))
                .toList();
        return new RungRecord(view(rung), pupil.places().state(rung.id()), standing.state(), standing.say(),
                standing.since(),
                standing.dueOn(), standing.shows() == null ? null : work.nameOf(standing.shows(), operation),
                ruling == null ? null : ruling.reason(), rests);
    }

    private static SlipRecord record(PupilWork pupil, SlipSeen seen, HouseStyle style) {
        KnownSlip slip = seen.slip();
        SlipHistory history = seen.history();
        return new SlipRecord(slip.id(), slip.operation(), slip.name(), history.say(), history.fading(),
                Remedy.of(slip).say(), style.problem(pupil.latestWith(slip).problem()),
                history.weeks().stream().map(week -> new WeekView(week.monday(), week.seen(), week.of())).toList());
    }
}
