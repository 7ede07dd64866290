package bemble.core.hand;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.stack.adding.Total;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.words.Words;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The facts that a hand can miss: which are facts at all, and by how much each is missed; and workings told in a line. */
class FactsTest {
    private static final int PROBLEMS = 40;

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void aFactIsMissedByOneGroupAndNothingIsAFactThatNobodyWorks(MethodName name) throws ReflectiveOperationException {
        RandomGenerator random = RandomNumbers.seeded(400 + name.ordinal());
        Set<Boolean> worked = new HashSet<>();
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 6);
            for (Decision<?> decision : Written.answerBy(Hand.CAREFUL, problem, Methods.of(name), HouseStyle.USUAL)
                    .decisions()) {
                if (decision.asked() instanceof FactQuestion<?> fact) {
                    String what = problem.text() + " " + fact;
                    assertThat(fact.isWorked()).as(what).isEqualTo(isWorked(fact));
                    worked.add(fact.isWorked());
                    assertMissed(fact, decision.decided(), what);
                }
            }
        }
        assertThat(worked).as("some facts are worked").contains(true);
    }

    @SuppressWarnings("unchecked")
    private static <A> void assertMissed(FactQuestion<A> fact, Object decided, String what)
            throws ReflectiveOperationException {
        BigDecimal value = number(decided);
        BigDecimal group = group(fact);
        for (int by : new int[] {1, -1, 2}) {
            BigDecimal missed = value.add(group.multiply(BigDecimal.valueOf(by)));
            A found = fact.missed((A) decided, by);
            boolean carryLost = fact instanceof Total total && total.carryIn() > 0 && by == -total.carryIn();
            if (missed.signum() < 0 || carryLost) {
                assertThat(found).as(what).isNull();
            } else {
                assertThat(number(found)).as(what + " by " + by).isEqualByComparingTo(missed);
            }
        }
    }

    private static BigDecimal number(Object number) {
        return number instanceof Numeral numeral ? numeral.value() : new BigDecimal(number.toString());
    }

    /** One group, as a teacher would say: 7 × 8 is missed by a 7, a sum by 1. */
    private static BigDecimal group(FactQuestion<?> fact) throws ReflectiveOperationException {
        return switch (fact.getClass().getSimpleName()) {
            case "Product" -> number(part(fact, "factor")).max(BigDecimal.ONE);
            case "Times" -> number(part(fact, "divisor"));
            case "ChunkTimes" -> number(part(fact, "divisor")).multiply(highestPlace(part(fact, "chunk")));
            case "Cell" -> {
                BigDecimal across = number(part(fact, "across"));
                boolean nothing = across.multiply(number(part(fact, "down"))).signum() == 0;
                yield nothing ? BigDecimal.ONE : across.multiply(highestPlace(part(fact, "down")));
            }
            default -> BigDecimal.ONE;
        };
    }

    /** 1, 10, 100 and so on, with as many digits as the number. */
    private static BigDecimal highestPlace(Object number) {
        return new BigDecimal(BigInteger.TEN.pow(number.toString().length() - 1));
    }

    private static boolean isWorked(FactQuestion<?> fact) throws ReflectiveOperationException {
        return switch (fact.getClass().getSimpleName()) {
            case "Total" -> ((List<?>) part(fact, "digits")).size()
                    + Integer.signum((Integer) part(fact, "carryIn")) > 1;
            case "Difference" -> (Boolean) part(fact, "hasBottom") || (Integer) part(fact, "payBack") > 0;
            case "Times" -> (Integer) part(fact, "digit") > 0;
            case "WithCarry" -> (Integer) part(fact, "carryIn") > 0;
            case "CrossSum" -> ((List<?>) part(fact, "products")).stream().filter(each -> !each.equals(0)).count() > 1;
            case "RowTotal" -> ((List<?>) part(fact, "cells")).size() > 1;
            case "Doubled" -> number(part(fact, "root")).signum() > 0;
            default -> true;
        };
    }

    private static Object part(Object record, String name) throws ReflectiveOperationException {
        for (RecordComponent component : record.getClass().getRecordComponents()) {
            if (component.getName().equals(name)) {
                Method accessor = component.getAccessor();
                accessor.setAccessible(true);
                return accessor.invoke(record);
            }
        }
        throw new IllegalArgumentException(record + " has no " + name);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "4738 + 967 + 88 | column | carried 2 tens, 1 hundred, 1 thousand", "11 + 22 | column | nothing carried",
        "4738 + 967 + 88 | running | sums 5705, 5793", "4738 + 967 + 88 | partial-sums | parts 4000, 1600, 170, 23",
        "4003 − 1358 | decomposition | exchange 1 thousand, 1 hundred, 1 ten", "48 − 17 | decomposition | no exchange",
        "4003 − 1358 | equal-additions | 3 tens added above and below", "48 − 17 | equal-additions | no ten added",
        "4003 − 1358 | counting-up | jumps 2, 40, 600, 2000, 3", "346 × 205 | long | rows 1730, 0, 69200",
        "346 × 205 | area | rows 69200, 1730", "346 × 205 | crosswise | sums 30, 20, 27, 8, 6",
        "7506 ÷ 25 | long | left 0, 0, 6", "7506 ÷ 25 | short | left 0, 0, 6",
        "7506 ÷ 25 | partial-quotients | chunks 200, 100",
        "12345678901234567 ÷ 2 | long | left 0, 1, 0, 1, 0, 1, 0, 1, 0, 1, 0, 1 …",
        "√530 to 2 dp | doubled-root | left 1, 1, 100, 796", "√530 to 2 dp | running-divisor | left 1, 1, 100, 796"})
    void aWorkingIsToldInALine(String problem, String method, String line) {
        Worked worked = Worked
                .from(new WorkOrder(ProblemText.kept(problem), method, HouseStyle.USUAL, null));
        assertThat(worked.record().inShort(new Words(HouseStyle.USUAL))).isEqualTo(line);
    }

    @Test
    void aListOfTwelveIsNotCutShort() {
        Problem problem = ProblemText.kept("123456789012 ÷ 2");
        Worked worked = Worked.from(new WorkOrder(problem, null, HouseStyle.USUAL, null));
        assertThat(worked.record().inShort(new Words(HouseStyle.USUAL))).doesNotEndWith("…");
    }

    /** As one learns them: the larger addend first, the smaller factor first, and what is not learnt as it stands. */
    @ParameterizedTest
    @CsvSource({
        "47 + 85, COLUMN, 7+5 8+4+1",
        "199 + 203 + 305, COLUMN, 9+5+3 9+1 3+2+1+1",
        "58 − 29, EQUAL_ADDITIONS, 18-9 5-3",
        "84 × 6, LONG_MULTIPLICATION, 4x6 6x8 48+2",
        "7506 ÷ 25, LONG_DIVISION, 3x25 75-75",
        "438 ÷ 7, LONG_DIVISION, 6x7 43-42 2x7 18-14",
    })
    void factsAreNamedAsOneLearnsThem(String problem, MethodName method, String named) {
        assertThat(Written
                .answerBy(Hand.CAREFUL, ProblemText.kept(problem), Methods.of(method),
                        HouseStyle.USUAL)
                .decisions().stream()
                .filter(decision -> decision.asked() instanceof FactQuestion<?> fact && fact.isWorked())
                .map(decision -> ((FactQuestion<?>) decision.asked()).fact()).filter(Objects::nonNull))
                        .containsExactly(named.split(" "));
    }
}
