package bemble.server.marking;

import bemble.core.diagnosis.Answers;
import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.diagnosis.MarkingKey;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Question;
import bemble.core.practice.features.Targets;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.server.classes.Pupil;
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
import bemble.server.marking.kept.Piles;
import bemble.server.rules.SchoolRules;
import bemble.server.sets.printed.PrintedSheets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Service;

/** What a class's papers show: per pupil, per question, in groups; and what to do about it tomorrow. */
@Service
class ReportService {
    private static final int MOST_ANSWERS = 4;
    private static final int SET_QUESTIONS = 8;
    /** A pupil belongs to the group of a slip that is as likely as this to be made at all. */
    private static final double MORE_LIKELY_THAN_NOT = 0.5;

    private final Piles piles;
    private final Judging judging;
    private final MarkedWork work;
    private final PrintedSheets sheets;
    private final SchoolRules rules;

    ReportService(Piles piles, Judging judging, MarkedWork work, PrintedSheets sheets, SchoolRules rules) {
        this.rules = rules;
        this.piles = piles;
        this.judging = judging;
        this.work = work;
        this.sheets = sheets;
    }

    /**
     * A pupil's causes, the teacher's own decisions before what is presumed.
     *
     * @param slips each with a question in which it shows
     */
    private record Judgement(PupilView view, Map<String, Problem> slips) {}

    ClassView ofClass(long teacherId, long id) {
        OpenPile open = piles.open(teacherId, id);
        List<QuizTaken> quizzes = quizzes(teacherId, open);
        List<Judgement> judgements =
                open.schoolClass().pupils().stream().map(pupil -> judge(open, pupil, quizzes)).toList();
        return new ClassView(questions(open), groups(open, judgements), facts(judgements),
                judgements.stream().map(Judgement::view).toList());
    }

    private List<QuizTaken> quizzes(long teacherId, OpenPile open) {
        return open.sheets().stream().allMatch(sheet -> sheet.passMark() == null) ? List.of()
                : work.of(teacherId, open.schoolClass().pupils().stream().map(Pupil::id).toList()).quizzes().stream()
                        .filter(quiz -> quiz.marking() == open.stored().id()).toList();
    }

    private Judgement judge(OpenPile open, Pupil pupil, List<QuizTaken> quizzes) {
        List<Problem> problems = open.sheet(pupil.id()).read();
        List<MarkedAnswer> read = Judging.readable(open.answers(pupil.id()));
        Writer writer = judging.writer(open, read, problems);
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
        List<Cause> presumed = writer.causes();
        List<CauseLine> causes = presumed.stream().limit(5).map(this::line).toList();
        if (slips.isEmpty()) {
            presumed.forEach(cause -> cause.slips().stream().filter(slip -> writer.makes(slip) > MORE_LIKELY_THAN_NOT)
                    .forEach(slip -> slips.putIfAbsent(slip, cause.problem())));
        }
        List<MissedFact> facts =
                writer.facts().stream().map(fact -> new MissedFact(fact.fact(), fact.missed(), fact.of())).toList();
        return new Judgement(
                new PupilView(pupil, right, wrong, open.answers(pupil.id()).size() - right - wrong, causes, facts,
                        wrong > 1 && causes.isEmpty() ? writer.say() : "",
                        quizzes.stream().filter(quiz -> quiz.pupilId() == pupil.id()).findFirst()
                                .map(quiz -> quiz.counted(problems.get(0).operation()).outcome()).orElse(null)),
                slips);
    }

    private CauseLine line(Cause cause) {
        Problem problem = cause.problem();
        return new CauseLine(cause.slip(), cause.with(), problem.operation().id(),
                rules.now().name(cause.slips(), problem.operation()), cause.say(),
                cause.of() < 2 ? "fits" : DiagnosisWords.sureness(cause.confidence()), cause.explains(), cause.of(),
                Causes.help(cause.slip(), problem));
    }

    private List<QuestionCount> questions(OpenPile open) {
        List<Problem> problems = open.sheets().get(0).read();
        List<Answers> known = judging.answersOf(problems, open.style());
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
                        wrong.merge(answer.given(), 1, Integer::sum);
                    }
                }
            }
            List<String> most = wrong.entrySet().stream()
                    .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                    .limit(MOST_ANSWERS)
                    .map(entry -> entry.getKey() + (entry.getValue() > 1 ? " ×" + entry.getValue() : "")).toList();
            counts.add(new QuestionCount(question, open.style().point().punctuation().write(problems.get(i).text()),
                    open.style().point().punctuation().write(known.get(i).rightText()),
                    wrong.values().stream().mapToInt(Integer::intValue).sum(), of, most));
        }
        return counts.stream().filter(count -> count.wrong() > 0)
                .sorted(Comparator.comparingInt(QuestionCount::wrong).reversed().thenComparing(QuestionCount::question))
                .toList();
    }

    private List<SlipGroup> groups(OpenPile open, List<Judgement> judgements) {
        Map<String, List<Judgement>> bySlip = new LinkedHashMap<>();
        judgements.forEach(
                judgement -> judgement.slips().keySet().stream().filter(slip -> !slip.equals(Slips.FACT_NEAR_MISS))
                        .forEach(slip -> bySlip.computeIfAbsent(slip, any -> new ArrayList<>()).add(judgement)));
        return bySlip.entrySet().stream().sorted(Comparator.comparingInt(entry -> -entry.getValue().size()))
                .map(entry -> {
                    Problem model = entry.getValue().get(0).slips().get(entry.getKey());
                    List<String> telling = telling(open, entry.getKey(), 2, open.stored().id()).stream()
                            .map(open.style().point().punctuation()::write).toList();
                    return new SlipGroup(entry.getKey(), model.operation().id(),
                            Causes.name(entry.getKey(), model, rules.now()),
                            DiagnosisWords.label(List.of(entry.getKey()), model),
                            Causes.help(entry.getKey(), model),
                            entry.getValue().stream().map(each -> each.view().pupil().name()).toList(),
                            entry.getValue().stream().flatMap(each -> each.view().causes().stream())
                                    .filter(cause -> cause.slip().equals(entry.getKey())).map(CauseLine::sureness)
                                    .findFirst().orElse("decided"),
                            telling.isEmpty() ? null : telling.get(0), telling.size() < 2 ? null : telling.get(1));
                }).toList();
    }

    /** Questions like those of the sheet that a slip gives another answer to; none where the slip is not of its operation. */
    private static List<String> telling(OpenPile open, String slip, int count, long seed) {
        List<Problem> problems = open.sheets().get(0).read().stream().filter(problem -> Slips.named(slip, problem,
                Methods.find(problem, null, open.style()).name()).isPresent()).toList();
        for (Problem model : problems) {
            try {
                Wishes like = Wishes.like(Features.of(model));
                Wishes wishes = new Wishes(like.operation(), like.wanted(),
                        Targets.of(like.operation(), List.of(), List.of(slip)));
                List<Question> drawn =
                        new Draft(wishes, seed).draw(count, problems.stream().map(Question::of).toList());
                return drawn.stream().map(question -> question.problem().text()).toList();
            } catch (Refusal noneLikeThis) {
                // Another question of the sheet may have others like it.
            }
        }
        return List.of();
    }

    private static List<ClassFact> facts(List<Judgement> judgements) {
        Map<String, List<String>> pupils = new LinkedHashMap<>();
        judgements.forEach(judgement -> judgement.view().facts().forEach(fact -> pupils
                .computeIfAbsent(fact.fact(), any -> new ArrayList<>()).add(judgement.view().pupil().name())));
        return pupils.entrySet().stream().sorted(Comparator.comparingInt(entry -> -entry.getValue().size()))
                .map(entry -> new ClassFact(entry.getKey(), entry.getValue())).toList();
    }

    /**
     * Makes a practice set for a group: questions in which the slip shows.
     *
     * @return the id of the new set
     */
    long setFor(long teacherId, long id, String slip) {
        OpenPile open = piles.open(teacherId, id);
        List<String> questions = telling(open, slip, SET_QUESTIONS, id + 7);
        if (questions.isEmpty()) {
            throw Refusal.of("slip", "No questions could be drawn for this. Make a set by hand.");
        }
        Problem model = open.sheets().get(0).read().stream()
                .filter(problem -> Slips.find(slip, problem.operation()).isPresent())
                .findFirst().orElseThrow();
        return sheets.keep(teacherId, "For " + Causes.name(slip, model, rules.now()), open.schoolClass().name(),
                model.operation().id(), questions);
    }

    /** The key to mark books by, away from any screen. */
    PileKey key(long teacherId, long id) {
        OpenPile open = piles.open(teacherId, id);
        MarkingKey key = MarkingKey.of(judging.answersOf(open.sheets().get(0).read(), open.style()));
        return new PileKey(key.codes(), open.sheets().stream().map(sheet -> new Views.SheetLines(sheet.code(),
                key.linesOf(judging.answersOf(sheet.read(), open.style()), open.style().point().punctuation())))
                .toList());
    }

    /**
     * What a pupil who had something wrong is to work next.
     *
     * @param problem a question of theirs again, with other numbers
     * @param telling one that tells how they go on, or null
     */
    record Strip(String pupil, String problem, String telling, String help) {}

    /** A strip for each pupil whose paper had something wrong. */
    List<Strip> strips(long teacherId, long id) {
        OpenPile open = piles.open(teacherId, id);
        List<Strip> strips = new ArrayList<>();
        for (Pupil pupil : open.schoolClass().pupils()) {
            Judgement judgement = judge(open, pupil, List.of());
            if (judgement.view().wrong() > 0) {
                strip(open, pupil, judgement).ifPresent(strips::add);
            }
        }
        return strips;
    }

    private Optional<Strip> strip(OpenPile open, Pupil pupil, Judgement judgement) {
        List<Problem> problems = open.sheet(pupil.id()).read();
        Problem wrong = open.answers(pupil.id()).stream()
                .filter(answer -> open.verdict(answer, problems.get(answer.question() - 1)) == AnswerVerdict.WRONG)
                .map(answer -> problems.get(answer.question() - 1)).findFirst().orElse(null);
        if (wrong == null) {
            return Optional.empty();
        }
        String slip = judgement.slips().keySet().stream().findFirst().orElse(null);
        List<String> telling = slip == null ? List.of() : telling(open, slip, 2, pupil.id());
        String again = telling.isEmpty() ? again(wrong, pupil.id()) : telling.get(0);
        return Optional.of(new Strip(pupil.name(), again, telling.size() < 2 ? null : telling.get(1),
                slip == null ? ""
                        : aloud(open, slip, again).orElseGet(() -> Causes.words(slip, judgement.slips().get(slip)))));
    }

    /** What is to be said, with the numbers of that question, where the slip would be made. */
    private static Optional<String> aloud(OpenPile open, String slip, String question) {
        Problem problem = ProblemText.read(question, 0, Punctuation.POINT);
        Method<?> method = Methods.find(problem, null, open.style());
        return Slipped.find(slip, problem, method, open.style())
                .flatMap(each -> Written.asFarAs(each.over(Hand.CAREFUL), problem, method, open.style(), false)
                        .ruleFirstBroken())
                .map(spoken -> "Say this aloud when you come to it: " + spoken.say());
    }

    private static String again(Problem wrong, long seed) {
        try {
            return new Draft(Wishes.like(Features.of(wrong)), seed).draw(1, List.of(Question.of(wrong))).get(0)
                    .problem().text();
        } catch (Refusal noneLikeThis) {
            return wrong.text();
        }
    }
}
