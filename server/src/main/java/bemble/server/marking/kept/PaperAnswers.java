package bemble.server.marking.kept;

import bemble.core.marking.MethodMarksGiven;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.sets.printed.PrintedSheets;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import bemble.server.web.TableFile;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands on the papers of a pile: kept, decided and taken away, a question at a time or all that is left. */
@Service
public class PaperAnswers {
    private final Piles piles;
    private final MarkingMapper markings;
    private final PaperJudgementMapper judged;
    private final PreferencesService preferences;
    private final AnswerChanges changes;

    PaperAnswers(Piles piles, MarkingMapper markings, PaperJudgementMapper judged,
            PreferencesService preferences, AnswerChanges changes) {
        this.piles = piles;
        this.markings = markings;
        this.judged = judged;
        this.preferences = preferences;
        this.changes = changes;
    }

    /**
     * Keeps what stands on a paper for a question, over what was there before.
     *
     * @param seen the revision of the answer over which this was written, 0 where none stood there; null to keep this whatever
     *     came between
     * @throws ChangedElsewhere with the paper as it is now, where another window has changed the answer meanwhile
     */
    @Transactional
    public void keep(TeacherId teacherId, MarkingId id, MarkedAnswer typed, @Nullable Integer seen) {
        OpenPile open = piles.openToChange(teacherId, id, typed.pupilId());
        MarkedAnswer answer = typed.readIn(open.style());
        open.pupil(answer.pupilId());
        open.asked(answer.pupilId(), answer.question());
        if (answer.state() == AnswerState.GIVEN && answer.said().isBlank()) {
            throw Refusal.of("given", "Type the answer that stands there, like 7 3152 for question 7.");
        }
        requireCode(teacherId, answer.how());
        MarkedAnswer there = open.answer(answer.pupilId(), answer.question());
        // Where two say the same there is nothing to ask.
        if (there == null || !there.saysTheSameAs(answer)) {
            requireSeen(there, seen, open);
            keep(open, answer);
        }
    }

    private static void requireSeen(@Nullable MarkedAnswer there, @Nullable Integer seen, OpenPile open) {
        if (seen != null && seen != (there == null ? 0 : there.revision())) {
            throw new ChangedElsewhere(there == null ? null : there.shownIn(open.style()));
        }
    }

    /** Keeps an answer that stood there before. */
    public void keepAgain(OpenPile open, MarkedAnswer answer) {
        if (answer.question() <= open.sheet(answer.pupilId()).problems().size()) {
            keep(open, answer);
        }
    }

    private void keep(OpenPile open, MarkedAnswer answer) {
        Problem problem = open.sheet(answer.pupilId()).problem(answer.question());
        changes.ofPupil(answer.pupilId());
        MarkedAnswer read = answer.readIn(open.style());
        markings.keepAnswer(open.stored().id(), read, open.verdict(read, problem));
    }

    /**
     * Keeps what the teacher decided of several answers of a paper; those without an answer are passed over. It stands above what was
     * found out and takes nothing of it away.
     */
    @Transactional
    public void decide(TeacherId teacherId, MarkingId id, PupilId pupilId, @Nullable String cause,
            List<Integer> questions) {
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        open.pupil(pupilId);
        changes.ofPupil(pupilId);
        open.answers(pupilId).stream()
                .filter(answer -> questions.contains(answer.question()) && answer.state() == AnswerState.GIVEN)
                .forEach(answer -> markings.decide(id, pupilId, answer.question(), cause));
    }

    /**
     * Keeps how many marks a teacher gives for an answer with its working.
     *
     * @param seen as in {@link #keep}
     * @throws Refusal where nothing stands there, the style gives no marks for method, or these are more than there are
     */
    @Transactional
    public void giveMarks(TeacherId teacherId, MarkingId id, PupilId pupilId, int question, int marks,
            @Nullable Integer seen) {
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        open.pupil(pupilId);
        MarkedAnswer there = open.answer(pupilId, question);
        requireSeen(there, seen, open);
        if (there == null || !Set.of(AnswerState.GIVEN, AnswerState.RIGHT).contains(there.state())) {
            throw Refusal.of("line", "Type first what stands there, like " + question + " 3152, and then its marks.");
        }
        int of = MethodMarksGiven.full(open.sheet(pupilId).problem(question), open.style())
                .orElseThrow(() -> Refusal.of(
                        "line", "Your House style gives no marks for method. Choose them there, under Marking."));
        if (marks > of) {
            throw Refusal.of("line", "Question " + question + " has " + of + " marks in all. Type "
                    + question + " m" + of + " at most.");
        }
        changes.ofPupil(pupilId);
        markings.giveMarks(id, pupilId, question, marks, of);
    }

    /** @param seen as in {@link #keep} */
    @Transactional
    public void remove(TeacherId teacherId, MarkingId id, PupilId pupilId, int question, @Nullable Integer seen) {
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        open.pupil(pupilId);
        requireSeen(open.answer(pupilId, question), seen, open);
        changes.ofPupil(pupilId);
        markings.takeOut(id, pupilId, question);
    }

    /** Everything on a paper that has nothing yet is right, or was not reached. */
    @Transactional
    public void rest(TeacherId teacherId, MarkingId id, PupilId pupilId, AnswerState state, String how) {
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        open.pupil(pupilId);
        if (!Set.of(AnswerState.RIGHT, AnswerState.NOT_REACHED).contains(state)) {
            throw Refusal.of("state", "The rest is right, or not-reached.");
        }
        requireCode(teacherId, how);
        fill(open, pupilId, 1, state, how);
    }

    private void fill(OpenPile open, PupilId pupilId, int from, AnswerState state, String how) {
        List<Integer> there = open.answers(pupilId).stream().map(MarkedAnswer::question).toList();
        for (int question = from; question <= open.sheet(pupilId).problems().size(); question++) {
            if (!there.contains(question)) {
                keep(open, MarkedAnswer.of(pupilId, question, state, "", "", how, null));
            }
        }
    }

    /** A question was not reached, and nothing after it but what stands there already. */
    @Transactional
    public void notReachedFrom(TeacherId teacherId, MarkingId id, PupilId pupilId, int question) {
        keep(teacherId, id, MarkedAnswer.of(pupilId, question, AnswerState.NOT_REACHED, "", "", "", null), null);
        fill(piles.openFor(teacherId, id, pupilId), pupilId, question, AnswerState.NOT_REACHED, "");
    }

    /** Keeps how the answers of a paper were judged, but for those that have changed meanwhile. */
    @Transactional
    public void keepJudged(MarkingId id, PupilId pupilId, List<PaperJudgementMapper.Judgement> judgements) {
        // Of a long paper mostly one answer is new. What changes meanwhile waits to be judged, and its revision is another.
        Set<PaperJudgementMapper.Judgement> before = Set.copyOf(judged.ofAnswers(id, pupilId));
        List<PaperJudgementMapper.Judgement> fresh =
                judgements.stream().filter(judgement -> !before.contains(judgement)).toList();
        if (!fresh.isEmpty()) {
            changes.ofPupil(pupilId);
            fresh.forEach(judgement -> judged.judge(id, pupilId, judgement));
        }
    }

    /** The working tells more than the answer: what it fits is evidence of what led to a wrong one, and it gets marks of its own. */
    @Transactional
    public void notePapers(MarkingId id, PupilId pupilId, List<TakenAnswer> answers) {
        changes.ofPupil(pupilId);
        answers.forEach(taken -> markings.notePaper(id, pupilId, taken));
    }

    /**
     * Says on which sheet a pupil worked, or that they were absent.
     *
     * @param code the sheet's printed code, or “set” for the one that was never printed; null leaves it as it is
     */
    @Transactional
    public void paper(TeacherId teacherId, MarkingId id, PupilId pupilId, @Nullable String code, boolean absent) {
        OpenPile open = piles.openToChange(teacherId, id, pupilId);
        open.pupil(pupilId);
        StoredPaper before = open.papers().get(pupilId);
        String sheet = before == null ? null : before.sheet();
        if (PrintedSheets.UNPRINTED.equals(code)) {
            sheet = null;
        } else if (code != null && !code.isBlank()) {
            sheet = piles.addSheet(teacherId, open, code).code();
        }
        changes.ofPupil(pupilId);
        markings.keepPaper(id, new StoredPaper(pupilId, sheet, absent));
        int questions = piles.openFor(teacherId, id, pupilId).sheet(pupilId).problems().size();
        open.answers(pupilId).stream().filter(answer -> answer.question() > questions)
                .forEach(answer -> markings.takeOut(id, pupilId, answer.question()));
    }

    /** @return the answers that were taken in, all of them or none */
    @Transactional
    public List<MarkedAnswer> takeIn(TeacherId teacherId, MarkingId id, byte[] file) {
        OpenPile open = piles.openToChange(teacherId, id);
        List<MarkedAnswer> answers = AnswersFile.read(TableFile.rows(file), open);
        answers.forEach(answer -> keep(open, answer));
        return answers;
    }

    private void requireCode(TeacherId teacherId, String how) {
        List<HowCode> codes = preferences.of(teacherId).howCodes();
        if (!how.isEmpty() && codes.stream().noneMatch(code -> code.code().equalsIgnoreCase(how))) {
            throw Refusal.of("how", "You have no code “" + how + "” for how it was done. Yours are "
                    + codes.stream().map(code -> code.code() + " (" + code.name() + ")")
                            .collect(Collectors.joining(", "))
                    + "; make others in House style.");
        }
    }
}
