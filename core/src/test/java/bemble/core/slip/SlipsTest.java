package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.SlipModels;
import bemble.core.given.Trials;
import bemble.core.given.Vectors;
import bemble.core.hand.Answer;
import bemble.core.hand.FactQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.sheet.Layout;
import bemble.core.style.CheckKind;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Hands that break a rule: what they write, what is said of it, and where it shows. */
class SlipsTest {
    private static final int PROBLEMS = Trials.of(120);
    /** So many problems are drawn until a slip has been seen often enough; some happen in one of hundreds. */
    private static final int MOST_TRIED = 2400;
    /**
     * Slips after which another has no right counterpart: more may be taken away than is there, or a quotient that stops
     * early has its remainder where a digit should be.
     */
    private static final Set<String> NOT_WITH_OTHERS = Set.of("lined-up-left", "lined-up-right", "digits-turned",
            "last-digit-left-out");
    private static final Pattern WRITE = Pattern.compile("[Ww]rite (\\d+)(?: whole)?(?= |,|\\.)");
    private static final Pattern FACT = Pattern.compile("^([0-9]+(?: [+−×] [0-9]+)+) = ([0-9]+)$");

    static Stream<JsonNode> vectors() {
        return Vectors.of("slips");
    }

    @ParameterizedTest
    @MethodSource("vectors")
    void theSlipsOfTheWorkedCasesLeadToTheirAnswers(JsonNode vector) {
        Problem problem =
                ProblemText.read(Operation.of(vector.get("operation").asString()), Vectors.operands(vector), 0,
                        Punctuation.POINT);
        String slip = vector.get("slip").asString();
        JsonNode given = vector.get("given");
        if (given == null || given.isNull()) {
            assertThatThrownBy(() -> worked(problem, slip)).isInstanceOfSatisfying(Refusal.class,
                    refusal -> assertThat(refusal.faults().get(0).field()).isEqualTo("slip"));
        } else {
            assertThat(worked(problem, slip).answer().text()).isEqualTo(given.asString());
        }
    }

    private static Worked worked(Problem problem, String slip) {
        return Worked.from(new WorkOrder(problem, null, HouseStyle.USUAL, null, slip));
    }

    static Stream<KnownSlip> all() {
        return Slips.ALL.stream();
    }

    /** Whatever a hand comes to, every check of it can be worked, and it holds just where the numbers agree. */
    @ParameterizedTest
    @MethodSource("all")
    void everyCheckOfWhatASlipComesToIsWorked(KnownSlip slip) {
        RandomGenerator random = RandomNumbers.seeded(700 + Slips.ALL.indexOf(slip));
        for (int i = 0; i < 12; i++) {
            Problem problem = problem(slip, random);
            MethodName method = List.copyOf(slip.methods()).get(random.nextInt(slip.methods().size()));
            if (Slipped.find(slip.id(), problem, Methods.of(method), HouseStyle.USUAL).isEmpty()) {
                continue;
            }
            for (CheckKind kind : CheckKind.of(problem.operation())) {
                boolean undividable =
                        kind == CheckKind.DIVIDE_BACK && problem.operands().stream().allMatch(Numeral::isZero);
                if (undividable || kind == CheckKind.NINES || problem.operation() == Operation.SQUARE_ROOT) {
                    continue;
                }
                Worked worked =
                        Worked.from(new WorkOrder(problem, method.id(), HouseStyle.USUAL, kind.id(), slip.id()));
                assertThat(worked.check().holds())
                        .as("%s by %s, %s: %s", problem.text(), slip.id(), kind, worked.check().statement())
                        .isEqualTo(kind == CheckKind.OTHER_METHOD
                                ? worked.answer().equals(
                                        Worked.from(new WorkOrder(problem, null, HouseStyle.USUAL, null)).answer())
                                : agrees(problem, worked.answer()));
            }
        }
    }

    private static boolean agrees(Problem problem, Answer answer) {
        BigDecimal value = new BigDecimal(answer.value());
        List<BigDecimal> numbers = problem.operands().stream().map(Numeral::value).toList();
        return switch (problem.operation()) {
            case ADDITION -> value.compareTo(numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add)) == 0;
            case SUBTRACTION -> value.compareTo(numbers.get(0).subtract(numbers.get(1))) == 0;
            case MULTIPLICATION -> value.compareTo(numbers.get(0).multiply(numbers.get(1))) == 0;
            case DIVISION -> value.multiply(numbers.get(1))
                    .add(new BigDecimal(answer.remainder() == null ? "0" : answer.remainder()))
                    .compareTo(numbers.get(0)) == 0;
            case SQUARE_ROOT -> throw new AssertionError("a root left early is squared back with what is left");
        };
    }

    @ParameterizedTest
    @MethodSource("all")
    void aWorkingWithASlipSaysWhatThisHandDoesAndMarksTheBrokenRule(KnownSlip slip) {
        long seed = 900L + Slips.ALL.indexOf(slip);
        RandomGenerator random = RandomNumbers.seeded(seed);
        int happened = 0;
        for (int i = 0; i < MOST_TRIED && happened < PROBLEMS / 3; i++) {
            Problem problem = problem(slip, random);
            for (MethodName method : slip.methods()) {
                HouseStyle style = RandomStyles.next(random);
                happened +=
                        holds(slip.slip(), problem, Methods.of(method), style, slip.id() + ", seed " + seed) ? 1 : 0;
            }
        }
        assertThat(happened).as("%s never happened", slip.id()).isPositive();
    }

    @Test
    void twoSlipsGoTogetherAndMayBeLimitedToOneColumnOrAShareOfTheirChances() {
        RandomGenerator random = RandomNumbers.seeded(77);
        int happened = 0;
        for (int i = 0; i < 4 * PROBLEMS; i++) {
            KnownSlip one = Slips.ALL.get(random.nextInt(Slips.ALL.size()));
            MethodName method = one.methods().iterator().next();
            List<KnownSlip> others = Slips.ALL.stream().filter(other -> other.methods().contains(method))
                    .filter(other -> !NOT_WITH_OTHERS.contains(other.id()) && !NOT_WITH_OTHERS.contains(one.id()))
                    .toList();
            if (others.isEmpty()) {
                continue;
            }
            KnownSlip other = others.get(random.nextInt(others.size()));
            Problem problem = problem(one, random);
            Slip both = switch (random.nextInt(4)) {
                case 0 -> one.slip().at(random.nextInt(3));
                case 1 -> one.slip().and(Slip.nearMiss(random.nextInt(4), 1));
                default -> one.slip().and(other.slip());
            };
            happened +=
                    holds(both, problem, Methods.of(method), HouseStyle.USUAL, one.id() + " and " + other.id()) ? 1 : 0;
        }
        assertThat(happened).isGreaterThan(PROBLEMS);
        Problem sum = ProblemText.read("58 + 67", 0, Punctuation.POINT);
        Slip sometimes = slip("carry-forgotten", sum).chance(0.5, RandomNumbers.seeded(5));
        Set<String> answers =
                Stream.generate(() -> Written.answerBy(sometimes.over(Hand.CAREFUL), sum, Methods.usual(sum),
                        HouseStyle.USUAL).answer().text()).limit(40).collect(Collectors.toSet());
        assertThat(answers).containsExactlyInAnyOrder("125", "115");
    }

    private static Slip slip(String id, Problem problem) {
        return Slips.of(problem, Methods.usual(problem).name()).stream().filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow().slip();
    }

    @Test
    void nearMissesHitEveryFactOfEveryOperation() {
        RandomGenerator random = RandomNumbers.seeded(8);
        for (MethodName name : MethodName.values()) {
            if (name.operation() == null) {
                continue;
            }
            for (int i = 0; i < PROBLEMS / 10; i++) {
                Problem problem = problem(name.operation(), random, false);
                Method<?> method = Methods.of(name);
                int facts = (int) Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL).decisions().stream()
                        .filter(decision -> decision.asked() instanceof FactQuestion<?> fact && fact.isWorked()).count();
                for (int which = 0; which < facts; which++) {
                    holds(Slip.nearMiss(which, 1), problem, method, HouseStyle.USUAL, "fact " + which);
                    holds(Slip.nearMiss(which, -1), problem, method, HouseStyle.USUAL, "fact " + which);
                }
            }
        }
    }

    /** Checks all that must be true of a working with a slip; whether there is one, with a rule broken. */
    private static boolean holds(Slip slip, Problem problem, Method<?> method, HouseStyle style, String why) {
        Written written;
        try {
            written = Written.by(slip.over(Hand.CAREFUL), problem, method, style);
        } catch (Stuck stuck) {
            return false;
        }
        Written right = Written.by(Hand.CAREFUL, problem, method, style);
        String what = why + ": " + problem.text() + " " + method.name() + " " + style;
        boolean same = written.answer().text().equals(right.answer().text());
        assertThat(right.isBroken()).as(what).isFalse();
        assertThat(written.isBroken() || same).as(what).isTrue();
        Working working = written.working();
        assertThat(right.working().marks()).as(what).noneMatch(mark -> mark.isBroken() || mark.role() == Role.FOLLOWS);
        if (!written.isBroken()) {
            return false;
        }
        Layout.of(working);
        Optional<Mark> first = working.marks().stream().filter(Mark::isBroken).findFirst();
        assertThat(first.isPresent() || same).as("marks the broken rule: " + what).isTrue();
        if (first.isEmpty()) {
            return false;
        }
        working.marks().forEach(mark -> {
            assertThat(mark.should() != null).as(what).isEqualTo(mark.isBroken());
            assertThat(mark.should()).as(what + mark).isNotEqualTo(mark.text());
        });
        assertThat(before(working, first.get())).as("nothing before is different: " + what)
                .isSubsetOf(figures(right.working()));
        working.steps().stream().filter(step -> step.part() == Part.WORK).forEach(step -> isTrue(step, working, what));
        return !same;
    }

    private static List<String> before(Working working, Mark first) {
        List<Mark> marks = working.marks();
        return marks.subList(0, marks.indexOf(first)).stream()
                .filter(mark -> mark.isAsked() || mark.role() == Role.GIVEN)
                .map(SlipsTest::text).toList();
    }

    private static List<String> figures(Working working) {
        return working.marks().stream().map(SlipsTest::text).toList();
    }

    private static String text(Mark mark) {
        return mark.at().block().name() + "/" + mark.at().line() + "/" + mark.at().place() + "/" + mark.anchor() + "/"
                + mark.text();
    }

    /** What a step says is written is on the paper, and its fact is true unless that very fact is the broken one. */
    private static void isTrue(Step step, Working working, String what) {
        List<Mark> marks = working.marks().stream().filter(mark -> mark.step() == step.n()).toList();
        String say = step.spoken().say();
        assertThat(say).as(what).isNotBlank().doesNotContain("null");
        Matcher write = WRITE.matcher(say);
        while (write.find()) {
            String digits =
                    marks.stream().filter(mark -> mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER)
                            .map(Mark::text).collect(Collectors.joining());
            String sorted = digits.chars().sorted().mapToObj(Character::toString).collect(Collectors.joining());
            for (char digit : write.group(1).toCharArray()) {
                assertThat(sorted).as("writes %s in “%s”: %s", write.group(1), say, what).contains("" + digit);
            }
        }
        Matcher fact = FACT.matcher(step.spoken().fact().text());
        boolean brokenHere = working.marks().stream().anyMatch(mark -> mark.isBroken() && mark.step() >= step.n() - 2
                && mark.step() <= step.n() + 4);
        if (fact.matches() && !brokenHere) {
            assertThat(value(fact.group(1))).as("“%s”: %s", step.spoken().fact().text(), what)
                    .isEqualTo(new BigInteger(fact.group(2)));
        }
    }

    private static BigInteger value(String terms) {
        BigInteger sum = BigInteger.ZERO;
        for (String part : terms.replace(" − ", " + -").split(" \\+ ")) {
            BigInteger product = BigInteger.ONE;
            for (String factor : part.split(" × ")) {
                product = product.multiply(new BigInteger(factor));
            }
            sum = sum.add(product);
        }
        return sum;
    }

    @ParameterizedTest
    @MethodSource("all")
    void theAnswerIsTheOneThatPlainArithmeticGivesForTheSlip(KnownSlip slip) {
        RandomGenerator random = RandomNumbers.seeded(5000 + Slips.ALL.indexOf(slip));
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = problem(slip, random);
            MethodName method = Methods.usual(problem).name();
            Optional<String> model = SlipModels.answer(slip.id(), problem);
            if (model.isPresent() && slip.methods().contains(method)) {
                String here;
                try {
                    here = Written
                            .answerBy(slip.slip().over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL)
                            .answer().text();
                } catch (Stuck stuck) {
                    here = "stuck";
                }
                assertThat(here).as("%s %s", slip.id(), problem.text()).isEqualTo(model.get());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void noTwoSlipsComeToTheSameAnswersInEveryProblem(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(77);
        Map<String, StringBuilder> answers = new TreeMap<>();
        for (int i = 0; i < 160; i++) {
            Problem problem = problem(method.operation(), random, i % 4 == 0 && method.operation().ordinal() < 2);
            for (KnownSlip slip : Slips.met(problem, method)) {
                Set<String> comesTo = slip.slips(problem).stream()
                        .map(hand -> Slipped.answer(hand, problem, Methods.of(method),
                                HouseStyle.USUAL))
                        .flatMap(Optional::stream).collect(Collectors.toCollection(TreeSet::new));
                answers.computeIfAbsent(slip.id(), id -> new StringBuilder()).append(i).append(comesTo);
            }
        }
        Map<String, List<String>> alike =
                answers.keySet().stream().collect(Collectors.groupingBy(id -> answers.get(id).toString()));
        assertThat(alike.values()).allSatisfy(same -> assertThat(same).hasSize(1));
    }

    private static Problem problem(KnownSlip slip, RandomGenerator random) {
        return problem(slip.operation(), random, slip.numbers() == KnownSlip.Numbers.WITH_DECIMALS);
    }

    private static Problem problem(Operation operation, RandomGenerator random, boolean decimals) {
        Numeral one = decimals ? RandomNumbers.decimal(random, 5) : RandomNumbers.whole(random, 5);
        Numeral other = decimals ? RandomNumbers.decimal(random, 4) : RandomNumbers.whole(random, 4);
        boolean inOrder = one.compareTo(other) >= 0;
        return switch (operation) {
            case ADDITION -> new Problem.Addition(random.nextInt(3) > 0 ? List.of(one, other)
                    : List.of(one, other, RandomNumbers.whole(random, 3)));
            case SUBTRACTION -> new Problem.Subtraction(inOrder ? one : other, inOrder ? other : one);
            case MULTIPLICATION -> new Problem.Multiplication(one, other);
            case DIVISION -> new Problem.Division(one, other.isZero() ? Numeral.of("3") : other);
            case SQUARE_ROOT -> new Problem.SquareRoot(one, 0);
        };
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "58 + 67     | carry-forgotten         | answer   | 1 | wrong   | 2",
        "87 + 38     | last-carry-lost         | answer   | 2 | missing | 1",
        "52 − 38     | exchange-not-paid       | minuend  | 1 | missing | 5",
        "5002 − 1347 | zeros-skipped           | minuend  | 2 | missing | 0",
        "8412 ÷ 4    | quotient-zero-forgotten | quotient | 1 | missing | 0",
        "3248 ÷ 8    | quotient-zero-forgotten | quotient | 1 | missing | 0",
        "97 ÷ 4      | remainder-forgotten     | remainder | 0 | missing | 1",
        "687 + 58    | lined-up-left           | addend-2 | 2 | wrong   | ''"})
    void theRuleIsMarkedWhereItIsBrokenFirst(String text, String slip, String line, int place, String role,
            String should) {
        Problem problem = ProblemText.read(text, 0, Punctuation.POINT);
        Mark first = worked(problem, slip).working().marks().stream().filter(Mark::isBroken).findFirst().orElseThrow();
        assertThat(List.of(first.at().line().id(), first.at().place(), first.role().id(), first.should()))
                .isEqualTo(List.of(line, place, role, should));
    }

    @Test
    void everySlipHasWordsAndHelp() {
        assertThat(Slips.ALL).allSatisfy(slip -> {
            assertThat(slip.label()).isNotBlank().doesNotContain("careless", "failed");
            assertThat(slip.help()).as(slip.id()).matches(".*\\d.*[;.?] (see|and see|it is read|Ask it) ?.*\\.");
        });
        assertThat(Slips.ALL).extracting(KnownSlip::help).doesNotHaveDuplicates();
        List<String> names = new ArrayList<>();
        Slips.ALL.forEach(slip -> slip.methods().forEach(method -> names.add(slip.id() + " " + method)));
        assertThat(names).doesNotHaveDuplicates();
    }
}
