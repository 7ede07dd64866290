package bemble.core.stack;

import bemble.core.hand.Desk;
import bemble.core.hand.Talk;
import bemble.core.problem.Operation;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/** The products, differences and digits brought down that descend under a dividend or a radicand. */
public final class Descent {
    private final Block block;
    private final Desk desk;
    private int products;
    private int productHighest;
    /** The line that holds what is worked on now; null while that is still the given number itself. */
    private @Nullable Line current;

    public Descent(Block block, Desk desk) {
        this.block = block;
        this.desk = desk;
    }

    /** The line of the last difference, or null before there is one. */
    public @Nullable Line current() {
        return current;
    }

    /** The line of the last product. */
    public Line productLine() {
        return Line.of(Line.Kind.PRODUCT, products);
    }

    /** Asks for a digit times the divisor, and writes it with its last digit in {@code place}. */
    public BigInteger product(int digit, BigInteger divisor, int place, Talk talk) {
        products++;
        Line line = productLine();
        block.line(line);
        desk.step(StepKind.MULTIPLY, block, place, talk);
        BigInteger product = desk.ask(new Times(block, line, place, digit, divisor));
        productHighest = place + product.toString().length() - 1;
        if (desk.style().writesMinusSigns()) {
            desk.sign(block.at(line, productHighest + 1), Operation.SUBTRACTION.sign());
        }
        return product;
    }

    /**
     * Asks what is left, and writes it under the last product with its last digit in {@code place}.
     *
     * @param last whether nothing is brought down beside it; a 0 that something joins is not written
     */
    public BigInteger left(BigInteger from, BigInteger product, int place, boolean last, Talk talk) {
        current = Line.of(Line.Kind.DIFFERENCE, products);
        block.line(current);
        desk.figure(StepKind.SUBTRACT, block, place, talk);
        BigInteger left = desk.ask(new Left(block, current, place, from, product,
                last, desk.style().writesZeroDifferences()));
        desk.rule(block, current, Math.max(place + left.toString().length() - 1, productHighest), place);
        return left;
    }

    private void arrow(Spot from, Spot to) {
        switch (desk.style().arrows()) {
            case FOR_A_WHILE -> desk.drawForAWhile(MarkKind.ARROW, from, to, "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
            case STAYING -> desk.draw(MarkKind.ARROW, from, to, "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
            case NONE -> {}
        }
    }

    /** Brings a digit down beside the last difference, with an arrow as the style has it. */
    public int bringDown(Line from, int place, int digit) {
        if (current == null) {
            current = Line.of(Line.Kind.DIFFERENCE, products);
            block.line(current);
        }
        arrow(block.at(from, place), block.at(current, place));
        return desk.ask(new BroughtDown(block.at(current, place), digit));
    }
}
