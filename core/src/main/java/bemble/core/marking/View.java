package bemble.core.marking;

import bemble.core.check.Checking;
import bemble.core.diagnosis.outcome.Hypotheses;
import bemble.core.hand.ChoosingHand;
import bemble.core.hand.FreeQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.marking.paper.KnownSquares;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.marking.paper.Read;
import bemble.core.marking.paper.WrittenPaper;
import bemble.core.problem.Problem;
import bemble.core.slip.NamedRules;
import java.util.List;

/**
 * A paper as it is seen in one way.
 *
 * @param careful what a careful hand writes in this way, who chooses as the writer did where the writer is free
 * @param answer the answer that stands on it
 */
record View(Way way, WrittenPaper written, Written careful, AnswerOnPaper answer, List<KnownSlip> slips) {
    private static final int READ_AGAIN = 2;

    /** @param asked the problem as it was asked: what is checked is that, whatever the way */
    View(Way way, Problem asked, PaperToMark paper, NamedRules kept) {
        this(way, asked, careful(way), paper, Hypotheses.listed(way.problem(), way.method().name(), kept));
    }

    /** What a careful hand writes who chooses as the writer did where the writer is free. */
    static Written careful(Way way) {
        Written careful = Written.answerBy(Hand.CAREFUL, way.problem(), way.method(), way.style());
        if (careful.decisions().stream().noneMatch(decision -> decision.asked() instanceof FreeQuestion)) {
            return careful;
        }
        KnownSquares squares = new KnownSquares();
        Written chosen = careful;
        for (int i = 0; i < READ_AGAIN && chosen.isFinished(); i++) {
            // What a choice leads to has squares of its own, in which more may be read.
            squares.add(chosen.decisions());
            chosen = Written.asFarAs(new ChoosingHand(new WrittenPaper(way.read(), squares)), way.problem(),
                    way.method(), way.style(), false);
        }
        if (!chosen.isFinished()) {
            return careful;
        }
        WrittenPaper paper = new WrittenPaper(way.read(), squares);
        // Where choices lead nowhere the writer did not choose: a lone wrong answer is no first jump.
        boolean ends = new AnswerOnPaper(chosen, paper).isBegun() || !new AnswerOnPaper(careful, paper).isBegun();
        return ends ? chosen : careful;
    }

    private View(Way way, Problem asked, Written careful, PaperToMark paper, List<KnownSlip> slips) {
        this(way, written(way, asked, careful, paper, slips), careful, slips);
    }

    private View(Way way, WrittenPaper written, Written careful, List<KnownSlip> slips) {
        this(way, written, careful, new AnswerOnPaper(careful, written), slips);
    }

    /** What led to an answer that is right, though not as a careful hand writes it, without that answer and what goes on to it. */
    View withoutAnswer() {
        return new View(way, written.without(answer::leads), careful, answer, slips);
    }

    private static WrittenPaper written(Way way, Problem asked, Written careful, PaperToMark paper,
            List<KnownSlip> slips) {
        KnownSquares squares = new KnownSquares();
        squares.add(careful.decisions());
        if (paper.check() != null) {
            Written checked = Written.answerBy(Hand.CAREFUL, way.problem(), way.method(), way.style());
            Checking.write(paper.check(), asked, checked.method(), checked.answer(), checked.desk());
            squares.add(checked.decisionsOfCheck());
        }
        if (!way.read().stream().map(Read::as).allMatch(squares::know)) {
            slips.forEach(slip -> squares.add(Written.asFarAs(slip.slip().over(Hand.CAREFUL),
                    way.problem(), way.method(), way.style(), false).decisions()));
        }
        return new WrittenPaper(way.read(), squares);
    }
}
