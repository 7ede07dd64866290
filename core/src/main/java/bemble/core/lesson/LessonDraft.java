package bemble.core.lesson;

import bemble.core.hand.Method;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.lesson.Stage.Kind;
import bemble.core.method.Methods;
import bemble.core.practice.Effort;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Sets a lesson out: one shown, a mistake to find, three together, one by a child, the sheet alone, and one to close. */
public final class LessonDraft {
    /** How many problems a lesson has before and after its sheet. */
    public static final int WORKED = 7;
    private static final int TOGETHER = 3;

    private LessonDraft() {}

    /**
     * Sets a lesson out.
     *
     * @param worked the problems that are worked in front of the class and with it, {@link #WORKED} of them where there are so many
     * @param slip the slip the lesson is about, or null
     * @param sheet the questions to do alone
     * @param minutes how long the lesson is
     * @return its parts in their order; their minutes come to those of the lesson, and the sheet has as many of its questions as fit
     */
    public static List<Stage> of(List<FeaturedProblem> worked, @Nullable String slip, List<FeaturedProblem> sheet,
            int minutes,
            HouseStyle style) {
        Map<Kind, Integer> shared = Minutes.of(minutes, Effort.minutes(sheet));
        List<FeaturedProblem> left = new ArrayList<>(worked);
        // The first is for showing; what is wrong is written in other numbers.
        Optional<Mistake> mistake = shared.containsKey(Kind.MISTAKE) && left.size() > 1
                ? mistake(left.subList(1, left.size()), slip, style) : Optional.empty();
        mistake.ifPresent(found -> left.remove(found.question()));
        List<Stage> stages = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Integer time = shared.get(kind);
            if (time == null) {
                continue;
            }
            if (kind == Kind.ALONE) {
                stages.add(new Stage(kind, time, problems(fitting(sheet, time)), null, false));
            } else if (kind == Kind.MISTAKE) {
                mistake.map(found -> new Stage(kind, time, problems(List.of(found.question())), found.slip(), false))
                        .ifPresent(stages::add);
            } else {
                List<FeaturedProblem> taken =
                        List.copyOf(left.subList(0, Math.min(kind == Kind.TOGETHER ? TOGETHER : 1, left.size())));
                left.removeAll(taken);
                if (!taken.isEmpty()) {
                    stages.add(new Stage(kind, time, problems(taken), null, false));
                }
            }
        }
        return addedUp(stages, minutes);
    }

    private static List<Problem> problems(List<FeaturedProblem> questions) {
        return questions.stream().map(FeaturedProblem::problem).toList();
    }

    private static List<FeaturedProblem> fitting(List<FeaturedProblem> sheet, int minutes) {
        int count = sheet.size();
        while (count > 1 && Effort.minutes(sheet.subList(0, count)) > minutes) {
            count--;
        }
        return sheet.subList(0, count);
    }

    private record Mistake(FeaturedProblem question, String slip) {}

    /** The first problem in which the slip changes the answer; where no slip is wanted, or it never does, one that does. */
    private static Optional<Mistake> mistake(List<FeaturedProblem> left, @Nullable String slip, HouseStyle style) {
        return Stream.ofNullable(slip)
                .flatMap(id -> left.stream().filter(question -> shows(id, question.problem(), style))
                        .map(question -> new Mistake(question, id)))
                .findFirst()
                .or(() -> left.stream()
                        .flatMap(question -> likely(question.problem(), style).map(id -> new Mistake(question, id)))
                        .findFirst());
    }

    private static Stream<String> likely(Problem problem, HouseStyle style) {
        return Stream
                .concat(Slips.met(problem, method(problem, style).name()).stream()
                        .sorted(Comparator.comparing(KnownSlip::met)).map(KnownSlip::id),
                        Stream.of(Slips.FACT_NEAR_MISS))
                .filter(id -> shows(id, problem, style));
    }

    private static boolean shows(String slip, Problem problem, HouseStyle style) {
        return Slipped.find(slip, problem, method(problem, style), style).isPresent();
    }

    private static Method<?> method(Problem problem, HouseStyle style) {
        return Methods.find(problem, null, style);
    }

    /** What a part that could not be made would have taken goes to the sheet. */
    private static List<Stage> addedUp(List<Stage> stages, int minutes) {
        int spare = minutes - stages.stream().mapToInt(Stage::minutes).sum();
        return stages.stream()
                .map(stage -> stage.kind() != Kind.ALONE ? stage : new Stage(stage.kind(), stage.minutes() + spare,
                        stage.problems(), stage.slip(), stage.skipped()))
                .toList();
    }
}
