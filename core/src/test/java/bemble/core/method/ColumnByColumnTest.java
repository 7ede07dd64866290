package bemble.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.addition.PartialSum;
import bemble.core.addition.PartialSumsRecord;
import bemble.core.addition.RunningRecord;
import bemble.core.division.digits.DivisionRecord;
import bemble.core.division.digits.DivisionStage;
import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.multiplication.box.AreaRecord;
import bemble.core.multiplication.crosswise.CrossedColumn;
import bemble.core.multiplication.crosswise.CrosswiseRecord;
import bemble.core.multiplication.rows.LongMultiplicationRecord;
import bemble.core.multiplication.rows.MultipliedColumn;
import bemble.core.multiplication.rows.ProductRow;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.root.RootRecord;
import bemble.core.root.RootStage;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.counting.CountingUpRecord;
import bemble.core.subtraction.counting.Jump;
import bemble.core.subtraction.equal.EqualAdditionsRecord;
import bemble.core.subtraction.equal.PaidColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Every figure of a record, column by column and stage by stage, worked out apart from any hand: what is carried into a column
 * is what the shortened numbers overflow by, what a stage of a division begins with is the shortened dividend without what
 * the quotient so far takes away.
 */
class ColumnByColumnTest {
    private static final int PROBLEMS = Trials.of(300);
    private static final BigInteger TEN = BigInteger.TEN;
    private static final BigInteger HUNDRED = BigInteger.valueOf(100);

    private static <R> void each(MethodName method, Class<R> kind, BiConsumer<Problem, R> holds) {
        RandomGenerator random = RandomNumbers.seeded(700L + method.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, i % 20 == 0 ? 40 : 8);
            Worked worked = Worked.from(new WorkOrder(problem, method.id(), HouseStyle.USUAL, null));
            holds.accept(problem, kind.cast(worked.record()));
        }
    }

    private static List<String> plain(Problem problem) {
        return problem.operands().stream().map(Numeral::plain).toList();
    }

    /** How many digits stand after the point of the number that has the most. */
    private static int decimals(List<String> numbers) {
        return numbers.stream().mapToInt(number -> new BigDecimal(number).scale()).max().orElseThrow();
    }

    /** How many digits stand before the point of the number that has the most. */
    private static int places(List<String> numbers) {
        return numbers.stream().mapToInt(number -> shifted(number, 0).toString().length()).max().orElseThrow();
    }

    private static BigInteger shifted(String number, int places) {
        return new BigDecimal(number).movePointRight(places).toBigInteger();
    }

    private static int digit(BigInteger number, int place) {
        return number.divide(TEN.pow(place)).mod(TEN).intValueExact();
    }

    /** The digits that stand in a column, top to bottom; where a number has none there is none. */
    private static List<Integer> inColumn(List<String> numbers, int place) {
        List<Integer> digits = new ArrayList<>();
        for (String number : numbers) {
            int point = number.indexOf('.') < 0 ? number.length() : number.indexOf('.');
            int at = place >= 0 ? point - 1 - place : point - place;
            if (at >= 0 && at < number.length()) {
                digits.add(number.charAt(at) - '0');
            }
        }
        return digits;
    }

    private static void added(List<AddedColumn> columns, List<String> numbers) {
        int scale = decimals(numbers);
        int place = -scale;
        for (AddedColumn column : columns) {
            assertThat(column.place()).isEqualTo(place);
            int carryIn = overflow(numbers, scale, place + scale);
            List<Integer> digits = inColumn(numbers, place);
            int total = carryIn + digits.stream().mapToInt(Integer::intValue).sum();
            assertThat(column).as("%s at %d", numbers, place).isEqualTo(new AddedColumn(place, digits, carryIn, total,
                    total % 10, overflow(numbers, scale, place + scale + 1)));
            place++;
        }
        assertThat(place).as("columns of %s", numbers).isEqualTo(places(numbers));
    }

    /** What the numbers, cut off to so many places, come to beyond those. */
    private static int overflow(List<String> numbers, int scale, int places) {
        return beyond(numbers.stream().map(number -> shifted(number, scale).mod(TEN.pow(places)))
                .reduce(BigInteger.ZERO, BigInteger::add), places);
    }

    @Test
    void columnsOfASum() {
        each(MethodName.COLUMN, ColumnRecord.class, (problem, record) -> added(record.columns(), plain(problem)));
    }

    @Test
    void columnsOfARunningSum() {
        each(MethodName.RUNNING, RunningRecord.class, (problem, record) -> {
            BigDecimal so = problem.operands().get(0).value();
            for (int i = 0; i < record.stages().size(); i++) {
                List<String> pair = record.stages().get(i).addends();
                assertThat(new BigDecimal(pair.get(0))).isEqualByComparingTo(so);
                assertThat(pair.get(1)).isEqualTo(problem.operands().get(i + 1).plain());
                added(record.stages().get(i).columns(), pair);
                so = so.add(problem.operands().get(i + 1).value());
            }
        });
    }

    @Test
    void partsOfASum() {
        each(MethodName.PARTIAL_SUMS, PartialSumsRecord.class, (problem, record) -> {
            List<String> numbers = plain(problem);
            int place = places(numbers) - 1;
            for (PartialSum part : record.parts()) {
                List<Integer> digits = inColumn(numbers, place);
                assertThat(part.place()).isEqualTo(place);
                assertThat(part.digits()).isEqualTo(digits);
                assertThat(new BigDecimal(part.value())).isEqualByComparingTo(BigDecimal
                        .valueOf(digits.stream().mapToInt(Integer::intValue).sum()).scaleByPowerOfTen(place));
                place--;
            }
            assertThat(place).isEqualTo(-decimals(numbers) - 1);
        });
    }

    /** Ten comes from the nearest digit on the left that is not 0, one place at a time. */
    @Test
    void exchangesOfADifference() {
        each(MethodName.DECOMPOSITION, DecompositionRecord.class, (problem, record) -> {
            List<String> numbers = plain(problem);
            int scale = decimals(numbers);
            BigInteger bottom = shifted(numbers.get(1), scale);
            int[] top = IntStream.range(0, scale + numbers.get(0).length())
                    .map(place -> digit(shifted(numbers.get(0), scale), place)).toArray();
            List<Exchange> exchanges = new ArrayList<>();
            for (int i = 0; i < record.columns().size(); i++) {
                int below = digit(bottom, i);
                boolean needsTen = top[i] < below;
                if (needsTen) {
                    int from = i + 1;
                    while (top[from] == 0) {
                        from++;
                    }
                    for (; from > i; from--) {
                        exchanges.add(new Exchange(from - scale, from - 1 - scale, top[from], top[from] - 1,
                                top[from - 1], top[from - 1] + 10));
                        top[from]--;
                        top[from - 1] += 10;
                    }
                }
                assertThat(record.columns().get(i)).as(problem.text())
                        .isEqualTo(new SubtractedColumn(i - scale, top[i], below, top[i] - below, needsTen));
            }
            assertThat(record.exchanges()).as(problem.text()).isEqualTo(exchanges);
        });
    }

    @Test
    void whatIsPaidBackInADifference() {
        each(MethodName.EQUAL_ADDITIONS, EqualAdditionsRecord.class, (problem, record) -> {
            List<String> numbers = plain(problem);
            int scale = decimals(numbers);
            BigInteger top = shifted(numbers.get(0), scale);
            BigInteger bottom = shifted(numbers.get(1), scale);
            int place = 0;
            for (PaidColumn column : record.columns()) {
                assertThat(column.place()).isEqualTo(place - scale);
                assertThat(column.bottom()).isEqualTo(digit(bottom, place));
                assertThat(column.payBack() == 1).isEqualTo(isShort(top, bottom, place));
                assertThat(column.addedTen()).as(problem.text()).isEqualTo(isShort(top, bottom, place + 1));
                assertThat(column.digit()).isEqualTo(digit(top.subtract(bottom), place));
                assertThat(column.top() % 10).isEqualTo(digit(top, place));
                place++;
            }
        });
    }

    /** Whether the minuend, cut off to so many places, is the smaller one. */
    private static boolean isShort(BigInteger top, BigInteger bottom, int places) {
        return top.mod(TEN.pow(places)).compareTo(bottom.mod(TEN.pow(places))) < 0;
    }

    @Test
    void stopsOfCountingUp() {
        each(MethodName.COUNTING_UP, CountingUpRecord.class, (problem, record) -> {
            List<String> numbers = plain(problem);
            int scale = decimals(numbers);
            BigInteger end = shifted(numbers.get(0), scale);
            BigInteger at = shifted(numbers.get(1), scale);
            List<BigInteger> stops = new ArrayList<>(List.of(at));
            int places = end.toString().length();
            for (int place = 1; place <= places; place++) {
                BigInteger power = TEN.pow(place);
                BigInteger next = at.add(power).subtract(BigInteger.ONE).divide(power).multiply(power);
                at = next.compareTo(end) <= 0 ? next : at;
                stops.add(at);
            }
            for (int place = places; place >= 0; place--) {
                at = at.max(end.divide(TEN.pow(place)).multiply(TEN.pow(place)));
                stops.add(at);
            }
            List<BigInteger> apart = stops.stream().distinct().toList();
            assertThat(record.jumps().stream().map(Jump::to).map(to -> shifted(to, scale)).toList())
                    .as(problem.text()).isEqualTo(apart.subList(1, apart.size()));
        });
    }

    @Test
    void columnsOfTheRowsOfAProduct() {
        each(MethodName.LONG_MULTIPLICATION, LongMultiplicationRecord.class, (problem, record) -> {
            BigInteger top = new BigInteger(record.top());
            BigInteger bottom = new BigInteger(record.bottom());
            assertThat(top).isGreaterThanOrEqualTo(bottom);
            assertThat(record.rows()).hasSize(record.bottom().length());
            for (int row = 0; row < record.rows().size(); row++) {
                ProductRow written = record.rows().get(row);
                assertThat(written.digit()).isEqualTo(digit(bottom, row));
                BigInteger times = BigInteger.valueOf(written.digit());
                for (int place = 0; place < written.columns().size(); place++) {
                    int carryIn = beyond(top.mod(TEN.pow(place)).multiply(times), place);
                    int product = digit(top, place) * written.digit();
                    assertThat(written.columns().get(place)).as(problem.text())
                            .isEqualTo(new MultipliedColumn(row + place,
                                    product, carryIn, product + carryIn, (product + carryIn) % 10,
                                    beyond(top.mod(TEN.pow(place + 1)).multiply(times), place + 1)));
                }
                assertThat(written.columns()).hasSize(written.digit() == 0 ? 0 : record.top().length());
            }
            if (record.sum() != null) {
                added(record.sum().columns(),
                        record.rows().stream().map(ProductRow::value).filter(value -> !value.equals("0")).toList());
            }
        });
    }

    private static int beyond(BigInteger number, int places) {
        return number.divide(TEN.pow(places)).intValueExact();
    }

    @Test
    void cellsOfABox() {
        each(MethodName.AREA, AreaRecord.class, (problem, record) -> {
            assertThat(record.across()).isEqualTo(expanded(plain(problem).get(0)));
            assertThat(record.down()).isEqualTo(expanded(plain(problem).get(1)));
            for (int row = 0; row < record.down().size(); row++) {
                for (int column = 0; column < record.across().size(); column++) {
                    assertThat(record.cells().get(row).get(column)).isEqualTo(new BigInteger(record.across()
                            .get(column)).multiply(new BigInteger(record.down().get(row))).toString());
                }
            }
        });
    }

    private static List<String> expanded(String number) {
        List<String> parts = IntStream.range(0, number.length()).filter(at -> number.charAt(at) != '0')
                .mapToObj(at -> number.charAt(at) + "0".repeat(number.length() - 1 - at)).toList();
        return parts.isEmpty() ? List.of("0") : parts;
    }

    @Test
    void crossesOfAProduct() {
        each(MethodName.CROSSWISE, CrosswiseRecord.class, (problem, record) -> {
            BigInteger one = problem.operands().get(0).wholeValue();
            BigInteger other = problem.operands().get(1).wholeValue();
            int length = Math.max(one.toString().length(), other.toString().length());
            assertThat(record.columns()).hasSize(2 * length - 1);
            BigInteger so = BigInteger.ZERO;
            for (int place = 0; place < 2 * length - 1; place++) {
                int here = place;
                List<List<Integer>> pairs =
                        IntStream.range(0, length).filter(at -> here - at >= 0 && here - at < length)
                                .mapToObj(at -> List.of(digit(one, at), digit(other, here - at))).toList();
                int sum = pairs.stream().mapToInt(pair -> pair.get(0) * pair.get(1)).sum();
                int carryIn = beyond(so, place);
                int total = sum + carryIn;
                assertThat(record.columns().get(place)).as(problem.text()).isEqualTo(
                        new CrossedColumn(place, pairs, sum, carryIn, total, total % 10, total / 10));
                so = so.add(BigInteger.valueOf(sum).multiply(TEN.pow(place)));
            }
        });
    }

    @Test
    void stagesOfADivision() {
        for (MethodName method : List.of(MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION)) {
            each(method, DivisionRecord.class, (problem, record) -> {
                BigInteger dividend = problem.operands().get(0).wholeValue();
                BigInteger divisor = problem.operands().get(1).wholeValue();
                BigInteger quotient = dividend.divide(divisor);
                int place = Math.max(0, dividend.toString().length() - 1);
                while (place > 0 && dividend.divide(TEN.pow(place)).compareTo(divisor) < 0) {
                    place--;
                }
                assertThat(record.stages()).as(problem.text()).hasSize(place + 1);
                for (DivisionStage stage : record.stages()) {
                    BigInteger partial = dividend.divide(TEN.pow(place))
                            .subtract(quotient.divide(TEN.pow(place + 1)).multiply(TEN).multiply(divisor));
                    BigInteger product = divisor.multiply(BigInteger.valueOf(digit(quotient, place)));
                    assertThat(stage).as(problem.text()).isEqualTo(new DivisionStage(place, partial.toString(),
                            digit(quotient, place), product.toString(), partial.subtract(product).toString()));
                    place--;
                }
            });
        }
    }

    @Test
    void stagesOfARoot() {
        for (MethodName method : List.of(MethodName.DOUBLED_ROOT, MethodName.RUNNING_DIVISOR)) {
            assertThat(method.operation()).isEqualTo(Operation.SQUARE_ROOT);
            each(method, RootRecord.class, (problem, record) -> {
                String radicand = plain(problem).get(0);
                int pairs = (shifted(radicand, 0).toString().length() + 1) / 2;
                BigInteger before = BigInteger.ZERO;
                BigInteger root = BigInteger.ZERO;
                for (int i = 0; i < record.stages().size(); i++) {
                    RootStage stage = record.stages().get(i);
                    BigInteger so = shifted(radicand, 2 * (i + 1 - pairs));
                    BigInteger pair = so.subtract(before.multiply(HUNDRED));
                    BigInteger current = so.subtract(root.multiply(root).multiply(HUNDRED));
                    int digit = so.sqrt().mod(TEN).intValueExact();
                    BigInteger doubled = root.add(root);
                    BigInteger divisor = doubled.multiply(TEN).add(BigInteger.valueOf(digit));
                    BigInteger product = divisor.multiply(BigInteger.valueOf(digit));
                    assertThat(stage).as(problem.text()).isEqualTo(new RootStage(
                            i == 0 ? pair.toString() : "%02d".formatted(pair), current.toString(),
                            doubled.toString(), digit, divisor.toString(), product.toString(),
                            current.subtract(product).toString()));
                    before = so;
                    root = so.sqrt();
                }
            });
        }
    }
}
