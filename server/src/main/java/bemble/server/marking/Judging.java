package bemble.server.marking;

import bemble.core.entry.RightAnswer;
import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.slip.KeptRules;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.server.classes.Pupil;
import bemble.server.diagnosis.KnownAnswers;
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
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PaperAnswers;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.ReadSheet;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.rules.SchoolRules;
import bemble.server.storage.DiskFull;
import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
    private static final int MOST_PRESUMED = 4;
    private static final double WORTH_SHOWING = 0.02;
    /** A pile with more answers that nobody has judged yet is shown first and judged afterwards: each takes about a millisecond. */
    private static final int MOST_AT_ONCE = 100;

    /** What a judgement rests on: as long as none of it changes there is no other. What the teacher decided stands above it. */
    private record Grounds(List<Problem> problems, List<Given> answers, HouseStyle style, KeptRules rules) {}

    /** What of an answer is judged. */
    private record Given(int question, AnswerState state, String given, @Nullable String paper) {}

    private record SheetInStyle(PileSheet sheet, HouseStyle style) {}

    private final Cache<SheetInStyle, ReadSheet> sheets =
            CacheRoom.SHEETS.cache((sheet, read) -> 1 + sheet.sheet().problems().size());
    private final Cache<Grounds, PaperJudgement> judgements =
            CacheRoom.JUDGEMENTS.cache((grounds, judged) -> 1 + grounds.answers().size());

    private final Piles piles;
    private final PaperAnswers paperAnswers;
    private final KnownAnswers known;
    private final SchoolRules rules;

    Judging(Piles piles, PaperAnswers paperAnswers, KnownAnswers known, SchoolRules rules) {
        this.piles = piles;
        this.paperAnswers = paperAnswers;
        this.rules = rules;
        this.known = known;
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
        Map<Pupil, Grounds> all = new LinkedHashMap<>();
        open.schoolClass().pupils().forEach(pupil -> all.put(pupil, grounds(open, pupil.id())));
        int unknown = all.values().stream().filter(grounds -> judgements.getIfPresent(grounds) == null)
                .mapToInt(grounds -> grounds.answers().size()).sum();
        boolean now = unknown <= MOST_AT_ONCE;
        List<MarkedPaperView> papers = new ArrayList<>();
        all.forEach((pupil, grounds) -> {
            papers.add(whereJudged(open, pupil.id(), () -> {
                PaperJudgement judged = now ? of(open, pupil.id()) : judgements.getIfPresent(grounds);
                return judged == null ? view(open, pupil, PaperJudgement.NONE, false, null)
                        : view(open, pupil, judged, true, null);
            }, () -> view(open, pupil, PaperJudgement.NONE, true, NOT_JUDGED)));
        });
        return papers;
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

    private Grounds grounds(OpenPile open, PupilId pupilId) {
        return new Grounds(open.sheet(pupilId).problems(), readable(open.answers(pupilId)).stream()
                .map(each -> new Given(each.question(), each.state(), each.given(), each.paper())).toList(),
                open.style(), rules.now());
    }

    /** How a paper is judged as it is now: worked out once, whoever asks. */
    PaperJudgement of(OpenPile open, PupilId pupilId) {
        return Objects.requireNonNull(judgements.get(grounds(open, pupilId), any -> workOut(open, pupilId)));
    }

    private PaperJudgement workOut(OpenPile open, PupilId pupilId) {
        List<MarkedAnswer> answers = readable(open.answers(pupilId));
        return PaperJudgement.of(writer(open, answers, open.sheet(pupilId).problems()),
                answers.stream().map(MarkedAnswer::question).toList());
    }

    /** The answers that are judged: what is blank, not reached or unclear is none. */
    static List<MarkedAnswer> readable(List<MarkedAnswer> answers) {
        return answers.stream()
                .filter(answer -> answer.state() == AnswerState.GIVEN || answer.state() == AnswerState.RIGHT).toList();
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
        List<MarkingMapper.Judgement> judgements = paper.answers().stream().map(answer -> {
            // What is not likely is not kept as if it were.
            String presumed =
                    answer.presumed().isEmpty() || !answer.say().isEmpty() ? null : answer.presumed().get(0).slip();
            return new MarkingMapper.Judgement(answer.question(), answer.verdict(), presumed,
                    Slips.FACT_NEAR_MISS.equals(presumed) ? judged.factsMissed().get(answer.question()) : null,
                    answer.revision());
        }).toList();
        try {
            paperAnswers.keepJudged(open.stored().id(), pupilId, judgements);
        } catch (DiskFull later) {
            LOG.debug("No room to keep how a paper was judged; it is judged again when it is looked at", later);
        }
        return paper;
    }

    private Writer writer(OpenPile open, List<MarkedAnswer> answers, List<Problem> problems) {
        List<Answers> known =
                answersOf(answers.stream().map(answer -> problems.get(answer.question() - 1)).toList(), open.style());
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < answers.size(); i++) {
            items.add(answers.get(i).state() == AnswerState.RIGHT ? Item.right(known.get(i))
                    : new Item(known.get(i), answers.get(i).given(), answers.get(i).paper()));
        }
        return Writer.of(items, Punctuation.POINT);
    }

    /** The answers of each of some questions. */
    List<Answers> answersOf(List<Problem> problems, HouseStyle style) {
        return known.of(problems.stream().map(problem -> new KnownAnswers.Wanted(problem, null, style)).toList());
    }

    /** A pupil's sheet with what is right in it. */
    ReadSheet sheet(OpenPile open, PupilId pupilId) {
        return sheets.get(new SheetInStyle(open.sheet(pupilId), open.style()),
                key -> ReadSheet.of(key.sheet().problems(), key.style()));
    }

    private MarkedPaperView view(OpenPile open, Pupil pupil, PaperJudgement judgement, boolean isJudged,
            @Nullable String trouble) {
        ReadSheet sheet = sheet(open, pupil.id());
        Map<Integer, Judged> judged = judgement.answers();
        boolean alone =
                judged.values().stream().filter(each -> each.verdict() == RightAnswer.Verdict.WRONG).count() < 2;
        StoredPaper paper = open.papers().get(pupil.id());
        return new MarkedPaperView(pupil, open.sheet(pupil.id()).code(), paper != null && paper.absent(),
                open.answers(pupil.id()).stream()
                        .map(answer -> view(sheet, answer, judged.get(answer.question()), alone)).toList(),
                isJudged, trouble);
    }

    private PaperAnswerView view(ReadSheet sheet, MarkedAnswer answer, @Nullable Judged judged, boolean alone) {
        Problem problem = sheet.problem(answer.question());
        KeptRules kept = rules.now();
        MarkedAnswer shown = answer.shownIn(sheet.style());
        return new PaperAnswerView(answer.question(), answer.state(), shown.given(), shown.correction(), answer.how(),
                sheet.verdict(answer),
                judged == null ? List.of()
                        : judged.findings().stream().filter(finding -> finding.confidence() >= WORTH_SHOWING)
                                .limit(MOST_PRESUMED).map(finding -> Causes.presumed(finding, problem, alone, kept))
                                .toList(),
                judged == null ? "" : judged.say(), answer.cause(),
                answer.cause() == null ? null : Causes.name(answer.cause(), problem.operation(), kept),
                answer.marksGiven() == null || answer.marksOf() == null ? null
                        : new MarksOfPaper(answer.marksGiven(), answer.marksOf()),
                answer.revision());
    }
}
