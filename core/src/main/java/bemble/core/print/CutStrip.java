package bemble.core.print;

import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A strip to cut off and lay before a child: a question begun for them, and one that tells how they go on.
 *
 * @param begun the question whose first figures stand there
 * @param telling the question after it, set out, or null
 * @param help a word to go with it; may be empty
 */
public record CutStrip(String name, Problem begun, @Nullable Problem telling, String help,
        HouseStyle style) implements TextPages.Part {
    private static final double DASH = 2;
    private static final double LINE = 0.2;

    /**
     * @param room how wide it may be, in millimetres
     * @param letter the height of its letters
     */
    Panel draw(double room, double letter) {
        List<Ink> inks = new ArrayList<>();
        double top = letter * TextPages.LEADING;
        inks.add(new Ink.Text(0, letter, letter * 1.2, Ink.Align.START, true, name));
        double half = telling == null ? room : room / 2 - letter;
        double end = column(inks, 0, top, half, letter, "Once more, with other numbers:", begun, LessonPart.TOGETHER);
        if (telling != null) {
            end = Math.max(end,
                    column(inks, room / 2, top, half, letter, "And then this one:", telling, LessonPart.ALONE));
        }
        for (String line : help.isEmpty() ? List.<String>of() : Letters.lines(help, letter, room)) {
            end += letter * TextPages.LEADING;
            inks.add(new Ink.Text(0, end - letter * 0.4, letter, Ink.Align.START, false, line));
        }
        end += letter;
        for (double x = 0; x < room; x += 2 * DASH) {
            inks.add(new Ink.Line(x, end, Math.min(x + DASH, room), end, LINE));
        }
        return new Panel(room, end, inks);
    }

    /** Gives how far down it reaches. */
    private double column(List<Ink> inks, double x, double y, double room, double letter, String says, Problem problem,
            LessonPart part) {
        inks.add(new Ink.Text(x, y + letter, letter, Ink.Align.START, false, says));
        double foot = y + letter * 0.6;
        PrintQuestion question = new PrintQuestion(PrintQuestion.UNNUMBERED, problem, "", part);
        PrintOrder order = new PrintOrder(name, "", List.of(question), PageLayout.USUAL, style, PrintKind.QUESTIONS);
        for (Panel panel : new QuestionPanel(order, room).draw(question)) {
            inks.addAll(panel.at(x, foot));
            foot += panel.height();
        }
        return foot;
    }
}
