package bemble.core.print;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Strips to cut off, with a question begun and one to do. */
class CutStripTest {
    private static List<String> texts(Page page) {
        return page.inks().stream().filter(Ink.Text.class::isInstance).map(ink -> ((Ink.Text) ink).text())
                .filter(text -> !text.isEmpty()).toList();
    }

    /** What stands on the paper after so many steps. */
    private static List<String> after(Problem problem, int steps) {
        return Worked.from(new WorkOrder(problem, null, HouseStyle.USUAL, null)).working().marks().stream()
                .filter(mark -> mark.step() <= steps && mark.until() == null && mark.kind() != MarkKind.STRIKE)
                .map(Mark::text).filter(text -> !text.isEmpty()).toList();
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void oneQuestionIsBegunAndTheOtherOnlySetOut(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(155 + operation.ordinal());
        for (int i = 0; i < 10; i++) {
            Problem begun = EveryMethodTest.problem(operation, random, 4);
            Problem telling = EveryMethodTest.problem(operation, random, 4);
            List<Page> pages = TextPages.of("", "",
                    List.of(new CutStrip("Ida M", begun, telling, "Say it aloud.", HouseStyle.USUAL)));
            List<String> expected = new ArrayList<>(
                    List.of("Ida M", "Once more, with other numbers:", "And then this one:", "Say it aloud."));
            expected.addAll(after(begun, 2));
            expected.addAll(after(telling, 1));
            assertThat(after(begun, 2)).as(begun.text()).hasSizeGreaterThan(after(begun, 1).size());
            assertThat(texts(pages.get(0))).as(begun.text()).containsExactlyInAnyOrderElementsOf(expected);
        }
    }

    @Test
    void aStripIsNeverCutByTheEndOfAPage() {
        List<TextPages.Part> strips = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Problem problem = new Problem.Division(Numeral.of("98321"), Numeral.of("7"));
            strips.add(new CutStrip("Pupil " + i, problem, problem, "Say aloud what is shared out. ".repeat(5),
                    HouseStyle.USUAL));
        }
        List<Page> pages = TextPages.of("Strips", "", strips);
        assertThat(pages.size()).isGreaterThan(3);
        for (Page page : pages) {
            long names = texts(page).stream().filter(text -> text.startsWith("Pupil")).count();
            assertThat(names).isPositive()
                    .isEqualTo(texts(page).stream().filter(text -> text.startsWith("And then")).count());
            assertThat(page.inks()).filteredOn(Ink.Line.class::isInstance)
                    .allMatch(line -> ((Ink.Line) line).y2() < page.height() - 15);
        }
    }
}
