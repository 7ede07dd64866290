package bemble.server.marking;

import bemble.core.problem.Problem;
import bemble.core.slip.NamedRules;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.server.classes.Pupil;
import bemble.server.diagnosis.PaperJudgement;
import bemble.server.diagnosis.PaperJudgement.OfAnswer;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.load.CacheRoom;
import bemble.server.marking.Views.MarkedPaperView;
import bemble.server.marking.Views.MarkedSheetView;
import bemble.server.marking.Views.MarkingView;
import bemble.server.marking.Views.MarksOfPaper;
import bemble.server.marking.Views.PaperAnswerView;
import bemble.server.marking.Views.QuestionLine;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.PaperJudgementMapper;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.ReadSheet;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.rules.SchoolRules;
import bemble.server.storage.DiskFull;
import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Judges pupils' papers, each answer in the light of the others, and shows them. */
@Component
public class Judging {
    private static final Logger LOG = LoggerFactory.getLogger(Judging.class);
    /** What is told of a paper whose judgement failed. */
    static final String NOT_JUDGED =
            "What fits these answers could not be worked out; right and wrong stand as they are. Look at the paper itself.";
    /** A pile with more answers that nobody has judged yet is shown first and judged afterwards: each takes about a millisecond. */
    private static final int MOST_AT_ONCE = 100;

    private record SheetInStyle(PileSheet sheet, HouseStyle style) {}

    private final Cache<SheetInStyle, ReadSheet> sheets =
            CacheRoom.SHEETS.cache((sheet, read) -> 1 + sheet.sheet().problems().size());

    private final Piles piles;
    private final PaperAnswers paperAnswers;
    private final PaperJudgements judgements;
    private final SchoolRules rules;

    Judging(Piles piles, PaperAnswers paperAnswers, PaperJudgements judgements, SchoolRules rules) {
        this.piles = piles;
        this.paperAnswers = paperAnswers;
        this.judgements = judgements;
        this.rules = rules;
    }

    MarkingView view(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        List<Problem> problems = open.sheets().stream().flatMap(sheet -> sheet.problems().stream()).toList();
        return new MarkingView(id, open.stored().title(), open.stored().classId(), open.schoolClass().name(),
                open.stored().begunAt(), open.stored().workedOn(), open
                        .sheets().stream().map(sheet -> new MarkedSheetView(sheet.code(), sheet.problems().stream()
                                .map(problem -> new QuestionLine(
                                        open.style().problem(problem),
                                        problem.operation(), PileSheet.right(problem, open.style())))
                                .toList()))
                        .toList(),
                papers(open), Causes.of(problems, rules.now()));
    }

    private List<MarkedPaperView> papers(OpenPile open) {
        Map<PupilId, PaperJudgement> known = judgements.known(open);
        int unknown = open.schoolClass().pupils().stream().filter(pupil -> !known.containsKey(pupil.id()))
                .mapToInt(pupil -> PaperJudgements.readable(open.answers(pupil.id())).size()).sum();
        boolean now = unknown <= MOST_AT_ONCE;
        return open.schoolClass().pupils().stream().map(pupil -> whereJudged(open, pupil.id(), () -> {
            PaperJudgement there = known.get(pupil.id());
            return there == null && !now ? view(open, pupil, PaperJudgement.NONE, false, null)
                    : view(open, pupil, there == null ? judgements.of(open, pupil.id()) : there, true, null);
        }, () -> view(open, pupil, PaperJudgement.NONE, true, NOT_JUDGED))).toList();
    }

    /**
     * What a paper's judgement is needed for. No failure of one may close a pile: the paper is told to be not judged, the problems and
     * answers are noted in the log, without whose they are, and all else is there.
     */
    <T> T whereJudged(OpenPile open, PupilId pupilId, Supplier<T> judged, Supplier<T> notJudged) {
        try {
            return judged.get();
        } catch (RuntimeException | StackOverflowError failure) {
            List<Problem> problems = open.sheet(pupilId).problems();
            LOG.error("A paper could not be judged: {}", open.answers(pupilId).stream()
                    .map(answer -> problems.get(answer.question() - 1).text() + " → " + answer.said()).toList(),
                    failure);
            return notJudged.get();
        }
    }

    /** How a paper is judged as it is now: worked out once, whoever asks. */
    PaperJudgement of(OpenPile open, PupilId pupilId) {
        return judgements.of(open, pupilId);
    }

    /** A paper as it is now, each answer right or wrong, without what fits the wrong ones. */
    MarkedPaperView unjudged(TeacherId teacherId, MarkingId id, PupilId pupilId) {
        OpenPile open = piles.openFor(teacherId, id, pupilId);
        return view(open, open.pupil(pupilId), PaperJudgement.NONE, false, null);
    }

    /** Judges a paper as it is now and keeps how each answer was judged beside it, unless that has changed meanwhile. */
    public MarkedPaperView judge(TeacherId teacherId, MarkingId id, PupilId pupilId) {
        OpenPile open = piles.openFor(teacherId, id, pupilId);
        Pupil pupil = open.pupil(pupilId);
        return whereJudged(open, pupilId, () -> judged(open, pupil),
                () -> view(open, pupil, PaperJudgement.NONE, true, NOT_JUDGED));
    }

    private MarkedPaperView judged(OpenPile open, Pupil pupil) {
        PupilId pupilId = pupil.id();
        PaperJudgement judged = of(open, pupilId);
        MarkedPaperView paper = view(open, pupil, judged, true, null);
        List<PaperJudgementMapper.Judgement> answers = paper.answers().stream().map(answer -> {
            // What is not likely is not kept as if it were.
            String presumed =
                    answer.presumed().isEmpty() || !answer.say().isEmpty() ? null : answer.presumed().get(0).slip();
            return new PaperJudgementMapper.Judgement(answer.question(), answer.verdict(), presumed,
                    Slips.FACT_NEAR_MISS.equals(presumed)
                            ? judged.answer(answer.question()).map(OfAnswer::factMissed).orElse(null) : null,
                    answer.revision());
        }).toList();
        try {
            paperAnswers.keepJudged(open.stored().id(), pupilId, answers);
        } catch (DiskFull later) {
            LOG.debug("No room to keep how a paper was judged; it is judged again when it is looked at", later);
        }
        return paper;
    }

    /** A pupil's sheet with what is right in it. */
    ReadSheet sheet(OpenPile open, PupilId pupilId) {
        return sheets.get(new SheetInStyle(open.sheet(pupilId), open.style()),
                key -> ReadSheet.of(key.sheet().problems(), key.style()));
    }

    private MarkedPaperView view(OpenPile open, Pupil pupil, PaperJudgement judgement, boolean isJudged,
            @Nullable String trouble) {
        ReadSheet sheet = sheet(open, pupil.id());
        boolean alone = judgement.wrong() < 2;
        StoredPaper paper = open.papers().get(pupil.id());
        return new MarkedPaperView(pupil, open.sheet(pupil.id()).code(), paper != null && paper.absent(),
                open.answers(pupil.id()).stream()
                        .map(answer -> view(sheet, answer, judgement.answer(answer.question()).orElse(null), alone))
                        .toList(),
                isJudged, trouble);
    }

    private PaperAnswerView view(ReadSheet sheet, MarkedAnswer answer, @Nullable OfAnswer judged, boolean alone) {
        Problem problem = sheet.problem(answer.question());
        NamedRules kept = rules.now();
        MarkedAnswer shown = answer.shownIn(sheet.style());
        return new PaperAnswerView(answer.question(), answer.state(), shown.given(), shown.correction(), answer.how(),
                sheet.verdict(answer),
                judged == null ? List.of() : Causes.presumed(judged, problem, alone, kept),
                judged == null ? "" : judged.say(), answer.cause(),
                answer.cause() == null ? null : Causes.name(answer.cause(), problem.operation(), kept),
                answer.marksGiven() == null || answer.marksOf() == null ? null
                        : new MarksOfPaper(answer.marksGiven(), answer.marksOf()),
                answer.revision());
    }
}
