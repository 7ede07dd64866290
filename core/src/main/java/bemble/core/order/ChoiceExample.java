package bemble.core.order;

import bemble.core.problem.ProblemText;
import bemble.core.sheet.SheetMark;
import bemble.core.style.Choice;
import bemble.core.style.HouseStyle;
import bemble.core.style.Shown;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Step;
import java.util.List;

/**
 * A choice of a house style, shown on its small problem: by a sentence, or by the paper.
 *
 * @param says what is said; empty where the paper alone shows it
 * @param marks what stands on the paper then; none where a sentence alone shows it
 */
public record ChoiceExample(Choice<?> choice, String problem, String says, List<SheetMark> marks) {
    public ChoiceExample {
        marks = List.copyOf(marks);
    }

    /** The choice as that style has it, with what must be chosen besides for the example to show it. */
    public static ChoiceExample of(Choice<?> choice, HouseStyle style) {
        Worked worked = Worked.from(
                new WorkOrder(ProblemText.kept(choice.example()), null, style.with(choice.shownWith()), null));
        String problem = style.problem(worked.problem());
        List<Step> steps = worked.working().steps();
        Shown shown = choice.shown();
        return switch (shown.as()) {
            case CHECK -> new ChoiceExample(choice, problem, worked.check().statement(), List.of());
            case SENTENCE -> new ChoiceExample(choice, problem, said(shown.step(), steps), List.of());
            case BOTH -> new ChoiceExample(choice, problem, said(shown.step(), steps),
                    standing(worked, step(Shown.END, steps)));
            case PAPER -> new ChoiceExample(choice, problem, "", standing(worked, step(shown.step(), steps)));
        };
    }

    private static String said(int step, List<Step> steps) {
        int at = step < 0 ? step(step, steps) - 1 : step;
        return steps.get(Math.min(at, steps.size() - 1)).spoken().say();
    }

    private static int step(int step, List<Step> steps) {
        return switch (step) {
            case Shown.AFTER_THE_CHECK -> steps.size();
            case Shown.END -> (int) steps.stream().filter(each -> each.part() == Part.WORK).count();
            default -> Math.min(step, steps.size());
        };
    }

    private static List<SheetMark> standing(Worked worked, int step) {
        return worked.sheet().marks().stream().filter(mark -> mark.standsAfter(step))
                .filter(mark -> mark.kind() != MarkKind.WASH || mark.row() == mark.lastRow()).toList();
    }
}
