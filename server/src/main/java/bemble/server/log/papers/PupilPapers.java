package bemble.server.log.papers;

import bemble.core.entry.GivenAnswer;
import bemble.core.order.WorkOrder;
import bemble.core.print.OwnWork;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;

import bemble.server.writing.MarkResponse;
import bemble.server.writing.MarkResponse.MarksView;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Papers that pupils write at a screen, or that a teacher copies for them; they stand in their teacher's log. */
@Component
public class PupilPapers {
    private static final Logger LOG = LoggerFactory.getLogger(PupilPapers.class);
    private static final AttemptSettings COPIED = new AttemptSettings(false, false, false, "asked", 0, null, false);

    private final AttemptService attempts;
    private final AttemptMapper mapper;

    PupilPapers(AttemptService attempts, AttemptMapper mapper) {
        this.attempts = attempts;
        this.mapper = mapper;
    }

    /**
     * What a pupil wrote as the answer.
     *
     * @param given in plain digits with a point
     * @param unclear whether what stands there could not be read
     * @param slip the slip that fits the paper where it went wrong; null where none does
     * @param marks the marks for the paper; null where the house style gives none
     */
    public record Handed(int question, String given, boolean unclear, @Nullable String slip,
            @Nullable MarksView marks) {
        public @Nullable Integer marksGiven() {
            return marks == null ? null : (Integer) marks.given();
        }

        public @Nullable Integer marksOf() {
            return marks == null ? null : (Integer) marks.of();
        }
    }

    /**
     * Begins a paper for each problem.
     *
     * @return names the pupil's papers
     */
    @Transactional
    public UUID begin(TeacherId teacherId, PupilId pupilId, String label, List<Problem> problems, HouseStyle style,
            boolean led) {
        UUID run = UUID.randomUUID();
        AttemptSettings settings = new AttemptSettings(false, false, led, "end", 0, null, false);
        List<AttemptService.ToBegin> papers = new ArrayList<>();
        for (Problem problem : problems) {
            papers.add(new AttemptService.ToBegin(new WorkOrder(problem, null, style, null), settings,
                    new PaperSource(run, null, papers.size() + 1, null), label));
        }
        attempts.beginAll(teacherId, papers);
        mapper.belongsTo(run.toString(), pupilId);
        return run;
    }

    /** A paper with its question. */
    public record Paper(EntryId id, int question, Problem problem) {}

    /** The paper on which a pupil's working is copied from a pile; it is begun where nothing was copied yet. */
    @Transactional
    public EntryId copy(TeacherId teacherId, CopiedFrom from, int question, String label, Problem problem,
            HouseStyle style) {
        return mapper.copy(teacherId, from.marking(), from.pupil(), question, problem).orElseGet(() -> attempts
                .begin(teacherId, new AttemptService.ToBegin(new WorkOrder(problem, null, style, null), COPIED,
                        new PaperSource(null, null, question, from), label))
                .entry().id());
    }

    /** What was copied for a pupil: the problem, and what stands there. */
    public record Copy(PupilId pupil, Problem problem, Handed handed) {}

    /** Marks a copy and gives what stands on it; nothing where the pile has no such copy. */
    public Optional<Copy> copied(TeacherId teacherId, MarkingId markingId, EntryId id) {
        Attempt attempt = attempts.find(teacherId, id);
        CopiedFrom from = attempt.source().copied();
        return from == null || !from.marking().equals(markingId) ? Optional.empty()
                : Optional.of(new Copy(from.pupil(), attempt.entry().problem(), handed(teacherId, attempt)));
    }

    /** The papers in the order of their questions. */
    public List<Paper> of(TeacherId teacherId, String run) {
        return mapper.papersOfRun(teacherId, run).stream()
                .map(each -> new Paper(each.id(), each.question(), each.problem())).toList();
    }

    /** The question that a paper is for; nothing where it is not one of these. */
    public Optional<Integer> question(EntryId paperId, String run) {
        return mapper.questionInRun(paperId, run);
    }

    public AttemptView one(TeacherId teacherId, EntryId id) {
        return attempts.view(attempts.find(teacherId, id));
    }

    /** Adds what was done since; gives how many things there are now. */
    public int add(TeacherId teacherId, EntryId id, DoneFigures done) {
        return attempts.add(teacherId, id, done.from(), done.figures());
    }

    /** What was answered on the papers when they were last handed in, by question. */
    public Map<Integer, String> answers(TeacherId teacherId, String run) {
        Map<Integer, String> answers = new HashMap<>();
        attempts.ofRun(teacherId, UUID.fromString(run)).forEach(attempt -> answers
                .put(Objects.requireNonNull(attempt.source().question()), meant(attempt, attempt.entry().answer())));
        return answers;
    }

    /** An answer in plain digits with a point, whatever the style of the paper; as it stands there where it is no number. */
    private String meant(Attempt attempt, String answer) {
        return GivenAnswer.plain(answer, attempts.style(attempt).answersWritten(), answer);
    }

    /** How many things were done on a paper. */
    public int done(TeacherId teacherId, EntryId id) {
        return attempts.find(teacherId, id).figures().size();
    }

    /** Marks the papers and gives what was answered; a paper on which nothing stands has an empty answer. */
    public List<Handed> handIn(TeacherId teacherId, UUID run) {
        return attempts.ofRun(teacherId, run).stream().map(attempt -> handed(teacherId, attempt)).toList();
    }

    private Handed handed(TeacherId teacherId, Attempt attempt) {
        int question = Objects.requireNonNull(attempt.source().question());
        MarkResponse marked = marked(attempt);
        if (marked == null) {
            return new Handed(question, "", true, null, null);
        }
        attempts.keep(teacherId, attempt.entry().id(), marked);
        String answer = meant(attempt, marked.answer().text());
        return new Handed(question, answer.substring(0, Math.min(Limits.ANSWER_LETTERS, answer.length())), false,
                marked.likeliestSlip(), marked.marks());
    }

    /**
     * A paper as it is marked. No failure may keep a class's papers from their pile: what cannot be judged is taken in by its answer
     * alone, and what cannot even be read so is for the teacher to look at (null).
     */
    private @Nullable MarkResponse marked(Attempt attempt) {
        for (boolean answerAlone : new boolean[] {false, true}) {
            try {
                return answerAlone ? attempts.answerAlone(attempt) : attempts.marked(attempt);
            } catch (RuntimeException | StackOverflowError failure) {
                LOG.error("A paper of {} could not be {}", attempt.entry().problem().text(),
                        answerAlone ? "read" : "judged", failure);
            }
        }
        return null;
    }

    /** A paper that a pupil wrote. */
    public record Own(LocalDate day, Problem problem, OwnWork work) {}

    /** The last paper that a pupil wrote alone and that came out right. */
    public Optional<Own> lastRight(TeacherId teacherId, PupilId pupilId) {
        return mapper.rightOfPupil(teacherId, pupilId).stream()
                .map(paper -> new Right(attempts.find(teacherId, paper.id()), paper.copiedOf()))
                .filter(right -> !right.paper.settings().led()).findFirst().map(right -> new Own(right.day(),
                        right.paper.entry().problem(), attempts.work(right.paper)));
    }

    private record Right(Attempt paper, @Nullable LocalDate copiedOf) {
        private LocalDate day() {
            return copiedOf == null ? paper.entry().workedAt().toLocalDate() : copiedOf;
        }
    }

    /** A question of a pile. */
    public record Asked(MarkingId marking, int question) {}

    /** The last papers that a pupil wrote at screens or that were copied for them, by the question they were marked for. */
    public Map<Asked, OwnWork> written(TeacherId teacherId, PupilId pupilId, int most) {
        Map<Asked, OwnWork> written = new HashMap<>();
        mapper.inPiles(teacherId, pupilId, most)
                .forEach(paper -> written.put(new Asked(paper.markingId(), paper.question()),
                        attempts.work(attempts.find(teacherId, paper.id()))));
        return written;
    }

    /** How many papers a pupil wrote at screens, or has had copied. */
    public int count(PupilId pupilId) {
        return mapper.countOfPupil(pupilId);
    }

    /** Takes everything that a pupil wrote out of the log, for good. */
    public void delete(PupilId pupilId) {
        mapper.deleteOfPupil(pupilId);
    }
}
