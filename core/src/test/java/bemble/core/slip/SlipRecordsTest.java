package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.WorkRecord;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.root.HalvedRecord;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import bemble.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a slipped hand did is kept as what a careful one did: the record alone tells the answer. */
class SlipRecordsTest {
    private static final int PROBLEMS = Trials.of(60);

    static List<KnownSlip> inColumns() {
        return Slips.ALL.stream().filter(slip -> slip.methods().contains(MethodName.COLUMN)
                || slip.methods().contains(MethodName.DECOMPOSITION)).toList();
    }

    private static Optional<Worked> worked(KnownSlip slip, Problem problem, MethodName method) {
        try {
            return Optional
                    .of(Worked.from(new WorkOrder(problem, method.id(), HouseStyle.USUAL, null, slip.id())));
        } catch (Refusal cannotHappen) {
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @MethodSource("inColumns")
    void theRecordTellsTheAnswerOfThisHand(KnownSlip slip) {
        MethodName method = slip.operation() == Operation.ADDITION ? MethodName.COLUMN : MethodName.DECOMPOSITION;
        RandomGenerator random = RandomNumbers.seeded(3_100L + Slips.ALL.indexOf(slip));
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(slip.operation(), random, 5);
            if (problem.operands().stream().allMatch(Numeral::isWhole)) {
                worked(slip, problem, method).filter(worked -> isInColumns(worked.record()))
                        .ifPresent(worked -> assertThat(told(worked.record()))
                                .as(slip.id() + " " + problem.text() + " " + worked.record())
                                .isEqualTo(worked.answer().value()));
            }
        }
    }

    /** Who multiplies where numbers were to be added has another record. */
    private static boolean isInColumns(WorkRecord record) {
        return record instanceof ColumnRecord || record instanceof DecompositionRecord;
    }

    /** The digits of a record from the highest place down, with what is written in front. */
    private static String told(WorkRecord record) {
        List<String> digits = new ArrayList<>();
        if (record instanceof ColumnRecord added) {
            List<AddedColumn> columns = added.columns();
            columns.forEach(column -> digits.add(0, Integer.toString(column.digit())));
            int front = columns.get(columns.size() - 1).carryOut();
            digits.add(0, front == 0 ? "" : Integer.toString(front));
            if (columns.size() > 1 && columns.get(0).place() > columns.get(1).place()) {
                digits.clear();
                columns.forEach(column -> digits.add(Integer.toString(column.digit())));
            }
        } else {
            for (SubtractedColumn column : ((DecompositionRecord) record).columns()) {
                digits.add(0, Integer.toString(column.digit()));
            }
        }
        return Numeral.of(digits.stream().collect(Collectors.joining())).plain();
    }

    @ParameterizedTest
    @CsvSource({"358 + 276, works-from-left, '5, 12, 15'", "358 + 276, all-digits-added, 31"})
    void aProcedureThatIsASlipLeavesItsTotals(String text, String slip, String totals) {
        Worked worked = Worked.from(new WorkOrder(ProblemText.kept(text), null, HouseStyle.USUAL,
                null, slip));
        assertThat(((ColumnRecord) worked.record()).columns().stream()
                .map(column -> Integer.toString(column.total())).collect(Collectors.joining(", "))).isEqualTo(totals);
    }

    @Test
    void whoHalvesForARootLeavesTheHalves() {
        Worked worked = Worked.from(new WorkOrder(ProblemText.kept("√576"), null,
                HouseStyle.USUAL, null, "halved"));
        HalvedRecord record = (HalvedRecord) worked.record();
        assertThat(record.columns().stream().map(column -> column.number() + "/2=" + column.half()))
                .containsExactly("5/2=2", "17/2=8", "16/2=8");
        assertThat(record.inShort(new Words(HouseStyle.USUAL))).isEqualTo("halved 5, 17, 16");
        assertThat(worked.answer().value()).isEqualTo("288");
    }
}
