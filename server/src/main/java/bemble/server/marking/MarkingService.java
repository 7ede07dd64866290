package bemble.server.marking;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.marking.Views.MarkingLine;
import bemble.server.sets.PrintedSheets;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import bemble.server.style.StyleService;
import bemble.server.web.Page;
import bemble.server.web.SearchWords;
import bemble.server.web.TableFile;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Keeps the papers of classes as they are marked. */
@Service
class MarkingService {
    private static final Set<String> STATES = Set.of("right", "given", "blank", "not-reached", "unclear");
    /** Of so many piles those that wait are told. */
    private static final int NEWEST = 120;

    private final MarkingMapper markings;
    private final ClassService classes;
    private final PrintedSheets sheets;
    private final StyleService styles;
    private final PreferencesService preferences;
    private final ObjectMapper json;
    private final Clock clock;
    private final AnswerChanges changes;

    MarkingService(MarkingMapper markings, ClassService classes, PrintedSheets sheets, StyleService styles,
            PreferencesService preferences, ObjectMapper json, Clock clock, AnswerChanges changes) {
        this.changes = changes;
        this.markings = markings;
        this.classes = classes;
        this.sheets = sheets;
        this.styles = styles;
        this.preferences = preferences;
        this.json = json;
        this.clock = clock;
    }

    /**
     * A sheet as it is kept with a marking.
     *
     * @param passMark right answers that are enough, or null where it is no quiz
     */
    record Sheet(String code, List<String> problems, Integer passMark) {
        List<Problem> read() {
            return problems.stream().map(Sheet::read).toList();
        }

        /** The problem of one question, counted from 1. */
        Problem problem(int question) {
            return read(problems.get(question - 1));
        }

        private static Problem read(String problem) {
            return ProblemText.read(problem, 0, Punctuation.POINT);
        }
    }

    /**
     * A marking with what is needed to judge it.
     *
     * @param byPupil what stands on each pupil's paper, in the order of its questions
     */
    record Open(StoredMarking stored, SchoolClass schoolClass, List<Sheet> sheets, Map<Long, StoredPaper> papers,
                Map<Long, List<MarkedAnswer>> byPupil, HouseStyle style) {
        Sheet sheet(long pupilId) {
            StoredPaper paper = papers.get(pupilId);
            return paper == null || paper.sheet() == null ? sheets.get(0)
                    : sheets.stream().filter(sheet -> sheet.code().equals(paper.sheet())).findFirst().orElse(sheets.get(0));
        }

        List<MarkedAnswer> answers(long pupilId) {
            return byPupil.getOrDefault(pupilId, List.of());
        }

        /** What stands on all papers. */
        List<MarkedAnswer> answers() {
            return byPupil.values().stream().flatMap(List::stream).toList();
        }

        /** What is kept for a question; null where nothing is. */
        MarkedAnswer answer(long pupilId, int question) {
            return answers(pupilId).stream().filter(answer -> answer.question() == question).findFirst().orElse(null);
        }

        /** What an answer is: right, wrong, blank, not-reached or unclear. */
        String verdict(MarkedAnswer answer, Problem problem) {
            return ReadSheet.verdict(answer, problem, style);
        }
    }

    /** Piles newest first, those whose title, class or code has the words. */
    Page<MarkingLine> search(long teacherId, String words, int offset, int most) {
        String pattern = SearchWords.pattern(words);
        String code = "\"code\":\"[^\"]*" + Pattern.quote(words.strip().toLowerCase(Locale.ROOT));
        return new Page<>(markings.search(teacherId, pattern, code, offset, most).stream().map(MarkingService::line).toList(),
                markings.countMatching(teacherId, pattern, code));
    }

    /** Piles with papers that wait to be marked, newest first. */
    List<MarkingLine> waiting(long teacherId, int most) {
        return markings.waiting(teacherId, NEWEST, most).stream().map(MarkingService::line).toList();
    }

    private static MarkingLine line(MarkingMapper.Line line) {
        return new MarkingLine(line.id(), line.title(), line.className(), line.begunAt(), Math.max(line.marked(), line.pupils()), line.marked());
    }

    /**
     * Begins to mark a class's papers of a sheet.
     *
     * @param code the sheet's printed code, or null where it is a set as it is now
     */
    @Transactional
    MarkingLine begin(long teacherId, long classId, String code, Long setId) {
        if ((code == null || code.isBlank()) == (setId == null)) {
            throw Refusal.of("code", "Type the code at the foot of the sheet, like K7PT-A, or choose a set.");
        }
        SchoolClass schoolClass = classes.find(teacherId, classId);
        if (schoolClass.pupils().isEmpty()) {
            throw Refusal.of("classId", schoolClass.name() + " has no pupils yet. Type their names first.");
        }
        PrintedSheets.Sheet sheet = setId == null ? sheets.printed(teacherId, code) : sheets.ofSet(teacherId, setId);
        if (sheet.problems().isEmpty()) {
            throw Refusal.of("setId", "This set has no questions yet.");
        }
        StoredMarking stored = markings.add(teacherId, classId, sheet.title(), now(), LocalDate.now(clock),
                json.writeValueAsString(List.of(new Sheet(sheet.code(), sheet.problems(), sheet.passMark()))));
        return new MarkingLine(stored.id(), stored.title(), schoolClass.name(), stored.begunAt(), schoolClass.pupils().size(), 0);
    }

    /** A marking with all its papers. */
    Open open(long teacherId, long id) {
        return open(teacherId, id, markings.answers(id));
    }

    /** The same with what stands on one pupil's paper alone: what is done to one does not wait for the others to be read. */
    Open openFor(long teacherId, long id, long pupilId) {
        return open(teacherId, id, markings.answersOf(id, pupilId));
    }

    private Open open(long teacherId, long id, List<MarkedAnswer> answers) {
        StoredMarking stored = markings.find(teacherId, id).orElseThrow(() ->
                new Missing("These papers are not among yours. They may have been deleted; the list shows what is there."));
        Map<Long, StoredPaper> papers = new HashMap<>();
        markings.papers(id).forEach(paper -> papers.put(paper.pupilId(), paper));
        return new Open(stored, withThoseWhoLeft(teacherId, classes.find(teacherId, stored.classId()), answers),
                json.readValue(stored.sheets(), new TypeReference<List<Sheet>>() {}), papers,
                answers.stream().collect(Collectors.groupingBy(MarkedAnswer::pupilId, LinkedHashMap::new, Collectors.toList())), styles.of(teacherId));
    }

    /** Who has moved on to another class since still has a paper in the pile. */
    private SchoolClass withThoseWhoLeft(long teacherId, SchoolClass now, List<MarkedAnswer> answers) {
        List<Pupil> pupils = new ArrayList<>(now.pupils());
        answers.stream().map(MarkedAnswer::pupilId).distinct()
                .filter(pupilId -> now.pupils().stream().noneMatch(pupil -> pupil.id() == pupilId))
                .forEach(pupilId -> classes.pupil(teacherId, pupilId).ifPresent(pupils::add));
        return now.with(pupils);
    }

    static String right(Problem problem, HouseStyle style) {
        return Written.answerBy(Hand.CAREFUL, problem, Methods.find(problem, null, style), style).answer().text();
    }

    /**
     * Keeps what stands on a paper for a question, over what was there before.
     *
     * @param seen the revision of the answer over which this was written, 0 where none stood there; null to keep this whatever
     *     came between
     * @throws ChangedElsewhere with the paper as it is now, where another window has changed the answer meanwhile
     */
    @Transactional
    void keep(long teacherId, long id, MarkedAnswer answer, Integer seen) {
        Open open = openFor(teacherId, id, answer.pupilId());
        pupil(open, answer.pupilId());
        requireQuestion(open, answer);
        if (!STATES.contains(answer.state())) {
            throw Refusal.of("state", "Say right, given, blank, not-reached or unclear.");
        }
        if (answer.state().equals("given") && answer.given().isBlank()) {
            throw Refusal.of("given", "Type the answer that stands there, like 7 3152 for question 7.");
        }
        requireCode(teacherId, answer.how());
        MarkedAnswer there = open.answer(answer.pupilId(), answer.question());
        requireSeen(there, seen);
        if (there == null || !there.saysTheSameAs(answer)) {
            int revision = keep(open, answer);
            // Somebody else’s save may have come in after this one looked.
            if (seen != null && revision != seen + 1) {
                throw new ChangedElsewhere(markings.answer(id, answer.pupilId(), answer.question()).orElse(null));
            }
        }
    }

    private static void requireSeen(MarkedAnswer there, Integer seen) {
        if (seen != null && seen != (there == null ? 0 : there.revision())) {
            throw new ChangedElsewhere(there);
        }
    }

    /** Keeps an answer that stood there before. */
    void keepAgain(Open open, MarkedAnswer answer) {
        if (answer.question() <= open.sheet(answer.pupilId()).problems().size()) {
            keep(open, answer);
        }
    }

    private int keep(Open open, MarkedAnswer answer) {
        Problem problem = open.sheet(answer.pupilId()).problem(answer.question());
        changes.ofPupil(answer.pupilId());
        return markings.keepAnswer(open.stored().id(), answer, open.verdict(answer, problem));
    }

    /** Keeps what the teacher decided of several answers of a paper; those without an answer are passed over. */
    @Transactional
    void decide(long teacherId, long id, long pupilId, String cause, List<Integer> questions) {
        Open open = openFor(teacherId, id, pupilId);
        pupil(open, pupilId);
        open.answers(pupilId).stream().filter(answer -> questions.contains(answer.question()) && answer.state().equals("given"))
                .forEach(answer -> keep(open, MarkedAnswer.of(pupilId, answer.question(), answer.state(), answer.given(), answer.correction(),
                        answer.how(), cause)));
    }

    /** @param seen as in {@link #keep} */
    @Transactional
    void remove(long teacherId, long id, long pupilId, int question, Integer seen) {
        Open open = openFor(teacherId, id, pupilId);
        pupil(open, pupilId);
        requireSeen(open.answer(pupilId, question), seen);
        changes.ofPupil(pupilId);
        markings.removeAnswer(id, pupilId, question);
    }

    /** Everything on a paper that has nothing yet is right, or was not reached. */
    @Transactional
    void rest(long teacherId, long id, long pupilId, String state, String how) {
        Open open = openFor(teacherId, id, pupilId);
        pupil(open, pupilId);
        if (!Set.of("right", "not-reached").contains(state)) {
            throw Refusal.of("state", "The rest is right, or not-reached.");
        }
        requireCode(teacherId, how);
        fill(open, pupilId, 1, state, how);
    }

    private void fill(Open open, long pupilId, int from, String state, String how) {
        List<Integer> there = open.answers(pupilId).stream().map(MarkedAnswer::question).toList();
        for (int question = from; question <= open.sheet(pupilId).problems().size(); question++) {
            if (!there.contains(question)) {
                keep(open, MarkedAnswer.of(pupilId, question, state, "", "", how, null));
            }
        }
    }

    /** A question was not reached, and nothing after it but what stands there already. */
    @Transactional
    void notReachedFrom(long teacherId, long id, long pupilId, int question) {
        keep(teacherId, id, MarkedAnswer.of(pupilId, question, "not-reached", "", "", "", null), null);
        fill(openFor(teacherId, id, pupilId), pupilId, question, "not-reached", "");
    }

    /** Keeps how the answers of a paper were judged, but for those that have changed meanwhile. */
    @Transactional
    void keepJudged(long id, long pupilId, List<MarkingMapper.Judgement> judgements) {
        changes.ofPupil(pupilId);
        judgements.forEach(judgement -> markings.judge(id, pupilId, judgement));
    }

    /** The working tells more than the answer: what it fits is evidence of what led to a wrong one, and it gets marks of its own. */
    @Transactional
    void notePapers(long id, long pupilId, List<TakenPapers.Taken> answers) {
        changes.ofPupil(pupilId);
        answers.forEach(taken -> markings.notePaper(id, pupilId, taken));
    }

    /**
     * Says on which sheet a pupil worked, or that they were absent.
     *
     * @param code the sheet's printed code, or “set” for the one that was never printed; null leaves it as it is
     */
    @Transactional
    void paper(long teacherId, long id, long pupilId, String code, boolean absent) {
        Open open = openFor(teacherId, id, pupilId);
        pupil(open, pupilId);
        StoredPaper before = open.papers().get(pupilId);
        String sheet = before == null ? null : before.sheet();
        if (PrintedSheets.UNPRINTED.equals(code)) {
            sheet = null;
        } else if (code != null && !code.isBlank()) {
            sheet = addSheet(teacherId, open, code).code();
        }
        changes.ofPupil(pupilId);
        markings.keepPaper(id, new StoredPaper(pupilId, sheet, absent));
        int questions = openFor(teacherId, id, pupilId).sheet(pupilId).problems().size();
        open.answers(pupilId).stream().filter(answer -> answer.question() > questions)
                .forEach(answer -> markings.removeAnswer(id, pupilId, answer.question()));
    }

    private PrintedSheets.Sheet addSheet(long teacherId, Open open, String code) {
        PrintedSheets.Sheet printed = sheets.printed(teacherId, code);
        if (open.sheets().stream().noneMatch(sheet -> sheet.code().equals(printed.code()))) {
            List<Sheet> more = new ArrayList<>(open.sheets());
            more.add(new Sheet(printed.code(), printed.problems(), printed.passMark()));
            markings.changeSheets(teacherId, open.stored().id(), json.writeValueAsString(more));
        }
        return printed;
    }

    /** @return the answers that were taken in, all of them or none */
    @Transactional
    List<MarkedAnswer> takeIn(long teacherId, long id, byte[] file) {
        Open open = open(teacherId, id);
        List<MarkedAnswer> answers = AnswersFile.read(TableFile.rows(file), open);
        answers.forEach(answer -> keep(open, answer));
        return answers;
    }

    /** Says on which day the papers were written, where it was not the day they were begun to be marked. */
    @Transactional
    void workedOn(long teacherId, long id, LocalDate day) {
        open(teacherId, id);
        if (day.isAfter(LocalDate.now(clock))) {
            throw Refusal.of("workedOn", "This day is still to come. Give the day on which the papers were written.");
        }
        markings.changeDay(teacherId, id, day);
        changes.inMarking(id);
    }

    /** @throws Refusal where pupils write in it just now */
    @Transactional
    void delete(long teacherId, long id) {
        open(teacherId, id);
        List<String> codes = markings.openAtScreens(id);
        if (!codes.isEmpty()) {
            throw Refusal.of("", "Pupils write these papers at screens just now, under the code " + codes.get(0)
                    + ". End the code first; then the pile can be deleted.");
        }
        markings.delete(teacherId, id, now());
        changes.inMarking(id);
    }

    @Transactional
    void restore(long teacherId, long id) {
        markings.delete(teacherId, id, null);
        changes.inMarking(id);
    }

    private void requireCode(long teacherId, String how) {
        List<HowCode> codes = preferences.of(teacherId).howCodes();
        if (!how.isEmpty() && codes.stream().noneMatch(code -> code.code().equalsIgnoreCase(how))) {
            throw Refusal.of("how", "You have no code “" + how + "” for how it was done. Yours are "
                    + codes.stream().map(code -> code.code() + " (" + code.name() + ")").collect(Collectors.joining(", "))
                    + "; make others in House style.");
        }
    }

    static Pupil pupil(Open open, long pupilId) {
        return open.schoolClass().pupil(pupilId).orElseThrow(() ->
                new Missing("This pupil is not in " + open.schoolClass().name() + " any more."));
    }

    private static void requireQuestion(Open open, MarkedAnswer answer) {
        int questions = open.sheet(answer.pupilId()).problems().size();
        if (answer.question() < 1 || answer.question() > questions) {
            throw Refusal.of("question", "The sheet has questions 1 to " + questions + ", and no question " + answer.question() + ".");
        }
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
