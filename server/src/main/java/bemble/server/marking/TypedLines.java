package bemble.server.marking;

import bemble.core.entry.TypedLine;
import bemble.core.problem.Refusal;
import bemble.server.classes.Pupil;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.TypedLineMapper.StoredLine;
import bemble.server.marking.kept.AnswerChanges;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.marking.kept.TakenAnswer;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/**
 * Takes what is typed into a pile, each line once by its key, however often it is sent, and takes lines back. A line belongs to the
 * pupil on whose paper it was typed, whatever lies there by the time it comes.
 */
@Service
class TypedLines {
    /** After so long nobody takes a line back any more. */
    private static final int DAYS_KEPT = 30;

    private final Piles piles;
    private final PaperAnswers paperAnswers;
    private final KeyLetters letters;
    private final MarkingMapper mapper;
    private final TypedLineMapper lines;
    private final ObjectMapper json;
    private final Clock clock;

    private final AnswerChanges changes;

    TypedLines(Piles piles, PaperAnswers paperAnswers, KeyLetters letters, MarkingMapper mapper,
            TypedLineMapper lines, ObjectMapper json, Clock clock, AnswerChanges changes) {
        this.changes = changes;
        this.piles = piles;
        this.paperAnswers = paperAnswers;
        this.letters = letters;
        this.mapper = mapper;
        this.lines = lines;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Something that was done to a pupil's paper.
     *
     * @param key made by the sender; what comes again under the same key is not done again
     * @param line what was typed; null where a cause was decided
     * @param cause what the teacher decided for some questions; null where a line was typed
     * @param seen the revision of the answer over which it was typed, 0 where none stood there; null to keep it whatever has been
     *     kept since
     * @param follows the key of the sender's own entry for the same question just before; null where there was none
     */
    record Entry(String key, @Nullable String line, @Nullable String cause, List<Integer> questions,
            @Nullable Integer seen, @Nullable String follows) {}

    /** What an entry changed: the paper as it was, where it is another since, and the answers. */
    record Changed(@Nullable StoredPaper paperBefore, List<AnswerChange> answers) {}

    /** An answer before and after; null where nothing stood there. */
    record AnswerChange(int question, @Nullable MarkedAnswer before, @Nullable MarkedAnswer after) {
        /** Whether what stands there now is what was kept then. */
        boolean isStillThere(@Nullable MarkedAnswer now) {
            return after == null || now == null ? after == now : after.saysTheSameAs(now);
        }
    }

    /**
     * Does what was typed.
     *
     * @throws Refusal where the line cannot be read or what it says is not possible
     * @throws ChangedElsewhere with the answer as it is now, where another window has kept something else meanwhile
     */
    @Transactional
    void take(TeacherId teacherId, MarkingId id, PupilId pupilId, Entry entry) {
        OpenPile before = piles.openToChange(teacherId, id, pupilId);
        Pupil pupil = before.pupil(pupilId);
        StoredLine known = lines.withKey(entry.key()).orElse(null);
        if (known != null) {
            requireTheSame(known, id, pupilId, entry);
            return;
        }
        if (entry.line() == null) {
            paperAnswers.decide(teacherId, id, pupilId, Causes.checked(entry.cause()), entry.questions());
        } else {
            take(teacherId, before, pupil, TypedLine.read(entry.line(), before.sheet(pupilId).problems().size()),
                    entry);
        }
        Changed changed = changed(before, piles.openFor(teacherId, id, pupilId), pupilId);
        lines.add(new StoredLine(entry.key(), id, pupilId, entry.line() == null ? "" : entry.line().strip(),
                json.writeValueAsString(changed), false), now());
        lines.forget(id, now().minusDays(DAYS_KEPT));
    }

    /** What comes again is done once; another entry under the same key is none of it, and would be lost without a word. */
    private static void requireTheSame(StoredLine known, MarkingId id, PupilId pupilId, Entry entry) {
        if (!known.markingId().equals(id) || !known.pupilId().equals(pupilId)
                || !known.line().equals(entry.line() == null ? "" : entry.line().strip())) {
            throw Refusal.of("key",
                    "This key belongs to something else that was typed. Give each entry a key of its own.");
        }
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }

    private void take(TeacherId teacherId, OpenPile open, Pupil pupil, TypedLine line, Entry entry) {
        MarkingId id = open.stored().id();
        StoredPaper paper = open.papers().get(pupil.id());
        switch (line.form()) {
            case REST_RIGHT -> paperAnswers.rest(teacherId, id, pupil.id(), AnswerState.RIGHT, line.how());
            case REST_NOT_REACHED -> paperAnswers.rest(teacherId, id, pupil.id(), AnswerState.NOT_REACHED, "");
            case ABSENT -> paperAnswers.paper(teacherId, id, pupil.id(), null, paper == null || !paper.absent());
            case OTHER_SHEET -> paperAnswers.paper(teacherId, id, pupil.id(), line.named(),
                    paper != null && paper.absent());
            case TAKEN_OUT -> paperAnswers.remove(teacherId, id, pupil.id(), line.question(),
                    seen(open, pupil.id(), line.question(), entry));
            case NOT_REACHED -> paperAnswers.notReachedFrom(teacherId, id, pupil.id(), line.question());
            case METHOD_MARKS -> paperAnswers.giveMarks(teacherId, id, pupil.id(), line.question(),
                    Integer.parseInt(line.given()), seen(open, pupil.id(), line.question(), entry));
            case NAME -> throw Refusal.of("line", "Nobody of that name has a paper in this pile.");
            default -> paperAnswers.keep(teacherId, id, answer(teacherId, open, pupil.id(), line),
                    seen(open, pupil.id(), line.question(), entry));
        }
    }

    private MarkedAnswer answer(TeacherId teacherId, OpenPile open, PupilId pupilId, TypedLine line) {
        Function<AnswerState, MarkedAnswer> of = state -> MarkedAnswer.of(pupilId, line.question(), state, line.given(),
                line.correction(), line.how(), null);
        return switch (line.form()) {
            case BLANK -> of.apply(AnswerState.BLANK);
            case UNCLEAR -> of.apply(AnswerState.UNCLEAR);
            case RIGHT -> of.apply(AnswerState.RIGHT);
            case BY_LETTER -> letters.answer(teacherId, open, pupilId, line);
            default -> of.apply(AnswerState.GIVEN);
        };
    }

    /** What the sender has seen of an answer: what it was shown, or what its own entry before left there. */
    private @Nullable Integer seen(OpenPile open, PupilId pupilId, int question, Entry entry) {
        MarkedAnswer there = open.answer(pupilId, question);
        if (entry.seen() == null || there == null || entry.follows() == null) {
            return entry.seen();
        }
        return lines.find(open.stored().id(), entry.follows()).map(this::changed).filter(own -> own.answers().stream()
                .anyMatch(answer -> answer.question() == question && answer.after() != null
                        && answer.after().revision() == there.revision()))
                .isPresent() ? (Integer) there.revision() : entry.seen();
    }

    private Changed changed(StoredLine line) {
        return json.readValue(line.changed(), Changed.class);
    }

    private static Changed changed(OpenPile before, OpenPile after, PupilId pupilId) {
        List<AnswerChange> changes = new ArrayList<>();
        Stream.concat(before.answers(pupilId).stream(), after.answers(pupilId).stream()).map(MarkedAnswer::question)
                .distinct().sorted().forEach(question -> {
                    MarkedAnswer was = before.answer(pupilId, question);
                    MarkedAnswer is = after.answer(pupilId, question);
                    if (!Objects.equals(was, is)) {
                        changes.add(new AnswerChange(question, was, is));
                    }
                });
        boolean paper = !Objects.equals(before.papers().get(pupilId), after.papers().get(pupilId));
        return new Changed(!paper ? null
                : Objects.requireNonNullElse(before.papers().get(pupilId), new StoredPaper(pupilId, null, false)),
                changes);
    }

    /** What was taken back: on whose paper, and the line; empty where a cause was. */
    record TakenBack(Pupil pupil, String line) {}

    /**
     * Brings a paper back to what it was before an entry, but for answers that were changed since.
     *
     * @throws Missing where no such entry is kept any more
     */
    @Transactional
    TakenBack takeBack(TeacherId teacherId, MarkingId id, String key) {
        StoredLine line = lines.find(id, key).orElseThrow(
                () -> new Missing("This was typed too long ago to be taken back. Type what stands there instead."));
        OpenPile open = piles.openToChange(teacherId, id, line.pupilId());
        Pupil pupil = open.pupil(line.pupilId());
        if (lines.takeBack(key) > 0) {
            changes.ofPupil(pupil.id());
            Changed changed = changed(line);
            if (changed.paperBefore() != null) {
                mapper.keepPaper(id, changed.paperBefore());
            }
            changed.answers().forEach(change -> restore(open, pupil.id(), change));
        }
        return new TakenBack(pupil, line.line());
    }

    private void restore(OpenPile open, PupilId pupilId, AnswerChange change) {
        MarkedAnswer there = open.answer(pupilId, change.question());
        if (!change.isStillThere(there)) {
            return;
        }
        MarkingId id = open.stored().id();
        MarkedAnswer before = change.before();
        if (before == null) {
            mapper.takeOut(id, pupilId, change.question());
        } else {
            paperAnswers.keepAgain(open, before);
            mapper.notePaper(id, pupilId, new TakenAnswer(before.question(),
                    before.typed() == null ? before.given() : before.typed(), false, before.paper(),
                    before.marksGiven(), before.marksOf()));
        }
    }
}
