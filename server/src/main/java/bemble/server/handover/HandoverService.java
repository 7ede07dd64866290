package bemble.server.handover;

import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.load.Jobs.Progress;
import bemble.server.log.papers.PupilPapers;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.marking.MarkedWork;
import bemble.server.marking.taken.PastAnswer;
import bemble.server.marking.taken.PastPile;
import bemble.server.marking.taken.PastQuiz;
import bemble.server.marking.taken.TakenPapers;
import bemble.server.progress.PupilWork;
import bemble.server.progress.RecordService;
import bemble.server.reports.Judgement;
import bemble.server.reports.Pieces;
import bemble.server.web.SpreadsheetText;
import bemble.server.web.TableFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Class lists and answers in and out, pupils to another class, and pupils deleted with everything about them. */
@Service
class HandoverService {
    private final ClassService classes;
    private final MarkedWork work;
    private final PupilPapers papers;
    private final RecordService records;
    private final TakenPapers taken;
    private final Pieces pieces;
    private final ClassFileReader files;
    private final Clock clock;

    HandoverService(ClassService classes, MarkedWork work, PupilPapers papers, RecordService records, TakenPapers taken,
            Pieces pieces, ClassFileReader files, Clock clock) {
        this.classes = classes;
        this.work = work;
        this.papers = papers;
        this.records = records;
        this.taken = taken;
        this.pieces = pieces;
        this.files = files;
        this.clock = clock;
    }

    /** What goes with a pupil: marked answers, papers written at screens, and decisions of the teacher about rungs. */
    record WhatGoes(Pupil pupil, String className, int answers, int papers) {}

    WhatGoes whatGoes(long teacherId, long pupilId) {
        SchoolClass schoolClass = classes.ofPupil(teacherId, pupilId);
        Pupil pupil = classes.findPupil(teacherId, pupilId);
        return new WhatGoes(pupil, schoolClass.name(), work.count(pupilId), papers.count(pupilId));
    }

    /** Deletes a pupil and everything about them; it cannot be undone. */
    @Transactional
    void delete(long teacherId, long pupilId) {
        classes.ofPupil(teacherId, pupilId);
        papers.delete(pupilId);
        classes.deleteForGood(teacherId, pupilId);
    }

    SchoolClass bringBack(long teacherId, long pupilId) {
        return classes.bringBack(teacherId, pupilId);
    }

    /** The class list as CSV: a heading, then a name a line. */
    String list(long teacherId, long classId) {
        return csv(printer -> {
            printer.printRecord("name");
            for (Pupil pupil : classes.find(teacherId, classId).pupils()) {
                printer.printRecord(SpreadsheetText.plain(pupil.name()));
            }
        });
    }

    /**
     * Takes a class list in: the names are added to those that are there.
     *
     * @throws Refusal naming each line that is not a name; nothing is taken then
     */
    @Transactional
    SchoolClass takeList(long teacherId, long classId, byte[] file) {
        List<String> names = new ArrayList<>();
        for (TableFile.Row row : TableFile.rows(file)) {
            String name = SpreadsheetText.typed(row.field(0));
            boolean heading = names.isEmpty() && name.equalsIgnoreCase("name");
            // A name stands at the number of its line, so that a refusal names it.
            while (!heading && names.size() < row.line() - 1) {
                names.add("");
            }
            names.add(heading ? "" : name);
        }
        return classes.addNames(teacherId, classId, names);
    }

    /** All marked answers of a class as CSV, a line each. */
    String answers(long teacherId, long classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        return csv(printer -> {
            printer.printRecord("pupil", "day", "sheet", "question", "problem", "right", "given", "correction", "alone",
                    "cause", "confirmed");
            for (Pupil pupil : schoolClass.pupils()) {
                for (Answer answer : work.of(teacherId, List.of(pupil.id())).answers()) {
                    printer.printRecord(SpreadsheetText.plain(pupil.name()), answer.day(),
                            SpreadsheetText.plain(answer.title()),
                            answer.question(), answer.problem(), answer.right() ? "yes" : "no",
                            SpreadsheetText.plain(answer.given()),
                            SpreadsheetText.plain(answer.correction()), answer.alone() ? "yes" : "no",
                            answer.cause() == null ? "" : answer.cause(), answer.confirmed() ? "yes" : "no");
                }
            }
        });
    }

    private interface Printing {
        void print(CSVPrinter printer) throws IOException;
    }

    private static String csv(Printing printing) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, SpreadsheetText.FORMAT)) {
            printing.print(printer);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** A class with all that is known of it, as docs/formats/class.md describes it. */
    ClassFile file(long teacherId, long classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        return new ClassFile(ClassFile.FORMAT, schoolClass.name(), records.today(),
                Stream.concat(records.work(teacherId, schoolClass).stream().map(pupil -> inFile(pupil, null)),
                        records.work(teacherId, schoolClass.with(former(teacherId, classId))).stream()
                                .map(pupil -> inFile(pupil, true)))
                        .toList());
    }

    /** Who was taken out of the class; of two with one name the later, since in the file a name tells whose the answers are. */
    private List<Pupil> former(long teacherId, long classId) {
        Set<String> names = new HashSet<>(classes.find(teacherId, classId).pupils().stream().map(Pupil::name).toList());
        return classes.former(teacherId, classId).stream().filter(pupil -> names.add(pupil.name()))
                .map(pupil -> new Pupil(pupil.id(), pupil.name())).toList();
    }

    private ClassFile.PupilInFile inFile(PupilWork pupil, Boolean left) {
        List<Judgement> judgements = pieces.judgementsOf(pupil.pupil().id());
        return new ClassFile.PupilInFile(pupil.pupil().name(), pupil.answers().stream()
                .map(answer -> new ClassFile.AnswerInFile(answer.day(), answer.title(), answer.question(),
                        answer.problem(), answer.right(),
                        answer.given(), answer.correction(), answer.alone(), answer.cause(), answer.confirmed(),
                        answer.fact(), judgements.stream()
                                .filter(each -> each.markingId() == answer.marking()
                                        && each.question() == answer.question())
                                .map(each -> new ClassFile.JudgementInFile(each.judgedOn(), each.judge(), each.says()))
                                .toList()))
                .toList(),
                pupil.places().all().keySet().stream()
                        .map(rung -> new ClassFile.RungInFile(rung, pupil.standing(rung).state().id(),
                                pupil.standing(rung).say(), pupil.places().isRuled(rung)))
                        .toList(),
                pupil.quizzes().stream().map(
                        quiz -> new ClassFile.QuizInFile(quiz.day(), quiz.title(), quiz.passMark(), quiz.problems()))
                        .toList(),
                left);
    }

    /**
     * Makes a class from a file that another Bemble wrote: its pupils with their history, all or nothing. Nobody sees the
     * class before it is whole, so that what is kept of it need not be kept from everybody else meanwhile.
     *
     * @throws Refusal naming what cannot be read
     */
    SchoolClass takeOver(long teacherId, byte[] file, Progress progress) {
        ClassFile read = files.read(file);
        progress.of(read.pupils().stream().mapToInt(pupil -> pupil.answers().size()).sum());
        SchoolClass made =
                classes.begin(teacherId, read.name(), read.pupils().stream().filter(pupil -> !pupil.hasLeft())
                        .map(ClassFile.PupilInFile::name).toList());
        try {
            fill(teacherId, made, read, progress);
            return classes.arrived(teacherId, made.id());
        } catch (RuntimeException stopped) {
            classes.takeBack(made.id());
            throw stopped;
        }
    }

    private void fill(long teacherId, SchoolClass made, ClassFile file, Progress progress) {
        Map<PastPile, List<PastAnswer>> answers = new LinkedHashMap<>();
        Map<PastPile, List<PastQuiz>> quizzes = new HashMap<>();
        IdentityHashMap<ClassFile.PupilInFile, Long> ids = new IdentityHashMap<>();
        for (ClassFile.PupilInFile pupil : file.pupils()) {
            long id = pupil.hasLeft() ? classes.addFormer(made.id(), pupil.name())
                    : made.pupils().stream().filter(each -> each.name().equals(pupil.name().strip())).findFirst()
                            .orElseThrow(() -> Refusal.of("pupils", "A pupil in the file has no name.")).id();
            ids.put(pupil, id);
            pupil.answers().forEach(answer -> {
                PastPile pile = new PastPile(answer.day(), answer.sheet());
                answers.computeIfAbsent(pile, any -> new ArrayList<>())
                        .add(new PastAnswer(id, pile, answer.question(), read(answer.problem()),
                                answer.right(), answer.given(), answer.correction(), answer.alone(), answer.cause(),
                                answer.confirmed(), answer.fact()));
            });
            pupil.quizzes().forEach(quiz -> {
                PastPile pile = new PastPile(quiz.day(), quiz.sheet());
                quizzes.computeIfAbsent(pile, any -> new ArrayList<>()).add(new PastQuiz(id, pile, quiz.passMark(),
                        quiz.problems().stream().map(HandoverService::read).toList()));
            });
            pupil.rungs().stream().filter(ClassFile.RungInFile::ruled)
                    .forEach(rung -> records.keepRuling(id, rung.rung(), rung.state(), rung.say()));
        }
        OffsetDateTime now = OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
        Map<PastPile, Long> piles = new HashMap<>();
        answers.forEach((pile, written) -> {
            piles.put(pile,
                    taken.takeOver(teacherId, made.id(), pile, written, quizzes.getOrDefault(pile, List.of()), now));
            progress.add(written.size());
        });
        for (ClassFile.PupilInFile pupil : file.pupils()) {
            pupil.answers()
                    .forEach(answer -> answer.judgements().forEach(said -> pieces.keep(new Judgement(ids.get(pupil),
                            piles.get(new PastPile(answer.day(), answer.sheet())), answer.question(), said.judge(),
                            said.says(), said.day()))));
        }
    }

    private static String read(String problem) {
        return ProblemText.read(problem, 0, Punctuation.POINT).text();
    }

    /** Moves pupils to another class of the teacher; their history goes with them. */
    @Transactional
    SchoolClass move(long teacherId, long classId, List<Long> pupilIds, long toClassId) {
        return classes.move(teacherId, classId, pupilIds, toClassId);
    }
}
