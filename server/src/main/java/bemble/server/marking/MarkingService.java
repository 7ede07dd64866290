package bemble.server.marking;

import bemble.core.diagnosis.Answers;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.diagnosis.KnownAnswers;
import bemble.server.faults.Missing;
import bemble.server.marking.Views.MarkedPaperView;
import bemble.server.marking.Views.MarkedSheetView;
import bemble.server.marking.Views.MarkingLine;
import bemble.server.marking.Views.MarkingView;
import bemble.server.marking.Views.PaperAnswerView;
import bemble.server.marking.Views.QuestionLine;
import bemble.server.sets.PrintedSheets;
import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import bemble.server.style.StyleService;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Keeps the papers of classes as they are marked. */
@Service
class MarkingService {
    private static final Set<String> STATES = Set.of("right", "given", "blank", "not-reached", "unclear");
    private static final int MOST_PRESUMED = 4;

    private final MarkingMapper markings;
    private final ClassService classes;
    private final PrintedSheets sheets;
    private final StyleService styles;
    private final PreferencesService preferences;
    private final KnownAnswers known;
    private final ObjectMapper json;
    private final Clock clock;

    MarkingService(MarkingMapper markings, ClassService classes, PrintedSheets sheets, StyleService styles,
            PreferencesService preferences, KnownAnswers known, ObjectMapper json, Clock clock) {
        this.markings = markings;
        this.classes = classes;
        this.sheets = sheets;
        this.styles = styles;
        this.preferences = preferences;
        this.known = known;
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
            return problems.stream().map(text -> ProblemText.read(text, 0, Punctuation.POINT)).toList();
        }
    }

    /** A marking with what is needed to judge it. */
    record Open(StoredMarking stored, SchoolClass schoolClass, List<Sheet> sheets, Map<Long, StoredPaper> papers,
                List<MarkedAnswer> answers, HouseStyle style) {
        Sheet sheet(long pupilId) {
            StoredPaper paper = papers.get(pupilId);
            return paper == null || paper.sheet() == null ? sheets.get(0)
                    : sheets.stream().filter(sheet -> sheet.code().equals(paper.sheet())).findFirst().orElse(sheets.get(0));
        }

        List<MarkedAnswer> answers(long pupilId) {
            return answers.stream().filter(answer -> answer.pupilId() == pupilId).toList();
        }
    }

    List<MarkingLine> all(long teacherId) {
        Map<Long, SchoolClass> byId = new HashMap<>();
        classes.all(teacherId).forEach(each -> byId.put(each.id(), each));
        return markings.all(teacherId).stream().filter(each -> byId.containsKey(each.classId())).map(each -> {
            SchoolClass schoolClass = byId.get(each.classId());
            int begun = markings.begun(each.id());
            return new MarkingLine(each.id(), each.title(), schoolClass.name(), each.begunAt(), Math.max(begun, schoolClass.pupils().size()), begun);
        }).toList();
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

    Open open(long teacherId, long id) {
        StoredMarking stored = markings.find(teacherId, id).orElseThrow(() ->
                new Missing("These papers are not among yours. They may have been deleted; the list shows what is there."));
        Map<Long, StoredPaper> papers = new HashMap<>();
        markings.papers(id).forEach(paper -> papers.put(paper.pupilId(), paper));
        List<MarkedAnswer> answers = markings.answers(id);
        return new Open(stored, withThoseWhoLeft(teacherId, classes.find(teacherId, stored.classId()), answers),
                json.readValue(stored.sheets(), new TypeReference<List<Sheet>>() {}), papers, answers, styles.of(teacherId));
    }

    /** Who has moved on to another class since still has a paper in the pile. */
    private SchoolClass withThoseWhoLeft(long teacherId, SchoolClass now, List<MarkedAnswer> answers) {
        List<Pupil> pupils = new ArrayList<>(now.pupils());
        answers.stream().map(MarkedAnswer::pupilId).distinct()
                .filter(pupilId -> now.pupils().stream().noneMatch(pupil -> pupil.id() == pupilId))
                .forEach(pupilId -> classes.pupil(teacherId, pupilId).ifPresent(pupils::add));
        return new SchoolClass(now.id(), now.name(), pupils);
    }

    MarkingView view(long teacherId, long id) {
        Open open = open(teacherId, id);
        List<Problem> problems = open.sheets().stream().flatMap(sheet -> sheet.read().stream()).toList();
        return new MarkingView(id, open.stored().title(), open.stored().classId(), open.schoolClass().name(),
                open.stored().begunAt(), open.stored().workedOn(), open.sheets().stream().map(sheet -> new MarkedSheetView(sheet.code(), sheet.read().stream()
                        .map(problem -> new QuestionLine(problem.text(), problem.operation().id(), right(problem, open.style()))).toList())).toList(),
                open.schoolClass().pupils().stream().map(pupil -> paper(open, pupil)).toList(), Causes.of(problems));
    }

    static String right(Problem problem, HouseStyle style) {
        return Written.answerBy(Hand.CAREFUL, problem, Methods.find(problem, null, style), style).answer().text();
    }

    /** A paper with the answers on it that can be read, judged together once. */
    private record ReadPaper(List<MarkedAnswer> answers, Writer writer) {
        Map<Integer, Judged> judged() {
            Map<Integer, Judged> judged = new HashMap<>();
            List<Judged> each = writer.items();
            for (int i = 0; i < answers.size(); i++) {
                judged.put(answers.get(i).question(), each.get(i));
            }
            return judged;
        }

        String factMissed(int question) {
            return writer.factMissed(answers.stream().map(MarkedAnswer::question).toList().indexOf(question));
        }
    }

    private ReadPaper read(Open open, long pupilId) {
        List<MarkedAnswer> answers = readable(open.answers(pupilId));
        return new ReadPaper(answers, writer(open, answers, open.sheet(pupilId).read()));
    }

    private MarkedPaperView paper(Open open, Pupil pupil) {
        return known.read(() -> paper(open, pupil, read(open, pupil.id())));
    }

    /** A pupil's paper, each answer judged in the light of the others. */
    private static MarkedPaperView paper(Open open, Pupil pupil, ReadPaper read) {
        List<Problem> problems = open.sheet(pupil.id()).read();
        Map<Integer, Judged> judged = read.judged();
        boolean alone = judged.values().stream().filter(each -> each.verdict() == Judged.Verdict.WRONG).count() < 2;
        StoredPaper paper = open.papers().get(pupil.id());
        return new MarkedPaperView(pupil, open.sheet(pupil.id()).code(), paper != null && paper.absent(), open.answers(pupil.id()).stream()
                .map(answer -> view(answer, problems.get(answer.question() - 1), judged.get(answer.question()), alone)).toList());
    }

    /** The answers that are judged: what is blank, not reached or unclear is none. */
    static List<MarkedAnswer> readable(List<MarkedAnswer> answers) {
        return answers.stream().filter(answer -> answer.state().equals("given") || answer.state().equals("right")).toList();
    }

    /** The paper as it is now, with how each answer was judged kept beside it. */
    MarkedPaperView judgedAnew(long teacherId, long id, Pupil pupil) {
        Open open = open(teacherId, id);
        return known.read(() -> {
            ReadPaper read = read(open, pupil.id());
            MarkedPaperView paper = paper(open, pupil, read);
            paper.answers().forEach(answer -> {
                String presumed = answer.presumed().isEmpty() ? null : answer.presumed().get(0).slip();
                markings.judge(id, pupil.id(), new MarkingMapper.Judgement(answer.question(), answer.verdict(), presumed,
                        Slips.FACT_NEAR_MISS.equals(presumed) ? read.factMissed(answer.question()) : null));
            });
            return paper;
        });
    }

    Writer writer(Open open, List<MarkedAnswer> answers, List<Problem> problems) {
        List<Answers> known = answersOf(answers.stream().map(answer -> problems.get(answer.question() - 1)).toList(), open.style());
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < answers.size(); i++) {
            items.add(new Item(known.get(i), answers.get(i).state().equals("right") ? known.get(i).rightText()
                    : answers.get(i).given()));
        }
        return Writer.of(items, open.style().point().punctuation());
    }

    /** The answers of each of some questions. */
    List<Answers> answersOf(List<Problem> problems, HouseStyle style) {
        return known.of(problems.stream().map(problem -> new KnownAnswers.Wanted(problem, null, style)).toList());
    }

    /** Runs what reads answers of questions, one at a time. */
    <T> T reading(Supplier<T> reader) {
        return known.read(reader);
    }

    private static PaperAnswerView view(MarkedAnswer answer, Problem problem, Judged judged, boolean alone) {
        String verdict = judged == null ? answer.state() : switch (judged.verdict()) {
            case CORRECT -> "right";
            case WRONG -> "wrong";
            case UNREADABLE -> "unclear";
        };
        return new PaperAnswerView(answer.question(), answer.state(), answer.given(), answer.correction(), answer.how(), verdict,
                judged == null ? List.of() : judged.findings().stream().limit(MOST_PRESUMED)
                        .map(finding -> Causes.presumed(finding, problem, alone)).toList(),
                answer.cause(), Causes.name(answer.cause(), problem));
    }

    /**
     * Keeps what stands on a paper for a question; over what was there before.
     *
     * @return the pupil's paper, with all its answers judged anew
     */
    @Transactional
    MarkedPaperView keep(long teacherId, long id, MarkedAnswer answer) {
        Open open = open(teacherId, id);
        Pupil pupil = pupil(open, answer.pupilId());
        requireQuestion(open, answer);
        if (!STATES.contains(answer.state())) {
            throw Refusal.of("state", "Say right, given, blank, not-reached or unclear.");
        }
        if (answer.state().equals("given") && answer.given().isBlank()) {
            throw Refusal.of("given", "Type the answer that stands there, like 7 3152 for question 7.");
        }
        Causes.checked(answer.cause());
        requireCode(teacherId, answer.how());
        markings.keepAnswer(id, answer);
        return judgedAnew(teacherId, id, pupil);
    }

    @Transactional
    MarkedPaperView remove(long teacherId, long id, long pupilId, int question) {
        Open open = open(teacherId, id);
        Pupil pupil = pupil(open, pupilId);
        markings.removeAnswer(id, pupilId, question);
        return judgedAnew(teacherId, id, pupil);
    }

    /** Everything on a paper that has nothing yet is right, or was not reached. */
    @Transactional
    MarkedPaperView rest(long teacherId, long id, long pupilId, String state, String how) {
        Open open = open(teacherId, id);
        Pupil pupil = pupil(open, pupilId);
        if (!Set.of("right", "not-reached").contains(state)) {
            throw Refusal.of("state", "The rest is right, or not-reached.");
        }
        requireCode(teacherId, how);
        List<Integer> there = open.answers(pupilId).stream().map(MarkedAnswer::question).toList();
        for (int question = 1; question <= open.sheet(pupilId).problems().size(); question++) {
            if (!there.contains(question)) {
                markings.keepAnswer(id, new MarkedAnswer(pupilId, question, state, "", "", how, null));
            }
        }
        return judgedAnew(teacherId, id, pupil);
    }

    /**
     * Says on which sheet a pupil worked, or that they were absent.
     *
     * @param code the sheet's printed code, or “set” for the one that was never printed; null leaves it as it is
     */
    @Transactional
    MarkedPaperView paper(long teacherId, long id, long pupilId, String code, boolean absent) {
        Open open = open(teacherId, id);
        Pupil pupil = pupil(open, pupilId);
        StoredPaper before = open.papers().get(pupilId);
        String sheet = before == null ? null : before.sheet();
        if (PrintedSheets.UNPRINTED.equals(code)) {
            sheet = null;
        } else if (code != null && !code.isBlank()) {
            PrintedSheets.Sheet printed = addSheet(teacherId, open, code);
            sheet = printed.code();
            int questions = printed.problems().size();
            open.answers(pupilId).stream().filter(answer -> answer.question() > questions)
                    .forEach(answer -> markings.removeAnswer(id, pupilId, answer.question()));
        }
        markings.keepPaper(id, new StoredPaper(pupilId, sheet, absent));
        return judgedAnew(teacherId, id, pupil);
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

    /** @return how many answers were taken in, all of them or none */
    @Transactional
    int takeIn(long teacherId, long id, String text) {
        List<MarkedAnswer> answers = AnswersFile.read(text, open(teacherId, id));
        keepAll(teacherId, id, answers);
        return answers.size();
    }

    private void keepAll(long teacherId, long id, List<MarkedAnswer> answers) {
        answers.forEach(answer -> markings.keepAnswer(id, answer));
        Open open = open(teacherId, id);
        answers.stream().map(MarkedAnswer::pupilId).distinct().forEach(pupilId -> judgedAnew(teacherId, id, pupil(open, pupilId)));
    }

    /** Says on which day the papers were written, where it was not the day they were begun to be marked. */
    @Transactional
    void workedOn(long teacherId, long id, LocalDate day) {
        open(teacherId, id);
        if (day.isAfter(LocalDate.now(clock))) {
            throw Refusal.of("workedOn", "This day is still to come. Give the day on which the papers were written.");
        }
        markings.changeDay(teacherId, id, day);
    }

    @Transactional
    void delete(long teacherId, long id) {
        open(teacherId, id);
        markings.delete(teacherId, id, now());
    }

    @Transactional
    MarkingView restore(long teacherId, long id) {
        markings.delete(teacherId, id, null);
        return view(teacherId, id);
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
