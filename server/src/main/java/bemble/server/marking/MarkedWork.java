package bemble.server.marking;

import bemble.core.problem.Operation;
import bemble.core.slip.Slips;
import bemble.server.marking.MarkingMapper.WorkRow;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** All marked first answers of pupils, in whichever class they were written: a child's history follows the child. */
@Component
public class MarkedWork {
    private static final Set<String> COUNTED = Set.of("right", "wrong");
    private final MarkingMapper markings;
    private final PreferencesService preferences;
    private final ObjectMapper json;

    MarkedWork(MarkingMapper markings, PreferencesService preferences, ObjectMapper json) {
        this.markings = markings;
        this.preferences = preferences;
        this.json = json;
    }

    /**
     * One answer.
     *
     * @param day the day it was written
     * @param right whether the first answer was right
     * @param alone whether nobody helped
     * @param cause what the teacher decided it is, else what is presumed; null where it is right or nothing is known
     * @param confirmed whether a teacher decided it
     * @param fact the fact missed where the cause is one
     */
    public record Answer(long pupilId, LocalDate day, long marking, String title, int question, String problem, String given,
                         String correction, boolean right, boolean alone, String cause, boolean confirmed, String fact) {}

    /**
     * The answers in the order of their days; what was blank, not reached or unclear is none.
     *
     * @param pupilIds pupils whom the teacher may see
     */
    public List<Answer> of(long teacherId, Collection<Long> pupilIds) {
        if (pupilIds.isEmpty()) {
            return List.of();
        }
        List<WorkRow> rows = markings.work(pupilIds);
        Set<String> helped = preferences.of(teacherId).howCodes().stream().filter(code -> !code.alone()).map(HowCode::code)
                .collect(Collectors.toSet());
        Map<Long, StoredMarking> stored = new HashMap<>();
        Map<Long, List<MarkingService.Sheet>> sheets = new HashMap<>();
        List<Long> ids = rows.stream().map(WorkRow::markingId).distinct().toList();
        if (!ids.isEmpty()) {
            markings.named(ids).forEach(each -> {
                stored.put(each.id(), each);
                sheets.put(each.id(), json.readValue(each.sheets(), new TypeReference<List<MarkingService.Sheet>>() {}));
            });
        }
        return rows.stream().filter(row -> COUNTED.contains(verdict(row))).map(row -> {
            boolean right = verdict(row).equals("right");
            String cause = row.cause() != null ? row.cause() : row.presumed();
            return new Answer(row.pupilId(), stored.get(row.markingId()).workedOn(), row.markingId(),
                    stored.get(row.markingId()).title(), row.question(), problem(sheets.get(row.markingId()), row), row.given(),
                    row.correction(), right, !helped.contains(row.how().toLowerCase()), right ? null : cause, row.cause() != null,
                    Slips.FACT_NEAR_MISS.equals(cause) ? row.fact() : null);
        }).toList();
    }

    /** A cause in a few words, be it a slip or one that only the book shows. */
    public static String nameOf(String cause, Operation operation) {
        return Causes.name(cause, operation);
    }

    /** How many answers of a pupil are kept, deleted piles included. */
    public int count(long pupilId) {
        return markings.countOfPupil(pupilId);
    }

    /** What was marked before verdicts were kept is wrong where an answer was typed: right ones are marked as right. */
    private static String verdict(WorkRow row) {
        return row.verdict() != null ? row.verdict() : row.state().equals("given") ? "wrong" : row.state();
    }

    private static String problem(List<MarkingService.Sheet> sheets, WorkRow row) {
        return sheets.stream().filter(sheet -> sheet.code().equals(row.sheet())).findFirst().orElse(sheets.get(0)).problems()
                .get(row.question() - 1);
    }
}
