package bemble.server.marking;

import bemble.server.marking.MarkingService.Open;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Papers that were written in Bemble, taken into a pile as if a teacher had typed them. */
@Component
public class TakenPapers {
    /** A statement with more answers takes longer for each of them. */
    private static final int KEPT_AT_ONCE = 100;

    private final MarkingService markings;
    private final Judging judging;
    private final MarkingMapper mapper;
    private final PreferencesService preferences;
    private final ObjectMapper json;

    private final AnswerChanges changes;

    TakenPapers(MarkingService markings, Judging judging, MarkingMapper mapper, PreferencesService preferences, ObjectMapper json, AnswerChanges changes) {
        this.changes = changes;
        this.markings = markings;
        this.judging = judging;
        this.mapper = mapper;
        this.preferences = preferences;
        this.json = json;
    }

    /**
     * An answer that was written.
     *
     * @param given what stands there; empty where the paper is empty
     * @param slip the slip that fits the paper; null where none does, or the paper is right
     * @param marksGiven the marks that the paper got, and of how many; null where the house style gives none
     */
    public record Taken(int question, String given, String slip, Integer marksGiven, Integer marksOf) {}

    /**
     * Begins a pile of a set as it is now; gives its id.
     *
     * @return the pile and the problems that are in it
     */
    @Transactional
    public Pile begin(long teacherId, long classId, long setId) {
        long id = markings.begin(teacherId, classId, null, setId).id();
        Open open = markings.open(teacherId, id);
        return new Pile(id, open.stored().title(), open.sheets().get(0).problems());
    }

    /** A pile with its problems as text. */
    public record Pile(long id, String title, List<String> problems) {}

    /**
     * Takes a pupil's paper in. An answer that stands there already was the first: what comes later is kept beside it as
     * the pupil's own correction.
     *
     * @param helped whether the pupil was led, so that it does not count as done alone
     * @param unfinished whether the paper was collected while the pupil was writing: what is empty was not reached
     */
    @Transactional
    public void take(long teacherId, long markingId, long pupilId, List<Taken> answers, boolean helped, boolean unfinished) {
        changes.ofPupil(pupilId);
        Open open = markings.open(teacherId, markingId);
        String how = helped ? helped(teacherId) : "";
        for (Taken taken : answers) {
            MarkedAnswer answer = merged(pupilId, open.answer(pupilId, taken.question()), taken, how, unfinished ? "not-reached" : "blank");
            mapper.keepAnswer(markingId, answer, open.verdict(answer, open.sheet(pupilId).problem(taken.question())));
        }
    }

    /** Judges what was taken in, by the answers and by the papers on which they were worked. */
    public void judge(long teacherId, long markingId, long pupilId, List<Taken> answers) {
        markings.notePapers(markingId, pupilId, answers.stream().filter(taken -> !taken.given().isEmpty()).toList());
        judging.judge(teacherId, markingId, pupilId);
    }

    /**
     * An answer of the past, from a file.
     *
     * @param cause what a teacher decided where it is confirmed, else what was presumed; null where nothing is known
     * @param fact the fact missed where the cause is one
     */
    public record Past(long pupilId, PastPile pile, int question, String problem, boolean right, String given,
                       String correction, boolean alone, String cause, boolean confirmed, String fact) {}

    /** A day's work on a sheet. */
    public record PastPile(LocalDate day, String sheet) {}

    /** A quiz of the past, with all its problems. */
    public record PastQuiz(long pupilId, PastPile pile, int passMark, List<String> problems) {}

    /**
     * Puts a day's work on a sheet into a pile, as it was judged then.
     *
     * @return the pile's id
     */
    @Transactional
    public long takeOver(long teacherId, long classId, PastPile pile, List<Past> written, List<PastQuiz> quizzes, OffsetDateTime now) {
        changes.of(written.stream().map(Past::pupilId).toList());
        changes.of(quizzes.stream().map(PastQuiz::pupilId).toList());
        String helped = helped(teacherId);
        PastSheets sheets = new PastSheets(written, quizzes);
        long id = mapper.add(teacherId, classId, pile.sheet(), now, pile.day(), json.writeValueAsString(sheets.sheets())).id();
        sheets.byPupil().forEach((pupilId, code) -> mapper.keepPaper(id, new StoredPaper(pupilId, code, false)));
        List<JudgedAnswer> all = Stream.concat(written.stream().map(answer -> judged(answer, helped)), sheets.blank().stream()).toList();
        for (int from = 0; from < all.size(); from += KEPT_AT_ONCE) {
            mapper.keepJudged(id, all.subList(from, Math.min(all.size(), from + KEPT_AT_ONCE)));
        }
        return id;
    }

    private static JudgedAnswer judged(Past answer, String helped) {
        String cause = Causes.checked(answer.cause());
        return new JudgedAnswer(answer.pupilId(), answer.question(), answer.right() ? "right" : "given", answer.given(), answer.correction(),
                answer.alone() ? "" : helped, answer.confirmed() ? cause : null, answer.right() ? "right" : "wrong",
                answer.confirmed() ? null : cause, answer.fact());
    }

    private String helped(long teacherId) {
        return preferences.of(teacherId).howCodes().stream().filter(code -> !code.alone()).map(HowCode::code).findFirst().orElse("");
    }

    private static MarkedAnswer merged(long pupilId, MarkedAnswer before, Taken taken, String how, String empty) {
        if (before == null || before.state().equals("blank") || before.state().equals("not-reached")) {
            return MarkedAnswer.of(pupilId, taken.question(), taken.given().isEmpty() ? empty : "given", taken.given(), "", how, null);
        }
        String correction = before.given().equals(taken.given()) || taken.given().isEmpty() ? before.correction() : taken.given();
        return MarkedAnswer.of(pupilId, taken.question(), before.state(), before.given(), correction, before.how(), before.cause());
    }
}
