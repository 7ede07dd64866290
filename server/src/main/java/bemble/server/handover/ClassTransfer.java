package bemble.server.handover;

import bemble.core.practice.Ladder;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.server.classes.ClassArrivals;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.background.JobProgress;
import bemble.server.marking.taken.PastAnswer;
import bemble.server.marking.taken.PastPile;
import bemble.server.marking.taken.PastQuiz;
import bemble.server.marking.taken.TakenPapers;
import bemble.server.progress.PupilWork;
import bemble.server.progress.RecordService;
import bemble.server.progress.StandingOverrideService;
import bemble.server.reports.ColleagueJudgement;
import bemble.server.reports.Pieces;
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
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** A class with all that is known of it, written into a file and made from one. */
@Service
class ClassTransfer {
    private final ClassService classes;
    private final ClassArrivals arrivals;
    private final RecordService records;
    private final StandingOverrideService rulings;
    private final TakenPapers taken;
    private final Pieces pieces;
    private final ClassFileReader files;
    private final Clock clock;

    ClassTransfer(ClassService classes, ClassArrivals arrivals, RecordService records, StandingOverrideService rulings,
            TakenPapers taken, Pieces pieces, ClassFileReader files, Clock clock) {
        this.classes = classes;
        this.arrivals = arrivals;
        this.records = records;
        this.rulings = rulings;
        this.taken = taken;
        this.pieces = pieces;
        this.files = files;
        this.clock = clock;
    }

    /** A class with all that is known of it, as docs/formats/class.md describes it. */
    ClassFile file(TeacherId teacherId, ClassId classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        return new ClassFile(ClassFile.FORMAT, schoolClass.name(), records.today(),
                Stream.concat(records.work(teacherId, schoolClass).stream().map(pupil -> inFile(pupil, null)),
                        records.work(teacherId, schoolClass.with(former(teacherId, classId))).stream()
                                .map(pupil -> inFile(pupil, true)))
                        .toList());
    }

    /** Who was taken out of the class; of two with one name the later, since in the file a name tells whose the answers are. */
    private List<Pupil> former(TeacherId teacherId, ClassId classId) {
        Set<String> names = new HashSet<>(classes.find(teacherId, classId).pupils().stream().map(Pupil::name).toList());
        return classes.former(teacherId, classId).stream().filter(pupil -> names.add(pupil.name()))
                .map(pupil -> new Pupil(pupil.id(), pupil.name())).toList();
    }

    private ClassFile.PupilInFile inFile(PupilWork pupil, @Nullable Boolean left) {
        List<ColleagueJudgement> judgements = pieces.judgementsOf(pupil.pupil().id());
        return new ClassFile.PupilInFile(pupil.pupil().name(), pupil.answers().stream()
                .map(answer -> new ClassFile.AnswerInFile(answer.day(), answer.title(), answer.question(),
                        answer.problem().text(), answer.right(),
                        answer.given(), answer.correction(), answer.alone(), answer.cause(), answer.confirmed(),
                        answer.fact(), judgements.stream()
                                .filter(each -> each.isOf(answer))
                                .map(each -> new ClassFile.JudgementInFile(each.judgedOn(), each.judge(), each.says()))
                                .toList()))
                .toList(),
                pupil.places().all().keySet().stream()
                        .map(rung -> new ClassFile.RungInFile(rung, pupil.standing(rung).state().id(),
                                pupil.standing(rung).say(), pupil.places().isRuled(rung)))
                        .toList(),
                pupil.quizzes().stream().map(
                        quiz -> new ClassFile.QuizInFile(quiz.day(), quiz.title(), quiz.passMark(),
                                quiz.problems().stream().map(Problem::text).toList()))
                        .toList(),
                left);
    }

    /**
     * Makes a class from a file that another Bemble wrote: its pupils with their history, all or nothing. Nobody sees the
     * class before it is whole, so that what is kept of it need not be kept from everybody else meanwhile.
     *
     * @throws Refusal naming what cannot be read
     */
    SchoolClass takeOver(TeacherId teacherId, byte[] file, JobProgress progress) {
        ClassFile read = files.read(file);
        progress.of(read.pupils().stream().mapToInt(pupil -> pupil.answers().size()).sum());
        SchoolClass made =
                arrivals.begin(teacherId, read.name(), read.pupils().stream().filter(pupil -> !pupil.hasLeft())
                        .map(ClassFile.PupilInFile::name).toList());
        try {
            fill(teacherId, made, read, progress);
            SchoolClass arrived = arrivals.arrived(teacherId, made.id());
            taken.letJudge();
            return arrived;
        } catch (RuntimeException stopped) {
            arrivals.takeBack(made.id());
            throw stopped;
        }
    }

    private void keep(PupilId pupilId, String name, ClassFile.RungInFile rung) {
        if (Ladder.find(rung.rung()).isEmpty()) {
            throw Refusal.of("rungs", "In the file " + name + " has the step “" + rung.rung()
                    + "”, which this Bemble does not know. Keep the class as JSON again, with a Bemble no newer than this one.");
        }
        rulings.keepRuling(pupilId, rung.rung(), rung.state(), rung.say());
    }

    private void fill(TeacherId teacherId, SchoolClass made, ClassFile file, JobProgress progress) {
        Map<PastPile, List<PastAnswer>> answers = new LinkedHashMap<>();
        Map<PastPile, List<PastQuiz>> quizzes = new HashMap<>();
        IdentityHashMap<ClassFile.PupilInFile, PupilId> ids = new IdentityHashMap<>();
        for (ClassFile.PupilInFile pupil : file.pupils()) {
            PupilId id = pupil.hasLeft() ? arrivals.addFormer(made.id(), pupil.name())
                    : made.pupils().stream().filter(each -> each.name().equals(pupil.name().strip())).findFirst()
                            .orElseThrow(() -> Refusal.of("pupils", "A pupil in the file has no name.")).id();
            ids.put(pupil, id);
            pupil.answers().forEach(answer -> {
                PastPile pile = new PastPile(answer.day(), answer.sheet());
                answers.computeIfAbsent(pile, any -> new ArrayList<>())
                        .add(new PastAnswer(id, pile, answer.question(), ProblemText.kept(answer.problem()),
                                answer.right(), answer.given(), answer.correction(), answer.alone(), answer.cause(),
                                answer.confirmed(), answer.fact()));
            });
            pupil.quizzes().forEach(quiz -> {
                PastPile pile = new PastPile(quiz.day(), quiz.sheet());
                quizzes.computeIfAbsent(pile, any -> new ArrayList<>()).add(new PastQuiz(id, pile, quiz.passMark(),
                        quiz.problems().stream().map(ProblemText::kept).toList()));
            });
            pupil.rungs().stream().filter(ClassFile.RungInFile::ruled)
                    .forEach(rung -> keep(id, pupil.name(), rung));
        }
        OffsetDateTime now = OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
        Map<PastPile, MarkingId> piles = new HashMap<>();
        answers.forEach((pile, written) -> {
            piles.put(pile,
                    taken.takeOver(teacherId, made.id(), pile, written, quizzes.getOrDefault(pile, List.of()), now));
            progress.add(written.size());
        });
        for (ClassFile.PupilInFile pupil : file.pupils()) {
            pupil.answers()
                    .forEach(answer -> answer.judgements()
                            .forEach(said -> pieces.keep(new ColleagueJudgement(Objects.requireNonNull(ids.get(pupil)),
                                    Objects.requireNonNull(piles.get(new PastPile(answer.day(), answer.sheet()))),
                                    answer.question(), said.judge(),
                                    said.says(), said.day()))));
        }
    }
}
