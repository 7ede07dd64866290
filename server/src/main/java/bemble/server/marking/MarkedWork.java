package bemble.server.marking;

import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.progress.Evidence;
import bemble.core.progress.Quiz;
import bemble.core.slip.Slips;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.MarkingMapper.WorkRow;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.StoredMarking;
import bemble.server.rules.SchoolRules;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** All marked first answers of pupils, in whichever class they were written: a child's history follows the child. */
@Component
public class MarkedWork {
    private static final Set<AnswerVerdict> COUNTED = Set.of(AnswerVerdict.RIGHT, AnswerVerdict.WRONG);
    private final MarkingMapper markings;
    private final SchoolRules rules;
    private final PreferencesService preferences;
    private final ObjectMapper json;

    MarkedWork(MarkingMapper markings, PreferencesService preferences, SchoolRules rules, ObjectMapper json) {
        this.rules = rules;
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
    public record Answer(PupilId pupilId, LocalDate day, MarkingId marking, String title, int question, Problem problem,
            String given,
            String correction, boolean right, boolean alone, @Nullable String cause, boolean confirmed,
            @Nullable String fact) {
        /** Whether this is the answer that something rests on. */
        public boolean is(Evidence.Source source) {
            return marking.value() == source.marking() && question == source.question();
        }
    }

    /**
     * A quiz on which every question is marked; what was blank, not reached or unclear is not right in it.
     *
     * @param right how many answers were right without help
     * @param causes what its wrong answers are put down to, in their order; an answer of which nothing is known has none
     */
    public record QuizTaken(PupilId pupilId, MarkingId marking, LocalDate day, String title, List<Problem> problems,
            int passMark, int right,
            List<String> causes) {
        /** The quiz as it counts; with the slip seen most of those that its operation has. */
        public Quiz counted(Operation operation) {
            Map<String, Long> seen = causes.stream().filter(cause -> Slips.find(cause, operation).isPresent())
                    .collect(Collectors.groupingBy(cause -> cause, LinkedHashMap::new, Collectors.counting()));
            return new Quiz(day, right, problems.size(), passMark, seen.entrySet().stream()
                    .reduce((one, other) -> other.getValue() > one.getValue() ? other : one).map(Map.Entry::getKey)
                    .orElse(null));
        }
    }

    /** @param answers in the order of their days; what was blank, not reached or unclear is none */
    public record Marked(List<Answer> answers, List<QuizTaken> quizzes) {}

    /** @param pupilIds pupils whom the teacher may see */
    public Marked of(TeacherId teacherId, Collection<PupilId> pupilIds) {
        if (pupilIds.isEmpty()) {
            return new Marked(List.of(), List.of());
        }
        List<WorkRow> rows = markings.work(pupilIds);
        Set<String> helped =
                preferences.of(teacherId).howCodes().stream().filter(code -> !code.alone()).map(HowCode::code)
                        .collect(Collectors.toSet());
        Map<MarkingId, StoredMarking> stored = new HashMap<>();
        Map<MarkingId, List<PileSheet>> sheets = new HashMap<>();
        List<MarkingId> ids = rows.stream().map(WorkRow::markingId).distinct().toList();
        if (!ids.isEmpty()) {
            markings.named(ids).forEach(each -> {
                stored.put(each.id(), each);
                sheets.put(each.id(), each.read(json));
            });
        }
        List<Answer> answers = rows.stream().filter(row -> COUNTED.contains(verdict(row))).map(row -> {
            boolean right = verdict(row) == AnswerVerdict.RIGHT;
            String cause = row.cause() != null ? row.cause() : row.presumed();
            StoredMarking pile = Objects.requireNonNull(stored.get(row.markingId()));
            return new Answer(row.pupilId(), pile.workedOn(), row.markingId(), pile.title(), row.question(),
                    PileSheet.of(Objects.requireNonNull(sheets.get(row.markingId())), row.sheet())
                            .problem(row.question()),
                    row.said(),
                    row.correction(), right, !helped.contains(row.how().toLowerCase(Locale.ROOT)), right ? null : cause,
                    row.cause() != null,
                    Slips.FACT_NEAR_MISS.equals(cause) ? row.fact() : null);
        }).toList();
        return new Marked(answers, quizzes(rows, sheets, answers));
    }

    /** One pupil's paper in a pile. */
    private record Paper(PupilId pupilId, MarkingId markingId) {}

    private static List<QuizTaken> quizzes(List<WorkRow> rows, Map<MarkingId, List<PileSheet>> sheets,
            List<Answer> answers) {
        Map<Paper, List<WorkRow>> papers = rows.stream().collect(Collectors.groupingBy(
                row -> new Paper(row.pupilId(), row.markingId()), LinkedHashMap::new, Collectors.toList()));
        Map<Paper, List<Answer>> counted = answers.stream().collect(Collectors.groupingBy(
                answer -> new Paper(answer.pupilId(), answer.marking())));
        List<QuizTaken> quizzes = new ArrayList<>();
        papers.forEach((paper, on) -> {
            PileSheet sheet =
                    PileSheet.of(Objects.requireNonNull(sheets.get(on.get(0).markingId())), on.get(0).sheet());
            if (sheet.passMark() != null && on.size() == sheet.problems().size() && counted.containsKey(paper)) {
                List<Answer> here = counted.get(paper);
                quizzes.add(new QuizTaken(here.get(0).pupilId(), here.get(0).marking(), here.get(0).day(),
                        here.get(0).title(),
                        sheet.problems(), sheet.passMark(),
                        (int) here.stream().filter(answer -> answer.right() && answer.alone()).count(),
                        here.stream().map(Answer::cause).filter(Objects::nonNull).toList()));
            }
        });
        return quizzes;
    }

    /** A cause in a few words, be it a slip or one that only the book shows. */
    public String nameOf(String cause, Operation operation) {
        return Causes.name(cause, operation, rules.now());
    }

    /** How many answers of a pupil are kept, deleted piles included. */
    public int count(PupilId pupilId) {
        return markings.countOfPupil(pupilId);
    }

    /** What was marked before verdicts were kept is wrong where an answer was typed: right ones are marked as right. */
    private static AnswerVerdict verdict(WorkRow row) {
        return row.verdict() != null ? row.verdict()
                : row.state() == AnswerState.GIVEN ? AnswerVerdict.WRONG : AnswerVerdict.of(row.state());
    }
}
