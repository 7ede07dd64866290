package bemble.core.practice.features;

import bemble.core.division.digits.DivisionRecord;
import bemble.core.hand.Hand;
import bemble.core.hand.WorkRecord;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.multiplication.rows.LongMultiplicationRecord;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.root.RootRecord;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What makes one problem easy or hard, read off its working in the usual way.
 *
 * @param counts how many it has of each feature of its operation; of those that are there or not, 1 or 0
 * @param shortest the digits of its shortest operand
 * @param answer the answer as written on paper
 * @param figures how many figures it takes to write, those of the problem not counted
 */
public record Features(Operation operation, Map<Feature, Integer> counts, int shortest, String answer, int figures) {
    /** The features of a problem, whatever it is; those of an addition with decimals count their digits too. */
    public static Features of(Problem problem) {
        Written written = Written.answerBy(Hand.CAREFUL, problem, Methods.usual(problem), HouseStyle.USUAL);
        EnumMap<Feature, Integer> counts = new EnumMap<>(Feature.class);
        List<Numeral> operands = problem.operands();
        int longest = operands.stream().mapToInt(Numeral::length).max().orElseThrow();
        int shortest = operands.stream().mapToInt(Numeral::length).min().orElseThrow();
        int first = operands.get(0).length();
        int last = operands.get(operands.size() - 1).length();
        WorkRecord record = written.record();
        switch (problem.operation()) {
            case ADDITION -> {
                counts.put(Feature.ADDENDS, operands.size());
                counts.put(Feature.DIGITS, longest);
                counts.put(Feature.UNEVEN_LENGTHS, yes(longest != shortest));
                added(((ColumnRecord) record).columns(), counts);
            }
            case SUBTRACTION -> {
                counts.put(Feature.DIGITS, first);
                counts.put(Feature.SUBTRAHEND_DIGITS, last);
                counts.put(Feature.UNEVEN_LENGTHS, yes(first != last));
                subtracted((DecompositionRecord) record, counts);
            }
            case MULTIPLICATION -> multiplied((LongMultiplicationRecord) record, counts);
            case DIVISION -> {
                counts.put(Feature.DIVIDEND_DIGITS, first);
                counts.put(Feature.DIVISOR_DIGITS, last);
                counts.put(Feature.REMAINDER, yes(!"0".equals(written.answer().remainder())));
                counts.put(Feature.ZERO_IN_QUOTIENT, yes(((DivisionRecord) record).stages().stream().skip(1)
                        .anyMatch(stage -> stage.digit() == 0)));
            }
            case SQUARE_ROOT -> {
                counts.put(Feature.RADICAND_DIGITS, first);
                counts.put(Feature.PERFECT, yes(Boolean.TRUE.equals(written.answer().exact())));
                counts.put(Feature.DECIMALS, problem.decimals());
                counts.put(Feature.ZERO_IN_ROOT, yes(((RootRecord) record).stages().stream().skip(1)
                        .anyMatch(stage -> stage.digit() == 0)));
            }
        }
        return new Features(problem.operation(), Collections.unmodifiableMap(counts), shortest,
                written.answer().text(), written.figures());
    }

    /** How many there are of a feature of the operation. */
    public int count(Feature feature) {
        return Objects.requireNonNull(counts.get(feature), feature.id());
    }

    /** Whether the answer is a root that does not come out, so that it is never called equal. */
    public boolean isCutOff() {
        return counts.getOrDefault(Feature.PERFECT, 1) == 0;
    }

    private static void added(List<AddedColumn> columns, Map<Feature, Integer> counts) {
        int carries = 0;
        int run = 0;
        int longestRun = 0;
        for (AddedColumn column : columns) {
            run = column.carryOut() > 0 ? run + 1 : 0;
            carries += yes(column.carryOut() > 0);
            longestRun = Math.max(longestRun, run);
        }
        counts.put(Feature.CARRIES, carries);
        counts.put(Feature.CHAIN, longestRun);
        counts.put(Feature.NEW_PLACE, yes(columns.get(columns.size() - 1).carryOut() > 0));
    }

    private static void subtracted(DecompositionRecord record, Map<Feature, Integer> counts) {
        counts.put(Feature.EXCHANGES, (int) record.columns().stream().filter(SubtractedColumn::exchanged).count());
        int longestRun = 0;
        int run = 0;
        for (Exchange exchange : record.exchanges()) {
            // An exchange that goes on from the ten just brought to a zero passes that zero.
            run = exchange.fromBefore() == 10 ? run + 1 : 0;
            longestRun = Math.max(longestRun, run);
        }
        counts.put(Feature.ACROSS_ZEROS, longestRun);
    }

    private static void multiplied(LongMultiplicationRecord record, Map<Feature, Integer> counts) {
        counts.put(Feature.TOP_DIGITS, record.top().length());
        counts.put(Feature.BOTTOM_DIGITS, record.bottom().length());
        counts.put(Feature.CARRIES, (int) record.rows().stream().flatMap(row -> row.columns().stream())
                .filter(column -> column.carryOut() > 0).count());
        counts.put(Feature.ZERO_IN_BOTTOM, yes(record.bottom().indexOf('0') >= 0));
    }

    private static int yes(boolean present) {
        return present ? 1 : 0;
    }
}
