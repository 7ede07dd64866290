package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.math.BigInteger;
import java.util.List;

/** What is said while a product is found in a box. */
public final class AreaTalk {
    private final HouseStyle style;

    public AreaTalk(HouseStyle style) {
        this.style = style;
    }

    public Spoken setOut(Multiplication multiplication, List<String> across, List<String> down) {
        return new Spoken("Set out", "", "Draw a box. Along the top stands "
                + expanded(multiplication.multiplicand(), across) + ", down the side "
                + expanded(multiplication.multiplier(), down) + ".", "");
    }

    private String expanded(Numeral number, List<String> parts) {
        String whole = style.number(number);
        return parts.size() == 1 ? whole
                : whole + " as " + String.join(" + ", parts.stream().map(Numeral::of).map(style::number).toList());
    }

    public Spoken cell(BigInteger across, BigInteger down, BigInteger cell) {
        String fact = number(down) + " × " + number(across);
        return new Spoken("Row of " + number(down), fact + " = " + number(cell),
                number(down) + " times " + number(across) + " is " + number(cell) + ". Write it in the box where both meet.",
                "What is " + fact + "?");
    }

    public Spoken rowTotal(BigInteger down, List<BigInteger> cells, BigInteger total) {
        String terms = String.join(" + ", cells.stream().map(this::number).toList());
        return new Spoken("Row totals", terms + " = " + number(total),
                cells.size() == 1 ? "The row of " + number(down) + " has one number: " + number(total) + "."
                        : "The row of " + number(down) + ": " + terms + " makes " + number(total) + ". Write it beside the row.",
                "What does the row of " + number(down) + " make?");
    }

    public Spoken addRows(int rows) {
        return new Spoken("Add the rows", "", "Now set the " + rows + " row totals out and add them.", "");
    }

    private String number(BigInteger number) {
        return style.number(Numeral.of(number));
    }
}
