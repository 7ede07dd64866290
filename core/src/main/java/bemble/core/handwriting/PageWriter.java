package bemble.core.handwriting;

import bemble.core.hand.Written;
import bemble.core.print.ReadableQuestion;
import bemble.core.print.ReadableQuestion.Placed;
import bemble.core.scan.ReadField;
import bemble.core.sheet.SheetMark;
import bemble.core.working.BlockName;
import bemble.core.working.MarkKind;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes workings onto the picture of a printed page, as a child's pen would. */
public final class PageWriter {
    /** Figures of a small number that stand in one square together, from one middle to the next, as a share of their height. */
    private static final double CLOSE = 0.7;

    private final InkOnPage ink;
    private final PenHand hand;

    public PageWriter(InkOnPage ink, PenHand hand) {
        this.ink = ink;
        this.hand = hand;
    }

    /**
     * Writes what somebody wrote of a question into its squares, stroke by stroke in their order.
     *
     * @param field where its squares are on the page
     */
    public void write(ReadableQuestion question, ReadField field, Written written) {
        // Who takes one operation for another has no squares of theirs on this paper.
        Set<BlockName> there = question.paper().squares().stream().map(square -> square.spot().block().name())
                .collect(Collectors.toSet());
        question.paper().writtenBy(written).stream().filter(mark -> there.contains(mark.at().block().name()))
                .map(question.paper().layout()::lay).filter(ReadableQuestion::isInOneSquare)
                .forEach(mark -> write(mark, question.place(field, mark)));
    }

    private void write(SheetMark mark, Placed at) {
        if (mark.kind() == MarkKind.STRIKE) {
            ink.write(hand.strike(at.x(), at.y(), at.height()), hand);
            return;
        }
        List<Integer> digits = mark.text().chars().filter(Character::isDigit).mapToObj(c -> c - '0').toList();
        double first = at.x() - (digits.size() - 1) * at.height() * CLOSE / 2;
        for (int i = 0; i < digits.size(); i++) {
            ink.write(hand.figure(digits.get(i), first + i * at.height() * CLOSE, at.y(), at.height()), hand);
        }
    }
}
