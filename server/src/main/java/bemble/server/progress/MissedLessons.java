package bemble.server.progress;

import bemble.core.practice.Rung;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.marking.kept.AbsenceMapper;
import bemble.server.marking.kept.AbsenceMapper.Absence;
import bemble.server.marking.kept.AbsenceMapper.Answered;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.StoredMarking;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** What a class worked on while some of its pupils were away, who have not come to it since. */
@Component
public class MissedLessons {
    /** What is longer ago is nothing to catch up on; where the pupil stands says what comes. */
    private static final int WEEKS = 3;

    private final AbsenceMapper absences;
    private final MarkingMapper markings;
    private final RungFinder rungs;
    private final ObjectMapper json;
    private final Clock clock;

    MissedLessons(AbsenceMapper absences, MarkingMapper markings, RungFinder rungs, ObjectMapper json, Clock clock) {
        this.absences = absences;
        this.markings = markings;
        this.rungs = rungs;
        this.json = json;
        this.clock = clock;
    }

    /** The ids of the rungs that each has missed; who missed nothing is left out. */
    public Map<PupilId, Set<String>> of(SchoolClass schoolClass) {
        List<PupilId> pupils = RecordService.ids(schoolClass);
        LocalDate from = LocalDate.now(clock).minusWeeks(WEEKS);
        List<Absence> away = pupils.isEmpty() ? List.of() : absences.absences(pupils, from);
        if (away.isEmpty()) {
            return Map.of();
        }
        List<Answered> answered =
                absences.answeredSince(away.stream().map(Absence::pupilId).collect(Collectors.toSet()), from);
        Map<MarkingId, List<PileSheet>> sheets = markings
                .named(Stream.concat(away.stream().map(Absence::markingId), answered.stream().map(Answered::markingId))
                        .collect(Collectors.toSet()))
                .stream().collect(Collectors.toMap(StoredMarking::id, pile -> pile.read(json)));
        Map<PupilId, Map<String, LocalDate>> lastAnswer = new HashMap<>();
        answered.forEach(each -> Optional
                .ofNullable(rungs.of(PileSheet.of(sheets(sheets, each.markingId()), each.sheet())
                        .problem(each.question())).rung())
                .ifPresent(rung -> lastAnswer.computeIfAbsent(each.pupilId(), any -> new HashMap<>())
                        .merge(rung.id(), each.workedOn(), (one, other) -> one.isAfter(other) ? one : other)));
        Map<PupilId, Set<String>> missed = new HashMap<>();
        away.forEach(each -> sheets(sheets, each.markingId()).stream()
                .flatMap(sheet -> rungs.mostly(sheet.problems()).stream()).map(Rung::id)
                .filter(rung -> lastAnswer.getOrDefault(each.pupilId(), Map.of()).getOrDefault(rung, LocalDate.MIN)
                        .isBefore(each.workedOn()))
                .forEach(rung -> missed.computeIfAbsent(each.pupilId(), any -> new HashSet<>()).add(rung)));
        return missed;
    }

    private static List<PileSheet> sheets(Map<MarkingId, List<PileSheet>> sheets, MarkingId marking) {
        return Objects.requireNonNull(sheets.get(marking));
    }
}
