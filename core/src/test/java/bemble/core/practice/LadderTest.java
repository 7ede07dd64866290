package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The rungs: what schools have stored of them is found again, and every ordinary question stands on one whose words are true of it. */
class LadderTest {
    private static final int DRAWN = 12;
    private static final int SET_BY_HAND = 150;

    /** What the plain words of a rung claim, counted here from the digits alone. */
    private static final Map<String, BiPredicate<BigInteger, BigInteger>> CLAIMS = Map.ofEntries(
            Map.entry("every column stays below ten", (a, b) -> carries(a, b) == 0),
            Map.entry("every digit is large enough", (a, b) -> exchanges(a, b) == 0),
            Map.entry("to a two-digit number", (a, b) -> length(a.max(b)) == 2),
            Map.entry("when the ones make ten", (a, b) -> digit(a, 0) + digit(b, 0) >= 10),
            Map.entry("the sum needs three digits", (a, b) -> length(a.add(b)) == 3),
            Map.entry("adding long numbers", (a, b) -> length(a) > 2 && length(b) > 2),
            Map.entry("when one column makes", (a, b) -> carries(a, b) == 1),
            Map.entry("several columns make", (a, b) -> carries(a, b) > 1),
            Map.entry("not equally long", (a, b) -> length(a) != length(b)),
            Map.entry("when every column makes", (a, b) -> carries(a, b) == length(a) && length(a) > 3),
            Map.entry("very long numbers", (a, b) -> length(a.max(b)) > 5),
            Map.entry("a ten has to be exchanged for ones", (a, b) -> digit(a, 0) < digit(b, 0)),
            Map.entry("away from long numbers", (a, b) -> length(a) > 2),
            Map.entry("one exchange", (a, b) -> exchanges(a, b) == 1),
            Map.entry("several exchanges", (a, b) -> exchanges(a, b) > 1),
            Map.entry("a shorter number away", (a, b) -> length(b) < length(a)),
            Map.entry("with a zero in the middle", (a, b) -> inside(a).contains("0")),
            Map.entry("with two zeros", (a, b) -> inside(a).contains("00")),
            Map.entry("long numbers with zeros", (a, b) -> length(a) > 4 && a.toString().contains("0")),
            Map.entry("no product makes ten", (a, b) -> products(a, b).allMatch(product -> product < 10)),
            Map.entry("when a product makes ten", (a, b) -> products(a, b).anyMatch(product -> product > 9)),
            Map.entry("by one digit", (a, b) -> length(a.min(b)) == 1),
            Map.entry("multiplying a two-digit number", (a, b) -> length(a.max(b)) == 2),
            Map.entry("multiplying two-digit numbers", (a, b) -> length(a) == 2 && length(b) == 2),
            Map.entry("multiplying a long number", (a, b) -> length(a.max(b)) > 2),
            Map.entry("multiplying by a number with a zero", (a, b) -> (a + " " + b).contains("0")),
            Map.entry("by a two-digit number", (a, b) -> length(a.min(b)) == 2),
            Map.entry("multiplying long numbers by each other", (a, b) -> length(a.min(b)) > 2),
            Map.entry("nothing is left over", (a, b) -> a.mod(b).signum() == 0),
            Map.entry("dividing when something is left over", (a, b) -> a.mod(b).signum() > 0),
            Map.entry("with a remainder", (a, b) -> a.mod(b).signum() > 0),
            Map.entry("dividing long numbers", (a, b) -> length(a) > 2),
            Map.entry("a zero comes into the answer", (a, b) -> a.divide(b).toString().contains("0")));

    /** These stand in databases and files of schools: a rung may be added, none may lose its id. */
    @Test
    void everyRungThatWasEverStoredIsFound() throws IOException {
        assertThat(Files.readAllLines(Path.of("src/test/resources/rungs.txt"))).hasSizeGreaterThan(30)
                .allSatisfy(id -> assertThat(Ladder.find(id)).as(id).isPresent());
    }

    @Test
    void eachIsSaidInPlainWordsOfItsOwn() {
        assertThat(Ladder.all()).extracting(Rung::plainWords).doesNotHaveDuplicates();
        assertThat(Ladder.all()).extracting(Rung::id).doesNotHaveDuplicates();
    }

    static List<Rung> all() {
        return Ladder.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatIsDrawnForARungStandsOnIt(Rung rung) {
        assertThat(new Draft(rung.wishes(), 3).draw(DRAWN)).isNotEmpty().allSatisfy(
                question -> assertThat(Ladder.rungOf(question.problem())).as(question.problem().text()).contains(rung));
    }

    /** Whatever a teacher sets by hand, of any ordinary size: it counts somewhere, and what is said of it there is true. */
    @ParameterizedTest
    @CsvSource({"+, 1, 2", "+, 2, 2", "+, 3, 2", "+, 3, 3", "+, 4, 3", "+, 4, 4", "+, 5, 2", "+, 5, 5", "+, 6, 4",
        "+, 8, 8",
        "-, 2, 1", "-, 2, 2", "-, 3, 1", "-, 3, 2", "-, 3, 3", "-, 4, 2", "-, 4, 3", "-, 4, 4", "-, 5, 3", "-, 5, 5",
        "-, 7, 7",
        "x, 2, 1", "x, 1, 2", "x, 3, 1", "x, 4, 1", "x, 2, 2", "x, 3, 2", "x, 2, 3", "x, 4, 2", "x, 3, 3", "x, 4, 4",
        "/, 2, 1", "/, 3, 1", "/, 4, 1", "/, 6, 1", "/, 2, 2", "/, 3, 2", "/, 4, 2", "/, 6, 2"})
    void everyOrdinaryQuestionStandsOnARungWhoseWordsAreTrueOfIt(String sign, int first, int second) {
        Random random = new Random(first * 10L + second);
        for (int i = 0; i < SET_BY_HAND; i++) {
            BigInteger a = number(first, random);
            BigInteger b = number(second, random);
            Problem problem =
                    ProblemText.kept(sign.equals("-") ? a.max(b) + " - " + a.min(b) : a + " " + sign + " " + b);
            String words = Ladder.rungOf(problem).orElseThrow(() -> new AssertionError(problem.text())).plainWords();
            List<String> claims = CLAIMS.keySet().stream().filter(words::contains).toList();
            assertThat(claims).as(words).isNotEmpty();
            assertThat(claims).as(problem.text() + ": " + words).allMatch(claim -> CLAIMS.get(claim)
                    .test(sign.equals("-") ? a.max(b) : a, sign.equals("-") ? a.min(b) : b));
        }
    }

    @ParameterizedTest
    @CsvSource({"12 + 34 + 21, addition-no-carry", "28 + 37 + 15, addition-three-numbers",
        "5 + 6 + 7, addition-three-numbers",
        "12 + 9 + 130 + 45, addition-many-numbers-unlike-lengths", "10000 - 1, subtraction-across-two-zeros",
        "300 - 45, subtraction-across-a-zero", "240 x 30, multiplication-a-zero-below",
        "sqrt 2, square-root-something-left-over",
        "sqrt 400, square-root-a-zero-in-the-root", "sqrt 1234567, square-root-something-left-over",
        "sqrt 7 to 1 decimal, square-root-two-decimals"})
    void whatIsLessOrdinaryStandsWhereItBelongs(String problem, String rung) {
        assertThat(Ladder.rungOf(ProblemText.kept(problem))).map(Rung::id).contains(rung);
    }

    @ParameterizedTest
    @CsvSource({"7 x 8", "8 + 7", "3.5 + 2.7", "24804 / 318", "sqrt 49"})
    void factsPointsAndLongDivisorsStandOnNone(String problem) {
        assertThat(Ladder.rungOf(ProblemText.kept(problem))).isEmpty();
    }

    private static BigInteger number(int length, Random random) {
        StringBuilder digits = new StringBuilder().append(1 + random.nextInt(9));
        while (digits.length() < length) {
            // Zeros more often than by chance: they are what a rung is about.
            digits.append(random.nextInt(4) == 0 ? 0 : random.nextInt(10));
        }
        return new BigInteger(length == 1 ? String.valueOf(2 + random.nextInt(8)) : digits.toString());
    }

    private static int carries(BigInteger a, BigInteger b) {
        int carry = 0;
        int count = 0;
        for (int place = 0; place < length(a.max(b)); place++) {
            carry = digit(a, place) + digit(b, place) + carry > 9 ? 1 : 0;
            count += carry;
        }
        return count;
    }

    private static int exchanges(BigInteger a, BigInteger b) {
        // A column that owes one to the next is one that had to be given ten.
        return carries(b, a.subtract(b)) - passed(a, b);
    }

    /** Zeros that an exchange passes: they keep nine of the ten they got, which is enough for whatever goes away. */
    private static int passed(BigInteger a, BigInteger b) {
        int owed = 0;
        int passed = 0;
        for (int place = 0; place < length(a); place++) {
            boolean needs = digit(a, place) - owed < digit(b, place);
            passed += owed == 1 && digit(a, place) == 0 ? 1 : 0;
            owed = needs ? 1 : 0;
        }
        return passed;
    }

    private static IntStream products(BigInteger a, BigInteger b) {
        int by = a.min(b).intValueExact();
        List<Integer> products = new ArrayList<>();
        int carry = 0;
        for (int place = 0; place < length(a.max(b)); place++) {
            int product = digit(a.max(b), place) * by + carry;
            products.add(product);
            carry = product / 10;
        }
        return products.stream().mapToInt(Integer::intValue);
    }

    private static int length(BigInteger number) {
        return number.toString().length();
    }

    private static String inside(BigInteger number) {
        String text = number.toString();
        return text.substring(1, text.length() - 1);
    }

    private static int digit(BigInteger number, int place) {
        return number.divide(BigInteger.TEN.pow(place)).mod(BigInteger.TEN).intValueExact();
    }
}
