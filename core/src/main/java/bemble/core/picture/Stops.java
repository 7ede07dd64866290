package bemble.core.picture;

import bemble.core.hand.WorkRecord;
import bemble.core.problem.Numeral;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** How much a hand that works in columns has after each of them: what it wrote, and what it has not come to. */
final class Stops {
    private Stops() {}

    /**
     * After each column; after the last it is the answer.
     *
     * @param first the number that the hand begins with
     * @param record of a sum or a difference in columns
     * @param answer as it is read: where a hand writes two figures into a place it is not what they are worth
     */
    static List<BigInteger> of(Numeral first, WorkRecord record, BigInteger answer) {
        List<BigInteger> stops = record instanceof ColumnRecord added ? added(first, added)
                : takenAway(first, (DecompositionRecord) record);
        stops.set(stops.size() - 1, answer);
        return stops;
    }

    /** What is carried stands over the first number's digits that are left. */
    private static List<BigInteger> added(Numeral first, ColumnRecord record) {
        List<BigInteger> stops = new ArrayList<>();
        BigInteger written = BigInteger.ZERO;
        for (AddedColumn column : record.columns()) {
            int place = column.place();
            written = written.add(worth(column.digit(), place));
            stops.add(written.add(worth(column.carryOut(), place + 1)).add(above(first, place)));
        }
        return stops;
    }

    /** What was exchanged up to there is in the figures that are left. */
    private static List<BigInteger> takenAway(Numeral minuend, DecompositionRecord record) {
        int[] tops = new int[minuend.highest() + 1];
        for (int place = 0; place < tops.length; place++) {
            tops[place] = minuend.digit(place);
        }
        List<BigInteger> stops = new ArrayList<>();
        BigInteger written = BigInteger.ZERO;
        int exchanged = 0;
        for (SubtractedColumn column : record.columns()) {
            int made = exchangedFor(column.place(), exchanged, record.exchanges());
            for (Exchange exchange : record.exchanges().subList(exchanged, made)) {
                tops[exchange.from()] = exchange.fromAfter();
                tops[exchange.to()] = exchange.toAfter();
            }
            exchanged = made;
            written = written.add(worth(column.digit(), column.place()));
            BigInteger stop = written;
            for (int place = column.place() + 1; place < tops.length; place++) {
                stop = stop.add(worth(tops[place], place));
            }
            stops.add(stop);
        }
        return stops;
    }

    /** How many exchanges are made once a column has its ten: the chain that ends there. */
    private static int exchangedFor(int place, int from, List<Exchange> exchanges) {
        int made = from;
        for (int i = from; i < exchanges.size(); i++) {
            made = exchanges.get(i).to() <= place ? i + 1 : made;
        }
        return made;
    }

    /** What so many are worth in a place. */
    static BigInteger worth(int digit, int place) {
        return BigInteger.TEN.pow(place).multiply(BigInteger.valueOf(digit));
    }

    private static BigInteger above(Numeral number, int place) {
        BigInteger column = BigInteger.TEN.pow(place + 1);
        return number.wholeValue().divide(column).multiply(column);
    }
}
