package bemble.core.division.digits;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.stack.Times;
import bemble.core.style.MethodName;
import bemble.core.words.Words;
import bemble.core.working.Block;
import bemble.core.working.Spoken;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.math.BigInteger;

/** Divides in one line: what is left of each digit stands small before the next. */
public final class ShortDivision implements Method<Division> {
    @Override
    public MethodName name() {
        return MethodName.SHORT_DIVISION;
    }

    @Override
    public Outcome write(Division division, Desk desk) {
        DivisionPaper paper = DivisionPaper.setOut(division, true, desk);
        Numeral dividend = paper.dividend();
        BigInteger divisor = paper.divisor();
        Block block = paper.block();
        int from = desk.mark();
        int first = desk.ask(new FirstPart(dividend, divisor));
        BigInteger partial = desk.ask(new Leading(dividend, first));
        int last = desk.ask(new LowestPlace(first));
        for (int place = first;; place--) {
            int digit = paper.goes(place, partial, divisor, dividend.digit(place), place == first);
            BigInteger product = desk.ask(new Times(null, null, place, digit, divisor));
            Spot next = place == last ? null : block.at(DivisionPaper.DIVIDEND, place - 1);
            desk.figure(StepKind.SUBTRACT, block, place, ShortDivision::passOn);
            BigInteger left = desk.ask(new PassedOn(next, place, partial, product));
            if (place == last) {
                int to = desk.mark();
                Answer answer = paper.finish(left);
                return new Outcome(answer, () -> DivisionRecord.of(desk.decisions(from, to)));
            }
            partial = desk.ask(new Joined(place - 1, left, dividend.digit(place - 1)));
        }
    }

    /** What is left goes on to the next digit. */
    static Spoken passOn(Said said) {
        PassedOn passed = said.asked(PassedOn.class);
        BigInteger left = said.decided(PassedOn.class);
        Words words = said.words();
        String leaves = DivisionWords.count(said, left, passed.place());
        String say = passed.next() == null
                ? Words.capital(leaves) + (left.equals(BigInteger.ONE) ? " is" : " are") + " left."
                : left.signum() == 0 ? "Nothing is left."
                        : said.written(PassedOn.class)
                                ? Words.capital(leaves) + " left: a small " + left + " before the next digit."
                                : Words.capital(leaves) + " left.";
        return new Spoken(words.title(passed.place()),
                DivisionWords.difference(said, passed.from(), passed.product(), left),
                say, "What is left?");
    }
}
