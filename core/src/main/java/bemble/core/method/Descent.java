package bemble.core.method;

import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.MarkKind;
import bemble.core.working.Pen;
import bemble.core.working.Role;
import bemble.core.working.Size;
import java.math.BigInteger;

/** The products, differences and digits brought down that descend under a dividend or a radicand. */
final class Descent {
    private final Block block;
    private final Pen pen;
    private int products;
    private int productHighest;
    /** The line that holds what is worked on now; null while that is still the given number itself. */
    private String current;

    Descent(Block block, Pen pen) {
        this.block = block;
        this.pen = pen;
    }

    /** The line of the last difference, or null before there is one. */
    String current() {
        return current;
    }

    /** The line of the last product. */
    String productLine() {
        return "product-" + products;
    }

    /** Writes a product, its last digit in {@code place}. */
    void product(BigInteger product, int place) {
        products++;
        block.line(productLine());
        Placed number = new Placed(Numeral.of(product), place);
        productHighest = number.highest();
        pen.digits(block, productLine(), number, Role.WRITTEN);
        if (pen.style().writesMinusSigns()) {
            pen.sign(block.at(productLine(), number.highest() + 1), Operation.SUBTRACTION.sign());
        }
    }

    /**
     * Writes what is left under the last product, its last digit in {@code place}.
     *
     * @param last whether nothing is brought down beside it; a 0 that something joins is not written
     */
    void difference(BigInteger difference, int place, boolean last) {
        current = "difference-" + products;
        block.line(current);
        Placed number = new Placed(Numeral.of(difference), place);
        pen.rule(block, current, Math.max(number.highest(), productHighest), place);
        if (last || difference.signum() > 0) {
            pen.digits(block, current, number, Role.WRITTEN);
        }
    }

    /** Brings a digit down beside the last difference, with an arrow for a while. */
    void bringDown(String from, int place, int digit) {
        pen.mark(MarkKind.ARROW, block.at(from, place), block.at(current, place), "", Role.FRAME, Size.FULL,
                Anchor.MIDDLE);
        pen.forAWhile();
        pen.digit(block.at(current, place), digit, Role.WRITTEN);
    }
}
