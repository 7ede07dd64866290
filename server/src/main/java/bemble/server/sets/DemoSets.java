package bemble.server.sets;

import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.Stories;
import bemble.core.problem.Operation;
import bemble.core.style.HouseStyle;
import bemble.server.account.DemoTeacher;
import bemble.server.sets.SetContent.SetQuestion;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts a few practice sets of Lantern Quay School among the demo teacher's. */
@Component
@Order(3)
class DemoSets implements ApplicationRunner {
    private static final long SEED = 17;
    private static final SetContent.LayoutChoice LAYOUT =
            new SetContent.LayoutChoice("a4", 2, 7, true, true, false, true, false, false, null, null);

    private final DemoTeacher demo;
    private final SetService sets;
    private final Stories stories;

    DemoSets(DemoTeacher demo, SetService sets, Stories stories) {
        this.stories = stories;
        this.demo = demo;
        this.sets = sets;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        demo.idIfJustCreated().ifPresent(teacherId -> {
            sets.add(teacherId, drawn("Long division, a zero in the quotient", "Curlews", Operation.DIVISION, 3, 8,
                    Map.of(1, 1)));
            sets.add(teacherId, drawn("Carries in a chain", "Terns", Operation.ADDITION, 4, 10,
                    Map.of(1, 12)));
            sets.add(teacherId, drawn("Exchange across a zero", "Curlews", Operation.SUBTRACTION, 5, 12,
                    Map.of(0, 3)));
        });
    }

    /**
     * The first question of a set is shown, the second worked together.
     *
     * @param told which of the stories that fit it is told with a question, by its place
     */
    private SetContent drawn(String title, String tag, Operation operation, int rungNumber, int count,
            Map<Integer, Integer> told) {
        Rung rung = Ladder.of(operation).get(rungNumber);
        List<SetQuestion> questions = new ArrayList<>();
        new Draft(rung.wishes(), SEED).draw(count).forEach(question -> {
            int at = questions.size();
            String part = at == 0 ? "shown" : at == 1 ? "together" : "alone";
            Integer which = told.get(at);
            List<String> fitting = which == null ? List.of() : stories.of(question.problem(), HouseStyle.USUAL);
            String story = which == null || fitting.isEmpty() ? "" : fitting.get(which % fitting.size());
            questions.add(new SetQuestion(question.problem().text(), story, part));
        });
        return new SetContent(title, tag, operation, rung.id(), WishesJson.write(rung.wishes()), SEED, null,
                questions,
                LAYOUT);
    }
}
