package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import bemble.core.given.RandomNumbers;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeatureTalk;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Fault;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import java.math.BigInteger;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Questions drawn to wishes; what they have is counted here from their digits alone. */
@Tag("slow")
class DraftTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            58 + 67          | addends 2, digits 2, unevenLengths 0, carries 2, chain 2, newPlace 1
            4738 + 67 + 1    | addends 3, digits 4, unevenLengths 1, carries 2, chain 2, newPlace 0
            9 + 991          | addends 2, digits 3, unevenLengths 1, carries 3, chain 3, newPlace 1
            8108 + 3115      | addends 2, digits 4, unevenLengths 0, carries 2, chain 1, newPlace 1
            4003 - 7         | digits 4, subtrahendDigits 1, unevenLengths 1, exchanges 1, acrossZeros 2
            213 - 24         | digits 3, subtrahendDigits 2, unevenLengths 1, exchanges 2, acrossZeros 0
            5002 - 1347      | digits 4, subtrahendDigits 4, unevenLengths 0, exchanges 1, acrossZeros 2
            50302 - 1347     | digits 5, subtrahendDigits 4, unevenLengths 1, exchanges 2, acrossZeros 1
            704 x 62         | topDigits 3, bottomDigits 2, carries 3, zeroInBottom 0
            76 x 508         | topDigits 3, bottomDigits 2, carries 4, zeroInBottom 0
            76 x 50          | topDigits 2, bottomDigits 2, carries 2, zeroInBottom 1
            7506 / 25        | dividendDigits 4, divisorDigits 2, remainder 1, zeroInQuotient 1
            96 / 4           | dividendDigits 2, divisorDigits 1, remainder 0, zeroInQuotient 0
            sqrt 529         | radicandDigits 3, perfect 1, decimals 0, zeroInRoot 0
            sqrt 4.01 to 2 dp| radicandDigits 3, perfect 0, decimals 2, zeroInRoot 1
            """)
    void theFeaturesOfAProblem(String problem, String features) {
        Features read = Features.of(ProblemText.kept(problem));
        String found = String.join(", ", read.counts().entrySet().stream()
                .sorted(Map.Entry.comparingByKey(Comparator.comparingInt(
                        feature -> Feature.of(read.operation()).indexOf(feature))))
                .map(each -> each.getKey().id() + " " + each.getValue()).toList());
        assertThat(found).isEqualTo(features);
    }

    /** Wishes taken from a problem that exists can be met, and every question meets them. */
    @ParameterizedTest
    @EnumSource(Operation.class)
    void whatOneProblemHasOthersCanHave(Operation operation) {
        RandomGenerator random = RandomNumbers.seeded(operation.ordinal());
        for (int i = 0; i < 150; i++) {
            FeaturedProblem model = new Draft(new Wishes(operation, someSizes(operation, random)), i).draw(1).get(0);
            Wishes wishes = Wishes.like(model.features());
            FeaturedProblem other = new Draft(wishes, i).draw(1).get(0);
            EnumMap<Feature, Integer> same = new EnumMap<>(model.features().counts());
            EnumMap<Feature, Integer> found = new EnumMap<>(other.features().counts());
            if (operation == Operation.ADDITION) {
                same.remove(Feature.DIGITS);
                found.remove(Feature.DIGITS);
            }
            assertThat(found).as("%s like %s, seed %s", other.problem().text(), model.problem().text(), i)
                    .isEqualTo(same);
        }
    }

    private static Map<Feature, Wish> someSizes(Operation operation, RandomGenerator random) {
        Wish small = new Wish(1, 1 + random.nextInt(3));
        Wish large = new Wish(4, 4 + random.nextInt(3));
        return switch (operation) {
            case ADDITION -> Map.of(Feature.ADDENDS, new Wish(2, 5), Feature.DIGITS, new Wish(1, 5));
            case SUBTRACTION -> Map.of(Feature.DIGITS, large, Feature.SUBTRAHEND_DIGITS, new Wish(1, 5));
            case MULTIPLICATION -> Map.of(Feature.TOP_DIGITS, large, Feature.BOTTOM_DIGITS, small);
            case DIVISION -> Map.of(Feature.DIVIDEND_DIGITS, large, Feature.DIVISOR_DIGITS, small);
            case SQUARE_ROOT -> Map.of(Feature.RADICAND_DIGITS, large, Feature.DECIMALS, new Wish(0, 2));
        };
    }

    @Test
    void carriesAndExchangesAreThoseOfTheDigits() {
        Wishes sums = new Wishes(Operation.ADDITION, Map.of(Feature.DIGITS, Wish.exactly(5),
                Feature.CARRIES, Wish.exactly(3), Feature.CHAIN, Wish.exactly(2)));
        for (FeaturedProblem question : new Draft(sums, 7).draw(100)) {
            List<Numeral> addends = question.problem().operands();
            int carries = 0;
            int power = 1;
            int together = 0;
            StringBuilder pattern = new StringBuilder();
            for (int place = 0; place < 5; place++, power *= 10) {
                together =
                        addends.stream().mapToInt(number -> number.wholeValue().intValue()).map(value -> value).sum();
                int shortened = 0;
                for (Numeral number : addends) {
                    shortened += number.wholeValue().intValue() % (power * 10);
                }
                boolean carry = shortened >= power * 10;
                carries += carry ? 1 : 0;
                pattern.append(carry ? 'c' : '-');
            }
            assertThat(addends).allMatch(number -> number.length() == 5);
            assertThat(carries).isEqualTo(3);
            assertThat(pattern.toString()).contains("cc").doesNotContain("ccc");
            assertThat(question.features().answer()).isEqualTo("" + together);
        }
        Wishes differences = new Wishes(Operation.SUBTRACTION, Map.of(Feature.DIGITS, Wish.exactly(4),
                Feature.SUBTRAHEND_DIGITS, Wish.exactly(3), Feature.ACROSS_ZEROS, Wish.exactly(2)));
        assertThat(new Draft(differences, 7).draw(100)).allSatisfy(
                question -> assertThat(question.problem().operands().get(0).plain()).matches("[1-9]00[0-8]"));
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void noTwoAreAlikeAndASeedGivesTheSameAgain(Operation operation) {
        Wishes wishes = new Wishes(operation, Map.of());
        List<FeaturedProblem> drawn = new Draft(wishes, 2026).draw(200);
        assertThat(new Draft(wishes, 2026).draw(200)).isEqualTo(drawn);
        assertThat(new Draft(wishes, 2027).draw(200)).isNotEqualTo(drawn);
        assertThat(drawn.stream().map(question -> question.problem().operands().stream().map(Numeral::plain)
                .sorted().toList())).doesNotHaveDuplicates();
        assertThat(drawn).allSatisfy(question -> assertThat(question.problem().operands()).noneMatch(Numeral::isZero));
    }

    static Stream<Arguments> tightWishes() {
        return Stream.of(
                wishes(Operation.ADDITION, "digits 6 6 carries 6 6 chain 6 6"),
                wishes(Operation.ADDITION, "digits 1 40 carries 40 40"),
                wishes(Operation.ADDITION, "addends 12 12 digits 40 40 carries 20 20"),
                wishes(Operation.ADDITION, "addends 9 9 digits 3 3 carries 0 0"),
                wishes(Operation.ADDITION, "carries 9 9"),
                wishes(Operation.ADDITION, "digits 2 5 unevenLengths 1 1 newPlace 1 1 chain 2 2"),
                wishes(Operation.SUBTRACTION, "digits 6 6 exchanges 5 5"),
                wishes(Operation.SUBTRACTION, "digits 6 6 acrossZeros 4 4"),
                wishes(Operation.SUBTRACTION, "digits 6 6 exchanges 2 2 acrossZeros 3 3"),
                wishes(Operation.SUBTRACTION, "digits 40 40 subtrahendDigits 40 40 exchanges 39 39"),
                wishes(Operation.MULTIPLICATION, "topDigits 4 4 bottomDigits 3 3 carries 12 12"),
                wishes(Operation.MULTIPLICATION, "topDigits 6 6 bottomDigits 3 3 carries 0 0 zeroInBottom 1 1"),
                wishes(Operation.MULTIPLICATION, "topDigits 40 40 bottomDigits 40 40 carries 0 3"),
                wishes(Operation.DIVISION, "dividendDigits 5 5 divisorDigits 2 2 remainder 0 0 zeroInQuotient 1 1"),
                wishes(Operation.DIVISION, "dividendDigits 4 4 divisorDigits 3 3 remainder 1 1 zeroInQuotient 1 1"),
                wishes(Operation.DIVISION, "dividendDigits 40 40 divisorDigits 1 1 zeroInQuotient 0 0"),
                wishes(Operation.SQUARE_ROOT, "radicandDigits 6 6 perfect 1 1 zeroInRoot 1 1"),
                wishes(Operation.SQUARE_ROOT, "radicandDigits 3 3 perfect 0 0 decimals 3 3 zeroInRoot 1 1"),
                wishes(Operation.SQUARE_ROOT, "radicandDigits 39 40 perfect 0 0 decimals 12 12 zeroInRoot 0 1"));
    }

    private static Arguments wishes(Operation operation, String text) {
        String[] words = text.split(" ");
        EnumMap<Feature, Wish> wanted = new EnumMap<>(Feature.class);
        for (int i = 0; i < words.length; i += 3) {
            wanted.put(Feature.of(operation, words[i]),
                    new Wish(Integer.parseInt(words[i + 1]), Integer.parseInt(words[i + 2])));
        }
        return Arguments.of(text, new Wishes(operation, wanted));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("tightWishes")
    void tightWishesAreMet(String text, Wishes wishes) {
        assertThat(new Draft(wishes, 5).draw(12)).hasSize(12)
                .allSatisfy(question -> wishes.wanted().forEach((feature, wish) -> {
                    int count = question.features().count(feature);
                    assertThat(wish.allows(count)).as("%s of %s is %s", feature, question.problem().text(), count)
                            .isTrue();
                }));
    }

    /** All small wishes: either questions are drawn, or trying every problem finds none either. */
    @Test
    void aConflictIsNamedOnlyWhereThereIsOne() {
        for (int digits = 1; digits <= 3; digits++) {
            for (int bottomDigits = 1; bottomDigits <= digits; bottomDigits++) {
                boolean[][] exists = new boolean[4][3];
                for (int top = (int) Math.pow(10, digits - 1); top < Math.pow(10, digits); top++) {
                    for (int bottom = (int) Math.pow(10, bottomDigits - 1); bottom < Math.min(top,
                            Math.pow(10, bottomDigits)); bottom++) {
                        int[] found = exchangesAndZeros(top, bottom);
                        exists[found[0]][found[1]] = true;
                    }
                }
                for (int exchanges = 0; exchanges <= 3; exchanges++) {
                    for (int zeros = 0; zeros <= 2; zeros++) {
                        Map<Feature, Wish> wanted = Map.of(Feature.DIGITS, Wish.exactly(digits),
                                Feature.SUBTRAHEND_DIGITS, Wish.exactly(bottomDigits), Feature.EXCHANGES,
                                Wish.exactly(exchanges), Feature.ACROSS_ZEROS, Wish.exactly(zeros));
                        assertThat(canBeDrawn(new Wishes(Operation.SUBTRACTION, wanted)))
                                .as("%s − %s digits, %s exchanges across %s", digits, bottomDigits, exchanges, zeros)
                                .isEqualTo(exists[exchanges][zeros]);
                    }
                }
            }
        }
    }

    private static boolean canBeDrawn(Wishes wishes) {
        try {
            return !new Draft(wishes, 1).draw(1).isEmpty();
        } catch (Refusal refusal) {
            return false;
        }
    }

    /** The columns that need a ten when one number is taken from the other, and the most zeros that one exchange passes. */
    private static int[] exchangesAndZeros(int top, int bottom) {
        int owed = 0;
        int exchanges = 0;
        int passed = 0;
        int most = 0;
        for (; top > 0; top /= 10, bottom /= 10) {
            int digit = top % 10;
            if (owed == 1 && digit == 0) {
                most = Math.max(most, ++passed);
                continue;
            }
            passed = 0;
            owed = digit - owed < bottom % 10 ? 1 : 0;
            exchanges += owed;
        }
        return new int[] {exchanges, most};
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            SUBTRACTION    | digits 2 2 subtrahendDigits 1 1 exchanges 3 3 | digits, exchanges       | exchanges can be 0 to 1
            ADDITION       | digits 3 3 unevenLengths 1 1                  | digits, unevenLengths   | cannot be had together
            ADDITION       | digits 2 2 carries 1 1 chain 2 2              | carries, chain          | can be
            ADDITION       | digits 2 2 carries 5 5                        | digits, carries         | carries can be 0 to 2
            MULTIPLICATION | topDigits 2 2 bottomDigits 3 3                | topDigits, bottomDigits | digits below can be 1 to 2
            MULTIPLICATION | bottomDigits 1 1 zeroInBottom 1 1             | bottomDigits, zeroInBottom | cannot be had together
            DIVISION       | dividendDigits 2 2 divisorDigits 3 3          | dividendDigits, divisorDigits | divisor can be 1 to 2
            SQUARE_ROOT    | radicandDigits 2 2 zeroInRoot 1 1 | radicandDigits, zeroInRoot | cannot be had together
            """)
    void aConflictNamesItsFeatures(Operation operation, String text, String features, String message) {
        Wishes wishes = (Wishes) wishes(operation, text).get()[1];
        assertThatThrownBy(() -> new Draft(wishes, 1)).asInstanceOf(type(Refusal.class)).satisfies(refusal -> {
            assertThat(refusal.faults().stream().map(Fault::field).map(field -> field.substring("want.".length())))
                    .containsExactlyInAnyOrder(features.split(", "));
            assertThat(refusal.getMessage()).contains(message);
        });
    }

    @Test
    void whereTheSearchRunsDryItSaysHowFarItCame() {
        Wishes few = new Wishes(Operation.ADDITION, Map.of(Feature.DIGITS, Wish.exactly(1), Feature.CARRIES,
                Wish.exactly(1)));
        long pairs =
                IntStream.rangeClosed(1, 9).flatMap(a -> IntStream.rangeClosed(a, 9).filter(b -> a + b > 9)).count();
        assertThat(new Draft(few, 3).draw((int) pairs)).hasSize((int) pairs);
        assertThatThrownBy(() -> new Draft(few, 3).draw(100)).hasMessageContaining("Only " + pairs + " different")
                .hasMessageContaining("rarest wish is carries (carries)");
        assertThatThrownBy(() -> new Draft(few, 3).draw(0)).hasMessageContaining("1 to 200");
    }

    @Test
    void answersAreRight() {
        for (FeaturedProblem question : new Draft(
                new Wishes(Operation.DIVISION, Map.of(Feature.REMAINDER, Wish.of(true))), 9)
                        .draw(50)) {
            BigInteger[] parts = question.problem().operands().get(0).wholeValue()
                    .divideAndRemainder(question.problem().operands().get(1).wholeValue());
            assertThat(question.features().answer()).isEqualTo(parts[0] + " r " + parts[1]);
        }
    }

    static Stream<Rung> rungs() {
        return Stream.of(Operation.values()).flatMap(operation -> Ladder.of(operation).stream());
    }

    @ParameterizedTest
    @MethodSource("rungs")
    void everyRungHasQuestionsEnoughForAClass(Rung rung) {
        assertThat(new Draft(rung.wishes(), 4).draw(20)).hasSize(20);
        assertThat(rungs().filter(other -> other.id().equals(rung.id()))).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            4738 + 1967  | 3 carries, in a chain
            58 + 967     | 3 carries, in a chain, a new place, unlike lengths
            1 + 2 + 3    | 3 numbers, no carries
            50302 - 1347 | 2 exchanges, one across a zero, unlike lengths
            4003 - 1007  | 1 exchange, across 2 zeros
            76 x 50      | 2 by 2 digits, 2 carries, a 0 in the lower number
            7506 / 6     | 4 digits by 1, comes out exactly
            7506 / 25    | 4 by 2 digits, a remainder, a 0 in the quotient
            sqrt 7 to 3dp| 1 digit, cut off after 3 decimals
            """)
    void featuresInWords(String problem, String words) {
        assertThat(FeatureTalk.inWords(
                Features.of(ProblemText.kept(problem)))).isEqualTo(words);
    }
}
