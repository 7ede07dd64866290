package bemble.server.marking.taken;

import bemble.core.entry.GivenAnswer;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.Causes;
import bemble.server.marking.Judging;
import bemble.server.marking.kept.AnswerChanges;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.JudgedAnswer;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.PapersWait;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.marking.kept.TakenAnswer;
import bemble.core.style.HouseStyle;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Papers that were written in Bemble, taken into a pile as if a teacher had typed them. */
@Component
public class TakenPapers {
    /** A statement with more answers takes longer for each of them. */
    private static final int KEPT_AT_ONCE = 100;

    private final Piles piles;
    private final PaperAnswers paperAnswers;
    private final Judging judging;
    private final MarkingMapper mapper;
    private final PreferencesService preferences;
    private final ObjectMapper json;

    private final AnswerChanges changes;
    private final ApplicationEventPublisher events;

    TakenPapers(Piles piles, PaperAnswers paperAnswers, Judging judging, MarkingMapper mapper,
            PreferencesService preferences, ObjectMapper json, AnswerChanges changes,
            ApplicationEventPublisher events) {
        this.events = events;
        this.changes = changes;
        this.piles = piles;
        this.paperAnswers = paperAnswers;
        this.judging = judging;
        this.mapper = mapper;
        this.preferences = preferences;
        this.json = json;
    }

    /**
     * Begins a pile of a set as it is now; gives its id.
     *
     * @return the pile and the problems that are in it
     */
    @Transactional
    public Pile begin(TeacherId teacherId, ClassId classId, SetId setId) {
        MarkingId id = piles.begin(teacherId, classId, null, setId).id();
        OpenPile open = piles.open(teacherId, id);
        return new Pile(id, open.stored().title(), open.sheets().get(0).problems());
    }

    /** A pile with its problems. */
    public record Pile(MarkingId id, String title, List<Problem> problems) {}

    /**
     * Takes a pupil's paper in. An answer that stands there already was the first: what comes later is kept beside it as
     * the pupil's own correction.
     *
     * @param helped whether the pupil was led, so that it does not count as done alone
     * @param unfinished whether the paper was collected while the pupil was writing: what is empty was not reached
     */
    @Transactional
    public void take(TeacherId teacherId, MarkingId markingId, PupilId pupilId, List<TakenAnswer> answers,
            boolean helped,
            boolean unfinished) {
        changes.ofPupil(pupilId);
        OpenPile open = piles.openToChange(teacherId, markingId);
        String how = helped ? helped(teacherId) : "";
        for (TakenAnswer taken : answers) {
            MarkedAnswer answer = merged(pupilId, open.answer(pupilId, taken.question()), taken, how,
                    unfinished ? AnswerState.NOT_REACHED : AnswerState.BLANK);
            mapper.keepAnswer(markingId, answer, open.verdict(answer, open.sheet(pupilId).problem(taken.question())));
        }
    }

    /**
     * Takes a paper out that was taken in too early, but for what a teacher has changed on it since.
     *
     * @param given what was taken in, by question
     */
    @Transactional
    public void takeOut(TeacherId teacherId, MarkingId markingId, PupilId pupilId, Map<Integer, String> given) {
        piles.openToChange(teacherId, markingId, pupilId);
        changes.ofPupil(pupilId);
        given.forEach((question, answer) -> {
            mapper.noteRevision(markingId, pupilId, question);
            mapper.removeTaken(markingId, pupilId, question, answer);
        });
    }

    /** Judges what was taken in, by the answers and by the papers on which they were worked. */
    public void judge(TeacherId teacherId, MarkingId markingId, PupilId pupilId, List<TakenAnswer> answers) {
        paperAnswers.notePapers(markingId, pupilId,
                answers.stream().filter(taken -> !taken.given().isEmpty()).toList());
        judging.judge(teacherId, markingId, pupilId);
    }

    /**
     * Puts a day's work on a sheet into a pile, as it was judged then.
     *
     * @return the pile's id
     */
    @Transactional
    public MarkingId takeOver(TeacherId teacherId, ClassId classId, PastPile pile, List<PastAnswer> written,
            List<PastQuiz> quizzes,
            OffsetDateTime now) {
        changes.of(written.stream().map(PastAnswer::pupilId).toList());
        changes.of(quizzes.stream().map(PastQuiz::pupilId).toList());
        String helped = helped(teacherId);
        PastSheets sheets = new PastSheets(written, quizzes);
        MarkingId id = mapper
                .add(teacherId, classId, pile.sheet(), now, pile.day(), json.writeValueAsString(sheets.sheets())).id();
        sheets.byPupil().forEach((pupilId, code) -> mapper.keepPaper(id, new StoredPaper(pupilId, code, false)));
        List<JudgedAnswer> all =
                Stream.concat(written.stream().map(answer -> judged(answer, helped)), sheets.blank().stream()).toList();
        for (int from = 0; from < all.size(); from += KEPT_AT_ONCE) {
            mapper.keepJudged(id, all.subList(from, Math.min(all.size(), from + KEPT_AT_ONCE)));
        }
        mapper.letThoseWithoutCauseWait(id);
        return id;
    }

    /** Has what was taken over judged behind the screens, as far as it came without a cause. */
    public void letJudge() {
        events.publishEvent(new PapersWait());
    }

    private static JudgedAnswer judged(PastAnswer answer, String helped) {
        String cause = Causes.checked(answer.cause());
        return new JudgedAnswer(answer.pupilId(), answer.question(),
                answer.right() ? AnswerState.RIGHT : AnswerState.GIVEN, plain(answer.given()),
                plain(answer.correction()),
                answer.alone() ? "" : helped, answer.confirmed() ? cause : null,
                answer.right() ? AnswerVerdict.RIGHT : AnswerVerdict.WRONG,
                answer.confirmed() ? null : cause, answer.fact());
    }

    /** An answer of a file in plain digits with a point; what is no number as it stands. */
    private static String plain(String answer) {
        return GivenAnswer.plain(answer, Punctuation.POINT, answer);
    }

    private String helped(TeacherId teacherId) {
        return preferences.of(teacherId).howCodes().stream().filter(code -> !code.alone()).map(HowCode::code)
                .findFirst().orElse("");
    }

    /** What a screen has told is in plain digits already, whatever style the teacher has by now. */
    private static MarkedAnswer merged(PupilId pupilId, @Nullable MarkedAnswer before, TakenAnswer taken, String how,
            AnswerState empty) {
        AnswerState state =
                taken.unclear() ? AnswerState.UNCLEAR : taken.given().isEmpty() ? empty : AnswerState.GIVEN;
        MarkedAnswer now = MarkedAnswer.of(pupilId, taken.question(), state, taken.given(), "", how, null)
                .readIn(HouseStyle.USUAL);
        if (before == null || before.state() == AnswerState.BLANK || before.state() == AnswerState.NOT_REACHED) {
            return now;
        }
        boolean same = taken.given().isEmpty() || before.said().equals(now.said());
        return same ? before : before.corrected(now.said());
    }
}
