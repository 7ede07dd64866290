package bemble.server.marking;

import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.server.classes.Pupil;
import bemble.server.diagnosis.Judge;
import bemble.server.diagnosis.PaperJudgement;
import bemble.server.diagnosis.PaperJudgement.OfWriter;
import bemble.server.ids.MarkingId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.MarkedWork.QuizTaken;
import bemble.server.marking.Views.CauseLine;
import bemble.server.marking.Views.ClassFact;
import bemble.server.marking.Views.ClassView;
import bemble.server.marking.Views.MissedFact;
import bemble.server.marking.Views.PileKey;
import bemble.server.marking.Views.PupilView;
import bemble.server.marking.Views.QuestionCount;
import bemble.server.marking.Views.SlipGroup;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.Piles;
import bemble.server.rules.SchoolRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** What a class's papers show: per pupil, per question, in groups; and what to do about it tomorrow. */
@Service
class ReportService {
    private static final Logger LOG = LoggerFactory.getLogger(ReportService.class);
    private static final int MOST_ANSWERS = 4;

    private final Piles piles;
    private final Judging judging;
    private final MarkedWork work;
    private final SchoolRules rules;
    private final Judge judge;

    ReportService(Piles piles, Judging judging, MarkedWork work, SchoolRules rules, Judge judge) {
        this.judge = judge;
        this.rules = rules;
        this.piles = piles;
        this.judging = judging;
        this.work = work;
    }

    ClassView ofClass(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        List<QuizTaken> quizzes = quizzes(teacherId, open);
        List<PupilJudgement> judgements =
                open.schoolClass().pupils().stream().map(pupil -> judge(open, pupil, quizzes)).toList();
        List<SlipGroup> groups = groups(open, judgements);
        return new ClassView(new PileSquares(open, judgements, groups).picture(), questions(open), groups,
                facts(judgements),
                judgements.stream().map(PupilJudgement::view).toList());
    }

    private List<QuizTaken> quizzes(TeacherId teacherId, OpenPile open) {
        return open.sheets().stream().allMatch(sheet -> sheet.passMark() == null) ? List.of()
                : work.of(teacherId, open.schoolClass().pupils().stream().map(Pupil::id).toList()).quizzes().stream()
                        .filter(quiz -> quiz.marking().equals(open.stored().id())).toList();
    }

    PupilJudgement judge(OpenPile open, Pupil pupil, List<QuizTaken> quizzes) {
        return judging.whereJudged(open, pupil.id(), () -> judged(open, pupil, quizzes), () -> notJudged(open, pupil));
    }

    private static PupilJudgement notJudged(OpenPile open, Pupil pupil) {
        int right = 0;
        int wrong = 0;
        List<MarkedAnswer> answers = open.answers(pupil.id());
        for (MarkedAnswer answer : PaperJudgements.readable(answers)) {
            AnswerVerdict verdict = open.verdict(answer, open.sheet(pupil.id()).problem(answer.question()));
            right += verdict == AnswerVerdict.RIGHT ? 1 : 0;
            wrong += verdict == AnswerVerdict.WRONG ? 1 : 0;
        }
        return new PupilJudgement(
                new PupilView(pupil, right, wrong, answers.size() - right - wrong, List.of(), List.of(),
                        Judging.NOT_JUDGED, null),
                Map.of(), PaperJudgement.NONE);
    }

    private PupilJudgement judged(OpenPile open, Pupil pupil, List<QuizTaken> quizzes) {
        List<Problem> problems = open.sheet(pupil.id()).problems();
        List<MarkedAnswer> read = PaperJudgements.readable(open.answers(pupil.id()));
        PaperJudgement judgement = judging.of(open, pupil.id());
        int right = 0;
        int wrong = 0;
        Map<String, Problem> slips = new LinkedHashMap<>();
        for (MarkedAnswer answer : read) {
            switch (open.verdict(answer, problems.get(answer.question() - 1))) {
                case RIGHT -> right++;
                case WRONG -> wrong++;
                default -> {}
            }
            if (answer.cause() != null) {
                slips.putIfAbsent(answer.cause(), problems.get(answer.question() - 1));
            }
        }
        List<OfWriter> presumed = judgement.causes();
        List<CauseLine> causes = presumed.stream().limit(5).map(cause -> line(open, cause)).toList();
        if (slips.isEmpty()) {
            presumed.forEach(
                    cause -> cause.made().forEach(slip -> slips.putIfAbsent(slip, cause.problem())));
        }
        List<MissedFact> facts =
                judgement.facts().stream().map(fact -> new MissedFact(fact.fact(), fact.missed(), fact.of())).toList();
        return new PupilJudgement(
                new PupilView(pupil, right, wrong, open.answers(pupil.id()).size() - right - wrong, causes, facts,
                        wrong > 1 && causes.isEmpty() ? judgement.say() : "",
                        quizzes.stream().filter(quiz -> quiz.pupilId().equals(pupil.id())).findFirst()
                                .map(quiz -> quiz.counted(problems.get(0).operation()).outcome()).orElse(null)),
                slips, judgement);
    }

    private CauseLine line(OpenPile open, OfWriter cause) {
        Problem problem = cause.problem();
        return new CauseLine(cause.slip(), cause.with(), problem.operation(),
                rules.now().name(cause.slips(), problem.operation()), cause.say(),
                cause.of() < 2 ? "fits" : DiagnosisWords.sureness(cause.confidence()), cause.explains(), cause.of(),
                Causes.help(cause.slip(), problem), open.style().problem(problem));
    }

    private List<QuestionCount> questions(OpenPile open) {
        List<Problem> problems = open.sheets().get(0).problems();
        List<QuestionCount> counts = new ArrayList<>();
        for (int i = 0; i < problems.size(); i++) {
            int question = i + 1;
            Map<String, Integer> wrong = new TreeMap<>();
            int of = 0;
            for (MarkedAnswer answer : open.answers()) {
                boolean here = answer.question() == question
                        && open.sheet(answer.pupilId()).code().equals(open.sheets().get(0).code());
                if (here && (answer.state() == AnswerState.GIVEN || answer.state() == AnswerState.RIGHT)) {
                    of++;
                    if (open.verdict(answer, problems.get(i)) == AnswerVerdict.WRONG) {
                        wrong.merge(open.style().answer(answer.said()), 1, Integer::sum);
                    }
                }
            }
            List<String> most = wrong.entrySet().stream()
                    .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                    .limit(MOST_ANSWERS)
                    .map(entry -> entry.getKey() + (entry.getValue() > 1 ? " ×" + entry.getValue() : "")).toList();
            counts.add(new QuestionCount(question, open.style().problem(problems.get(i)),
                    PileSheet.right(problems.get(i), open.style()),
                    wrong.values().stream().mapToInt(Integer::intValue).sum(), of, most));
        }
        return counts.stream().filter(count -> count.wrong() > 0)
                .sorted(Comparator.comparingInt(QuestionCount::wrong).reversed().thenComparing(QuestionCount::question))
                .toList();
    }

    private List<SlipGroup> groups(OpenPile open, List<PupilJudgement> judgements) {
        Map<String, List<PupilJudgement>> bySlip = new LinkedHashMap<>();
        judgements.forEach(
                judgement -> judgement.slips().keySet().stream().filter(slip -> !slip.equals(Slips.FACT_NEAR_MISS))
                        .forEach(slip -> bySlip.computeIfAbsent(slip, any -> new ArrayList<>()).add(judgement)));
        return bySlip.entrySet().stream().sorted(Comparator.comparingInt(entry -> -entry.getValue().size()))
                .map(entry -> {
                    Problem model = Objects.requireNonNull(entry.getValue().get(0).slips().get(entry.getKey()));
                    List<String> telling =
                            FollowUp.telling(open, entry.getKey(), 2, open.stored().id().value()).stream()
                                    .map(open.style().point().punctuation()::write).toList();
                    return new SlipGroup(entry.getKey(), model.operation(),
                            Causes.name(entry.getKey(), model.operation(), rules.now()),
                            DiagnosisWords.label(List.of(entry.getKey()), model),
                            Causes.help(entry.getKey(), model),
                            entry.getValue().stream().map(each -> each.view().pupil().name()).toList(),
                            entry.getValue().stream().flatMap(each -> each.view().causes().stream())
                                    .filter(cause -> cause.slip().equals(entry.getKey())).map(CauseLine::sureness)
                                    .findFirst().orElse("decided"),
                            telling.isEmpty() ? null : telling.get(0), telling.size() < 2 ? null : telling.get(1),
                            open.style().problem(model));
                }).toList();
    }

    private static List<ClassFact> facts(List<PupilJudgement> judgements) {
        Map<String, List<String>> pupils = new LinkedHashMap<>();
        judgements.forEach(judgement -> judgement.view().facts().forEach(fact -> pupils
                .computeIfAbsent(fact.fact(), any -> new ArrayList<>()).add(judgement.view().pupil().name())));
        return pupils.entrySet().stream().sorted(Comparator.comparingInt(entry -> -entry.getValue().size()))
                .map(entry -> new ClassFact(entry.getKey(), entry.getValue())).toList();
    }

    /** The key to mark books by, away from any screen. */
    PileKey key(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        try {
            return key(open);
        } catch (RuntimeException | StackOverflowError failure) {
            LOG.error("The key could not be worked out: {}",
                    open.sheets().stream().flatMap(sheet -> sheet.problems().stream()).map(Problem::text).toList(),
                    failure);
            throw Refusal.of("",
                    "The key to these questions could not be worked out. The pile itself can be marked as before.");
        }
    }

    private PileKey key(OpenPile open) {
        Judge.Key key = judge.key(open.sheets().stream().map(PileSheet::problems).toList(), open.style());
        return new PileKey(key.codes(), IntStream.range(0, key.sheets().size())
                .mapToObj(i -> new Views.SheetLines(open.sheets().get(i).code(), key.sheets().get(i))).toList());
    }
}
