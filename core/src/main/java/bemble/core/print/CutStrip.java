package bemble.core.print;

import bemble.core.print.ink.Letters;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A strip to cut off and lay before a child: what they are told, their own sum as far as it was right, to be put right, and one that tells
 * how they go on.
 *
 * @param says what the child is told; may be empty
 * @param own a question that they had wrong, or null where none is
 * @param slip what led to it, or null where nobody knows
 * @param telling the question after it, set out, or null
 */
public record CutStrip(String name, String says, @Nullable Problem own, @Nullable String slip,
        @Nullable Problem telling,
        HouseStyle style) implements TextPages.Part {
    private static final double LINE = 0.2;

    /**
     * @param room how wide it may be, in millimetres
     * @param letter the height of its letters
     */
    Panel draw(double room, double letter) {
        List<PageInk> inks = new ArrayList<>();
        double top = letter * TextPages.LEADING;
        inks.add(new PageInk.Text(0, letter, letter * 1.2, PageInk.Align.START, true, name));
        for (String line : says.isEmpty() ? List.<String>of() : Letters.lines(says, letter * 1.2, room)) {
            inks.add(new PageInk.Text(0, top + letter, letter * 1.2, PageInk.Align.START, false, line));
            top += letter * 1.2 * TextPages.LEADING;
        }
        double half = telling == null ? room : room / 2 - letter;
        double end = own == null ? top : own(own, inks, top, half, letter);
        if (telling != null) {
            end = Math.max(end, then(inks, room / 2, top, half, letter, telling));
        }
        end += letter;
        inks.addAll(PageInk.dashed(0, end, room, end, LINE));
        return new Panel(room, end, inks);
    }

    /** Gives how far down it reaches. */
    private double own(Problem problem, List<PageInk> inks, double y, double room, double letter) {
        OwnSoFar soFar = OwnSoFar.of(problem, slip, style);
        inks.add(new PageInk.Text(0, y + letter, letter, PageInk.Align.START, false,
                "Your own " + style.problem(problem) + (slip == null ? ":" : ", right so far:")));
        double foot = y + letter * 1.6 + QuestionPanel.GAP;
        Panel drawn = soFar.draw(room, PageLayout.USUAL.side());
        inks.addAll(drawn.at(0, foot));
        foot += drawn.height();
        for (String line : Letters.lines(soFar.asks(), letter * 1.2, room)) {
            foot += letter * TextPages.LEADING;
            inks.add(new PageInk.Text(0, foot, letter * 1.2, PageInk.Align.START, true, line));
        }
        return foot + letter * 0.6;
    }

    private double then(List<PageInk> inks, double x, double y, double room, double letter, Problem problem) {
        inks.add(new PageInk.Text(x, y + letter, letter, PageInk.Align.START, false, "And then this one:"));
        double foot = y + letter * 0.6;
        PrintQuestion question = new PrintQuestion(PrintQuestion.UNNUMBERED, problem, "", LessonPart.ALONE);
        PrintOrder order = new PrintOrder(name, "", List.of(question), PageLayout.USUAL, style, PrintKind.QUESTIONS);
        for (Panel panel : new QuestionPanel(order, room).draw(question)) {
            inks.addAll(panel.at(x, foot));
            foot += panel.height();
        }
        return foot;
    }
}
