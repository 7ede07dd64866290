package bemble.core.given;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.addition.PartialSumsRecord;
import bemble.core.addition.RunningRecord;
import bemble.core.addition.RunningStage;
import bemble.core.division.chunks.ChunkStage;
import bemble.core.division.chunks.PartialQuotientsRecord;
import bemble.core.division.digits.DivisionRecord;
import bemble.core.division.digits.DivisionStage;
import bemble.core.hand.Answer;
import bemble.core.hand.WorkRecord;
import bemble.core.multiplication.box.AreaRecord;
import bemble.core.multiplication.crosswise.CrosswiseRecord;
import bemble.core.multiplication.rows.LongMultiplicationRecord;
import bemble.core.multiplication.rows.MatchedRecord;
import bemble.core.multiplication.rows.ProductRow;
import bemble.core.problem.Problem;
import bemble.core.root.RootRecord;
import bemble.core.root.RootStage;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.counting.CountingUpRecord;
import bemble.core.subtraction.equal.EqualAdditionsRecord;
import bemble.core.subtraction.equal.PaidColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.stream.Stream;

/** What must hold within a record and between it and its answer, whatever was asked. */
public final class RecordInvariants {
    private RecordInvariants() {}

    public static void assertHold(Problem problem, Answer answer, WorkRecord record) {
        BigDecimal value = new BigDecimal(answer.value());
        if (record instanceof ColumnRecord column) {
            assertThat(worth(column.columns())).isEqualByComparingTo(value);
        } else if (record instanceof RunningRecord running) {
            running(running.stages(), value);
        } else if (record instanceof PartialSumsRecord parts) {
            assertThat(sum(parts.parts().stream().map(part -> part.value()))).isEqualByComparingTo(value);
        } else if (record instanceof DecompositionRecord exchanged) {
            decomposition(problem, exchanged, value);
        } else if (record instanceof EqualAdditionsRecord paid) {
            equalAdditions(paid.columns(), value);
        } else if (record instanceof CountingUpRecord counted) {
            assertThat(sum(counted.jumps().stream().map(jump -> jump.size()))).isEqualByComparingTo(value);
            counted.jumps().forEach(jump -> assertThat(sum(Stream.of(jump.from(), jump.size())))
                    .isEqualByComparingTo(new BigDecimal(jump.to())));
        } else if (record instanceof LongMultiplicationRecord product) {
            longMultiplication(product, value);
        } else if (record instanceof AreaRecord area) {
            area(area, value);
        } else if (record instanceof CrosswiseRecord crossed) {
            assertThat(sum(crossed.columns().stream().map(column -> BigDecimal.valueOf(column.pairs().stream()
                    .mapToInt(pair -> pair.get(0) * pair.get(1)).sum()).scaleByPowerOfTen(column.place())
                    .toPlainString())))
                            .isEqualByComparingTo(value);
        } else if (record instanceof DivisionRecord division) {
            division(problem, division.stages(), value);
        } else if (record instanceof RootRecord root) {
            root(root.stages(), value);
        } else if (record instanceof PartialQuotientsRecord divided) {
            partialQuotients(problem, divided.chunks(), value);
        } else if (!(record instanceof MatchedRecord)) {
            throw new AssertionError("no invariant for " + record.getClass());
        }
    }

    /** Each chunk is 1, 2 or 5 of a place, the largest that fits; together they are the quotient. */
    private static void partialQuotients(Problem problem, List<ChunkStage> chunks, BigDecimal value) {
        BigInteger left = problem.operands().get(0).wholeValue();
        BigInteger divisor = problem.operands().get(1).wholeValue();
        for (ChunkStage chunk : chunks) {
            assertThat(new BigInteger(chunk.partial())).isEqualTo(left);
            assertThat(chunk.chunk()).matches("[125]0*");
            BigInteger factor = new BigInteger(chunk.chunk());
            BigInteger nextLarger = factor.multiply(BigInteger.valueOf(chunk.chunk().startsWith("2") ? 5 : 4))
                    .divide(BigInteger.TWO);
            assertThat(new BigInteger(chunk.product())).isEqualTo(divisor.multiply(factor)).isLessThanOrEqualTo(left);
            assertThat(divisor.multiply(nextLarger)).isGreaterThan(left);
            left = left.subtract(new BigInteger(chunk.product()));
            assertThat(new BigInteger(chunk.difference())).isEqualTo(left);
        }
        assertThat(left).isLessThan(divisor);
        assertThat(sum(chunks.stream().map(ChunkStage::chunk))).isEqualByComparingTo(value);
    }

    private static void running(List<RunningStage> stages, BigDecimal value) {
        stages.forEach(stage -> {
            assertThat(sum(stage.addends().stream())).isEqualByComparingTo(new BigDecimal(stage.sum()));
            assertThat(worth(stage.columns())).isEqualByComparingTo(new BigDecimal(stage.sum()));
        });
        assertThat(new BigDecimal(stages.get(stages.size() - 1).sum())).isEqualByComparingTo(value);
    }

    /** An exchange changes no value, and every column that needed ten got it. */
    private static void decomposition(Problem problem, DecompositionRecord record, BigDecimal value) {
        for (Exchange exchange : record.exchanges()) {
            assertThat(exchange.from()).isEqualTo(exchange.to() + 1);
            assertThat(exchange.fromAfter()).isEqualTo(exchange.fromBefore() - 1).isNotNegative();
            assertThat(exchange.toAfter()).isEqualTo(exchange.toBefore() + 10);
        }
        BigDecimal tops = BigDecimal.ZERO;
        BigDecimal digits = BigDecimal.ZERO;
        for (SubtractedColumn column : record.columns()) {
            assertThat(column.top() - column.bottom()).isEqualTo(column.digit()).isBetween(0, 9);
            tops = tops.add(at(column.top(), column.place()));
            digits = digits.add(at(column.digit(), column.place()));
        }
        assertThat(tops).isEqualByComparingTo(problem.operands().get(0).value());
        assertThat(digits).isEqualByComparingTo(value);
    }

    private static void equalAdditions(List<PaidColumn> columns, BigDecimal value) {
        int payBack = 0;
        BigDecimal digits = BigDecimal.ZERO;
        for (PaidColumn column : columns) {
            assertThat(column.payBack()).isEqualTo(payBack);
            assertThat(column.addedTen()).isEqualTo(column.top() < column.bottom() + payBack);
            payBack = column.addedTen() ? 1 : 0;
            digits = digits.add(at(column.digit(), column.place()));
        }
        assertThat(payBack).isZero();
        assertThat(digits).isEqualByComparingTo(value);
    }

    private static void longMultiplication(LongMultiplicationRecord record, BigDecimal value) {
        BigInteger top = new BigInteger(record.top());
        for (ProductRow row : record.rows()) {
            assertThat(new BigDecimal(row.value())).isEqualByComparingTo(
                    new BigDecimal(top.multiply(BigInteger.valueOf(row.digit()))).scaleByPowerOfTen(row.place()));
            assertThat(row.columns().isEmpty()).isEqualTo(row.digit() == 0);
        }
        assertThat(sum(record.rows().stream().map(ProductRow::value))).isEqualByComparingTo(value);
        long rows = record.rows().stream().filter(row -> !row.value().equals("0")).count();
        assertThat(record.sum() == null).isEqualTo(rows < 2);
        if (record.sum() != null) {
            assertThat(worth(record.sum().columns())).isEqualByComparingTo(value);
        }
    }

    private static void area(AreaRecord record, BigDecimal value) {
        for (int row = 0; row < record.down().size(); row++) {
            assertThat(sum(record.cells().get(row).stream()))
                    .isEqualByComparingTo(new BigDecimal(record.rowTotals().get(row)));
            for (int column = 0; column < record.across().size(); column++) {
                assertThat(new BigDecimal(record.down().get(row)).multiply(new BigDecimal(record.across().get(column))))
                        .isEqualByComparingTo(new BigDecimal(record.cells().get(row).get(column)));
            }
        }
        assertThat(sum(record.rowTotals().stream())).isEqualByComparingTo(value);
    }

    private static void division(Problem problem, List<DivisionStage> stages, BigDecimal value) {
        BigInteger divisor = problem.operands().get(1).wholeValue();
        BigDecimal quotient = BigDecimal.ZERO;
        for (DivisionStage stage : stages) {
            assertThat(new BigInteger(stage.product())).isEqualTo(divisor.multiply(BigInteger.valueOf(stage.digit())));
            assertThat(new BigInteger(stage.partial()).subtract(new BigInteger(stage.product())))
                    .isEqualTo(new BigInteger(stage.difference()))
                    .isBetween(BigInteger.ZERO, divisor.subtract(BigInteger.ONE));
            quotient = quotient.add(at(stage.digit(), stage.place()));
        }
        assertThat(quotient).isEqualByComparingTo(value);
        assertThat(stages.get(0).digit() > 0 || stages.size() == 1).isTrue();
    }

    private static void root(List<RootStage> stages, BigDecimal value) {
        BigInteger root = BigInteger.ZERO;
        for (RootStage stage : stages) {
            BigInteger current = new BigInteger(stage.current());
            BigInteger next = new BigInteger(stage.divisor()).add(BigInteger.ONE);
            assertThat(new BigInteger(stage.doubled())).isEqualTo(root.add(root));
            assertThat(stage.divisor()).isEqualTo(new BigInteger(stage.doubled() + stage.digit()).toString());
            assertThat(new BigInteger(stage.product())).isLessThanOrEqualTo(current);
            assertThat(
                    next.multiply(BigInteger.valueOf(stage.digit() + 1L)).compareTo(current) > 0 || stage.digit() == 9)
                            .isTrue();
            assertThat(current.subtract(new BigInteger(stage.product()))).isEqualTo(new BigInteger(stage.difference()));
            root = root.multiply(BigInteger.TEN).add(BigInteger.valueOf(stage.digit()));
        }
        assertThat(root).isEqualTo(value.unscaledValue());
    }

    private static BigDecimal worth(List<AddedColumn> columns) {
        AddedColumn last = columns.get(columns.size() - 1);
        BigDecimal worth = at(last.carryOut(), last.place() + 1);
        for (AddedColumn column : columns) {
            worth = worth.add(at(column.digit(), column.place()));
        }
        return worth;
    }

    private static BigDecimal at(int figure, int place) {
        return BigDecimal.valueOf(figure).scaleByPowerOfTen(place);
    }

    private static BigDecimal sum(Stream<String> numbers) {
        return numbers.map(BigDecimal::new).reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
