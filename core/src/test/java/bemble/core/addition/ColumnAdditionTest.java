package bemble.core.addition;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.SheetReader;
import bemble.core.given.Trials;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.style.carry.CarryPlace;
import bemble.core.working.Step;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class ColumnAdditionTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void randomSumsAgreeWithBigDecimalInEveryStyle(long seed) {
        RandomGenerator random = RandomNumbers.seeded(seed);
        for (int i = 0; i < Trials.of(100); i++) {
            List<Numeral> addends = Stream.generate(() -> RandomNumbers.decimal(random, 40))
                    .limit(2 + random.nextInt(11)).toList();
            HouseStyle style = RandomStyles.next(random);
            Worked worked = Worked.from(new WorkOrder(new Addition(addends), "column", style, "reverse-order"));
            BigDecimal expected = addends.stream().map(Numeral::value).reduce(BigDecimal.ZERO, BigDecimal::add);

            assertThat(worked.answer().value()).as("%s, seed %d", addends, seed).isEqualTo(expected.toPlainString());
            assertColumnsHangTogether((ColumnRecord) worked.record(), expected);
            assertThat(worked.check().holds()).isTrue();
            boolean turned = worked.check().kind().equals("reverse-order");
            if (turned) {
                assertThat(worked.check().actual()).isEqualTo(expected.toPlainString());
            }
            SheetReader paper = new SheetReader(worked);
            assertThat(paper.read("sum", "answer")).isEqualTo(expected.toPlainString());
            if (turned) {
                assertThat(paper.read("check.sum", "answer")).isEqualTo(expected.toPlainString());
            }
            paper.assertNothingOverlaps();
            paper.assertExpectsWhatIsWritten();
        }
    }

    private static void assertColumnsHangTogether(ColumnRecord record, BigDecimal expected) {
        BigDecimal sum = BigDecimal.ZERO;
        int carry = 0;
        for (AddedColumn column : record.columns()) {
            assertThat(column.carryIn()).isEqualTo(carry);
            assertThat(column.total()).isEqualTo(column.digits().stream().mapToInt(d -> d).sum() + carry);
            assertThat(column.total()).isEqualTo(10 * column.carryOut() + column.digit());
            carry = column.carryOut();
            sum = sum.add(BigDecimal.valueOf(column.digit()).scaleByPowerOfTen(column.place()));
        }
        int last = record.columns().get(record.columns().size() - 1).place();
        sum = sum.add(BigDecimal.valueOf(carry).scaleByPowerOfTen(last + 1));
        assertThat(sum).isEqualByComparingTo(expected);
    }

    @ParameterizedTest
    @EnumSource(CarryPlace.class)
    void aCarryStandsInTheNextColumnWhereverTheStyleWritesIt(CarryPlace where) {
        Worked worked = work(HouseStyle.USUAL.with("carryPlace", where), "47", "38");
        assertThat(worked.sheet().marks())
                .filteredOn(mark -> mark.role().id().equals("carry") && mark.block().id().equals("sum"))
                .singleElement().satisfies(carry -> {
                    assertThat(carry.place()).isEqualTo(1);
                    assertThat(carry.text()).isEqualTo("1");
                    assertThat(carry.size().id()).isEqualTo("small");
                });
    }

    @Test
    void aCarryAboveNineIsOneNoteAndTheLastTotalIsWrittenWhole() {
        Worked worked = work(HouseStyle.USUAL, Stream.generate(() -> "99").limit(12).toArray(String[]::new));
        assertThat(worked.answer().value()).isEqualTo("1188");
        ColumnRecord record = (ColumnRecord) worked.record();
        assertThat(record.columns()).extracting(AddedColumn::carryOut).containsExactly(10, 11);
        assertThat(worked.sheet().marks())
                .anyMatch(mark -> mark.role().id().equals("carry") && mark.text().equals("10"));
        Step last = worked.working().steps().get(2);
        assertThat(last.spoken().say()).contains("write 118 whole");
    }

    @Test
    void theSentenceNamesPlaceFactAndWhatIsWrittenWhere() {
        Worked worked = work(HouseStyle.USUAL, "4738", "1967");
        List<Step> steps = worked.working().steps();
        assertThat(steps.get(1).spoken().say()).isEqualTo("Ones: 8 ones and 7 ones are 15 ones. 15 ones are 1 ten and "
                + "5 ones: write 5 in the ones column. Carry 1 ten: a small 1 above the tens column.");
        assertThat(steps.get(1).spoken().fact().text()).isEqualTo("8 + 7 = 15");
        assertThat(steps.get(2).spoken().fact().text()).isEqualTo("1 + 3 + 6 = 10");
        Worked last = work(HouseStyle.USUAL.with(Map.of("carryOrder", "last", "onesWord", "units")), "4738", "1967");
        assertThat(last.working().steps().get(2).spoken().fact().text()).isEqualTo("3 + 6 + 1 = 10");
        assertThat(last.working().steps().get(1).spoken().say()).startsWith("Units: 8 units and 7 units are 15 units.");
    }

    @Test
    void figureByFigureTakesThreeStepsAColumnAndJotsTheTotalForAWhile() {
        Worked worked = work(HouseStyle.USUAL.with(Map.of("pace", "figure")), "47", "38");
        List<String> kinds = worked.working().steps().stream().limit(6).map(step -> step.kind().id()).toList();
        assertThat(kinds).containsExactly("set-out", "total", "digit", "carry", "total", "digit");
        assertThat(worked.sheet().marks()).filteredOn(mark -> mark.role().id().equals("jot")).first().satisfies(jot -> {
            assertThat(jot.text()).isEqualTo("15");
            assertThat(jot.until()).isEqualTo(5);
        });
    }

    private static Worked work(HouseStyle style, String... addends) {
        return Worked
                .from(new WorkOrder(new Addition(Stream.of(addends).map(Numeral::of).toList()), null, style, null));
    }
}
