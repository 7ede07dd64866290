package bemble.core.picture;

import bemble.core.order.Worked;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import bemble.core.words.Words;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The numbers in expanded form, each place as what it is worth; carries and exchanges in values. */
final class InValues {
    private static final int MOST_DIGITS = 6;
    private static final int MOST_LINES = 5;
    private static final double LETTER = 2;
    private static final double LINE = 3.4;

    private final List<Numeral> operands;
    private final HouseStyle style;
    private final int places;
    private final double slot;
    private final Easel easel = new Easel(PictureKind.EXPANDED);

    InValues(List<Numeral> operands, HouseStyle style) {
        this.operands = operands;
        this.style = style;
        this.places = operands.stream().mapToInt(Numeral::length).max().orElseThrow();
        this.slot = 2.4 + places * 1.2;
    }

    Picture draw(Worked worked) {
        if (places > MOST_DIGITS || operands.size() > MOST_LINES) {
            return Picture.none(PictureKind.EXPANDED, "Too long to be read at a glance: this picture is for up to "
                    + MOST_LINES + " numbers of up to " + MOST_DIGITS + " digits.");
        }
        Moments moments = new Moments(worked.working());
        for (Step step : moments.steps()) {
            if (worked.record() instanceof ColumnRecord record) {
                added(record.columns(), moments.columnsDone(step, record.columns().size()), step.n());
            } else {
                DecompositionRecord record = (DecompositionRecord) worked.record();
                taken(record, moments.exchanged(step, record), moments.columnsDone(step, record.columns().size()),
                        step);
            }
        }
        return easel.picture();
    }

    private void added(List<AddedColumn> columns, int done, int step) {
        int line = 1;
        for (Numeral addend : operands) {
            number("addend " + line, line, addend, line > 1 ? "+" : "");
            line++;
        }
        easel.line(1, line * LINE - 2.4, (places + 1) * slot, 0);
        StringBuilder words = new StringBuilder("The numbers in values.");
        for (int i = 0; i < done; i++) {
            AddedColumn column = columns.get(i);
            value("total " + i, line, i, i == done - 1 ? column.total() : column.digit(),
                    i == done - 1 ? Tone.FRESH : Tone.PLAIN);
            if (i > 0 && columns.get(i - 1).carryOut() > 0 && i == done - 1) {
                easel.text("with", middle(i), (line + 1) * LINE, LETTER * 0.7,
                        "with " + worth(columns.get(i - 1).carryOut(), i)
                                + " carried",
                        Tone.FAINT);
            }
            words = new StringBuilder(worth(column.total(), i));
            boolean fits = column.total() == column.made();
            if (column.carryOut() > 0 || !fits) {
                words.append(fits ? " = " : " → ")
                        .append(column.carryOut() > 0 ? worth(column.carryOut(), i + 1) + " + " : "")
                        .append(worth(column.digit(), i));
            }
        }
        if (done > 0) {
            easel.text("says", (places + 1) * slot / 2, (line + 2) * LINE, LETTER, words.toString(), Tone.FRESH);
        }
        easel.frame(step, Words.capital(words.toString()));
    }

    private void taken(DecompositionRecord record, int exchanged, int done, Step step) {
        int[] tops = new int[places];
        for (int place = 0; place < places; place++) {
            tops[place] = operands.get(0).digit(place);
        }
        List<int[]> states = new ArrayList<>(List.of(tops.clone()));
        for (Exchange exchange : record.exchanges().subList(0, exchanged)) {
            tops[exchange.from()] = exchange.fromAfter();
            tops[exchange.to()] = exchange.toAfter();
            states.add(tops.clone());
        }
        // What stands now, and before an exchange just made what stood then.
        boolean exchanging = step.kind() == StepKind.EXCHANGE && exchanged > 0;
        int[] before = exchanging ? states.get(states.size() - 2) : null;
        if (before != null) {
            row("before", 1, before, null, Tone.GONE);
        }
        row("minuend", 2, tops, before, Tone.PLAIN);
        number("subtrahend", 3, operands.get(1), Operation.SUBTRACTION.sign());
        easel.line(1, 4 * LINE - 2.4, (places + 1) * slot, 0);
        for (int i = 0; i < done; i++) {
            value("difference " + i, 4, i, record.columns().get(i).digit(), i == done - 1 ? Tone.FRESH : Tone.PLAIN);
        }
        String words = exchanging ? exchange(record.exchanges().get(exchanged - 1))
                : done == 0 ? "Both numbers in values." : difference(record.columns().get(done - 1));
        if (exchanged + done > 0) {
            easel.text("says", (places + 1) * slot / 2, 5 * LINE + 1, LETTER, words, Tone.FRESH);
        }
        easel.frame(step.n(), words);
    }

    private String difference(SubtractedColumn column) {
        return worth(column.top(), column.place()) + " − " + worth(column.bottom(), column.place())
                + (column.agrees() ? " = " : " → ") + worth(column.digit(), column.place());
    }

    private String exchange(Exchange exchange) {
        return worth(exchange.fromBefore(), exchange.from()) + " + " + worth(exchange.toBefore(), exchange.to()) + " → "
                + worth(exchange.fromAfter(), exchange.from()) + " + " + worth(exchange.toAfter(), exchange.to());
    }

    /** The values of the places, those that differ from {@code before} fresh. */
    private void row(String key, int line, int[] figures, int @Nullable [] before, Tone tone) {
        for (int place = 0; place < figures.length; place++) {
            boolean fresh = before != null && before[place] != figures[place];
            value(key + " " + place, line, place, figures[place], fresh ? Tone.FRESH : tone);
            plus(key, line, place, figures.length);
        }
    }

    private void number(String key, int line, Numeral number, String sign) {
        for (int place = 0; place < number.length(); place++) {
            value(key + " " + place, line, place, number.digit(place), Tone.PLAIN);
            plus(key, line, place, number.length());
        }
        easel.text(key + " sign", 1.4, line * LINE, LETTER, sign, Tone.PLAIN);
    }

    private void plus(String key, int line, int place, int length) {
        if (place < length - 1) {
            easel.text(key + " + " + place, middle(place) - slot / 2, line * LINE, LETTER, "+", Tone.FAINT);
        }
    }

    private void value(String key, int line, int place, int figure, Tone tone) {
        easel.text(key, middle(place), line * LINE, LETTER, worth(figure, place), tone);
    }

    private double middle(int place) {
        return 2.5 + (places - place - 0.5) * slot;
    }

    private String worth(int figure, int place) {
        return style.number(Numeral.of(figure == 0 ? "0" : figure + "0".repeat(place)));
    }
}
