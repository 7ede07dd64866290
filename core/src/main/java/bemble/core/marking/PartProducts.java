package bemble.core.marking;

import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.Read;
import bemble.core.multiplication.box.Expanded;
import bemble.core.problem.Numeral;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A product worked in more rows than it has digits below: every part of one number times every part of the other, one row each, in any
 * order. 46 × 37 in 1200, 280, 180 and 42.
 */
final class PartProducts {
    private PartProducts() {}

    /** The figures of a paper without such rows, where its rows are just these; else all of them. */
    static List<Read> read(Way way) {
        Map<Line, BigInteger> rows = new LinkedHashMap<>();
        way.read().stream().map(Read::as).filter(PartProducts::isOfRow)
                .forEach(figure -> rows.merge(figure.line(),
                        new BigInteger(figure.text()).multiply(BigInteger.TEN.pow(figure.place())), BigInteger::add));
        List<BigInteger> products = new ArrayList<>();
        List<Numeral> numbers = way.problem().operands();
        for (BigInteger one : Expanded.of(numbers.get(0))) {
            for (BigInteger other : Expanded.of(numbers.get(1))) {
                products.add(one.multiply(other));
            }
        }
        return rows.values().stream().sorted().toList().equals(products.stream().sorted().toList())
                ? way.read().stream().filter(each -> !isOfRow(each.as())).toList() : way.read();
    }

    private static boolean isOfRow(PaperFigure figure) {
        return figure.block().isFirst(BlockName.Kind.PRODUCT) && figure.line().is(Line.Kind.ADDEND)
                && figure.kind() == MarkKind.DIGIT && figure.place() >= 0 && figure.text().matches("[0-9]")
                && figure.isInMiddle();
    }
}
