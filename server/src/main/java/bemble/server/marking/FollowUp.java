package bemble.server.marking;

import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.server.classes.Pupil;
import bemble.server.ids.MarkingId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.Piles;
import bemble.server.rules.SchoolRules;
import bemble.server.sets.printed.PrintedSheets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is worked after a pile was marked: a set for those of one slip, a strip for each pupil. */
@Service
class FollowUp {
    private static final int SET_QUESTIONS = 8;

    private final Piles piles;
    private final ReportService report;
    private final PrintedSheets sheets;
    private final SchoolRules rules;

    FollowUp(Piles piles, ReportService report, PrintedSheets sheets, SchoolRules rules) {
        this.piles = piles;
        this.report = report;
        this.sheets = sheets;
        this.rules = rules;
    }

    /**
     * Makes a practice set for a group: questions in which the slip shows.
     *
     * @return the id of the new set
     */
    SetId setFor(TeacherId teacherId, MarkingId id, String slip) {
        OpenPile open = piles.open(teacherId, id);
        List<Problem> questions = telling(open, slip, SET_QUESTIONS, id.value() + 7);
        if (questions.isEmpty()) {
            throw Refusal.of("slip", "No questions could be drawn for this. Make a set by hand.");
        }
        Problem model = open.sheets().get(0).problems().stream()
                .filter(problem -> Slips.find(slip, problem.operation()).isPresent())
                .findFirst().orElseThrow();
        return sheets.keep(teacherId, "For " + Causes.name(slip, model.operation(), rules.now()),
                open.schoolClass().name(),
                model.operation(), questions);
    }

    /** Questions like those of the sheet that a slip gives another answer to; none where the slip is not of its operation. */
    static List<Problem> telling(OpenPile open, String slip, int count, long seed) {
        List<Problem> problems = open.sheets().get(0).problems().stream().filter(problem -> Slips.named(slip, problem,
                Methods.find(problem, null, open.style()).name()).isPresent()).toList();
        for (Problem model : problems) {
            try {
                Wishes wishes = Wishes.like(Features.of(model)).withTelling(slip);
                List<FeaturedProblem> drawn =
                        new Draft(wishes, seed).draw(count, problems.stream().map(FeaturedProblem::of).toList());
                return drawn.stream().map(FeaturedProblem::problem).toList();
            } catch (Refusal noneLikeThis) {
                // Another question of the sheet may have others like it.
            }
        }
        return List.of();
    }

    /**
     * What a pupil who had something wrong is to work next.
     *
     * @param own a question that they had wrong, and in which the slip shows where one is known
     * @param slip what led to it, or null
     * @param telling a question that tells how they go on, or null
     */
    record Strip(Pupil pupil, Problem own, @Nullable String slip, @Nullable Problem telling) {}

    /** A strip for each pupil whose paper had something wrong. */
    List<Strip> strips(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        List<Strip> strips = new ArrayList<>();
        for (Pupil pupil : open.schoolClass().pupils()) {
            PupilJudgement judgement = report.judge(open, pupil, List.of());
            if (judgement.view().wrong() > 0) {
                strip(open, pupil, judgement).ifPresent(strips::add);
            }
        }
        return strips;
    }

    private Optional<Strip> strip(OpenPile open, Pupil pupil, PupilJudgement judgement) {
        List<Problem> problems = open.sheet(pupil.id()).problems();
        Problem wrong = open.answers(pupil.id()).stream()
                .filter(answer -> open.verdict(answer, problems.get(answer.question() - 1)) == AnswerVerdict.WRONG)
                .map(answer -> problems.get(answer.question() - 1)).findFirst().orElse(null);
        if (wrong == null) {
            return Optional.empty();
        }
        String slip = judgement.slips().keySet().stream().findFirst().orElse(null);
        List<Problem> telling = slip == null ? List.of() : telling(open, slip, 1, pupil.id().value());
        Problem own = slip == null ? wrong : Objects.requireNonNull(judgement.slips().get(slip));
        return Optional.of(new Strip(pupil, own, slip,
                telling.isEmpty() ? again(wrong, pupil.id().value()) : telling.get(0)));
    }

    private static Problem again(Problem wrong, long seed) {
        try {
            return new Draft(Wishes.like(Features.of(wrong)), seed).draw(1, List.of(FeaturedProblem.of(wrong))).get(0)
                    .problem();
        } catch (Refusal noneLikeThis) {
            return wrong;
        }
    }
}
