package bemble.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.lesson.Stage.Kind;
import bemble.core.method.Methods;
import bemble.core.plan.Need;
import bemble.core.plan.PlanSheet;
import bemble.core.practice.Effort;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.slip.Slipped;
import bemble.core.style.HouseStyle;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Lessons on every rung there is, of any length. */
class LessonTest {
    private static final HouseStyle STYLE = HouseStyle.USUAL;

    @Test
    void timesAddUpAndNoProblemComesTwice() {
        Random random = new Random(5);
        for (Rung rung : Ladder.all()) {
            Need need = new Need(Need.Kind.NEXT, rung.id(), null);
            List<FeaturedProblem> sheet = PlanSheet.draw(need, 3 + random.nextInt(8), random.nextLong());
            List<FeaturedProblem> worked = PlanSheet.draw(need, LessonDraft.WORKED, random.nextLong(), sheet);
            for (int minutes : List.of(1, 5, 9, 12, 20, 45, 60, 120)) {
                List<Stage> stages = LessonDraft.of(worked, null, sheet, minutes, STYLE);
                String what = rung.id() + " in " + minutes + ": " + stages;
                assertThat(stages.stream().mapToInt(Stage::minutes).sum()).as(what).isEqualTo(minutes);
                assertThat(stages).as(what).allMatch(stage -> stage.minutes() > 0 && !stage.problems().isEmpty());
                assertThat(stages.stream().map(Stage::kind)).as(what).isSorted().doesNotHaveDuplicates();
                List<Problem> all = stages.stream().flatMap(stage -> stage.problems().stream()).toList();
                assertThat(new HashSet<>(all)).as(what).hasSameSizeAs(all);
                Stage alone = stages.stream().filter(stage -> stage.kind() == Kind.ALONE).findFirst().orElseThrow();
                assertThat(alone.problems().size() == 1
                        || Effort.minutes(alone.problems().stream().map(FeaturedProblem::of).toList()) <= alone
                                .minutes())
                                        .as(what).isTrue();
                if (minutes >= 45) {
                    assertThat(alone.problems()).as(what).hasSameSizeAs(sheet);
                    assertThat(stages).as(what).hasSize(Kind.values().length);
                }
            }
        }
    }

    @Test
    void theMistakeToFindChangesTheAnswerAndIsTheOneTheLessonIsAbout() {
        Need need = new Need(Need.Kind.AGAIN, Ladder.all().get(3).id(), "carry-forgotten");
        List<FeaturedProblem> worked = PlanSheet.draw(need, LessonDraft.WORKED, 3);
        Stage mistake = LessonDraft.of(worked, need.slip(), PlanSheet.draw(need, 8, 4), 45, STYLE).stream()
                .filter(stage -> stage.kind() == Kind.MISTAKE).findFirst().orElseThrow();
        assertThat(mistake.slip()).isEqualTo(need.slip());
        Problem problem = mistake.problems().get(0);
        assertThat(Slipped.find(mistake.slip(), problem, Methods.find(problem, null, STYLE), STYLE)).isPresent();
    }
}
