package bemble.core.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.given.RandomNumbers;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProblemTextTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "487 + 96 + 8          | 487 + 96 + 8",
        "4206-1358             | 4206 − 1358",
        "4206 − 1358           | 4206 − 1358",
        "y = 305 − 66          | 305 − 66",
        "305 - 66 = y          | 305 − 66",
        "305 − 66 =            | 305 − 66",
        "305 − 66 = ?          | 305 − 66",
        "305 − 66 = ____       | 305 − 66",
        "__ = 305 − 66         | 305 − 66",
        "□ = 305 − 66          | 305 − 66",
        "305 − 66 = …          | 305 − 66",
        "x = 76 x 58           | 76 × 58",
        "76 x 58               | 76 × 58",
        "76*58                 | 76 × 58",
        "7506 / 25             | 7506 ÷ 25",
        "sqrt 529              | √529",
        "√7 to 3 dp            | √7 to 3 dp",
        "sqrt 41.60 to 2 dp    | √41.60 to 2 dp",
        "007 + 1.50            | 7 + 1.50",
        "1,234,567 + 12,34,567 | 1234567 + 1234567",
        "12 345 + 1'234        | 12345 + 1234",
        "12\u2009345.67 + .5   | 12345.67 + 0.5"})
    void readsWhatIsTyped(String typed, String plain) {
        Problem problem = ProblemText.kept(typed);
        assertThat(problem.text()).isEqualTo(plain);
        assertThat(ProblemText.kept(problem.text())).isEqualTo(problem);
    }

    @Test
    void aCommaCanBeThePoint() {
        assertThat(ProblemText.read("1.234,5 + 2", 0, Punctuation.COMMA).text()).isEqualTo("1234.5 + 2");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "''             | Type a problem",
        "47a + 3        | “a” is not a digit",
        "4,73 + 2       | with a point for decimals: 4.73",
        "1,2345 + 2     | not grouped in threes",
        "1,234 567 + 2  | not grouped in threes",
        "12 +           | missing after the last +",
        "+ 12           | missing before the first +",
        "12 + + 3       | missing between two signs",
        "5 + -3         | without plus or minus",
        "−5 + 3         | without plus or minus",
        "5 + 3 - 2      | mixes + and −",
        "5 − 3 − 2      | Only additions",
        "5..2 + 1       | more than one decimal point",
        "5. + 1         | digits alone behind the point",
        "12             | not yet a problem",
        "358 − 4206     | 4206 − 358 is another question",
        "7 ÷ 0          | no answer",
        "2.5 × 3        | whole numbers",
        "√              | under the root is missing",
        "√7 to 13 dp    | 0 to 12 decimals",
        "12345678901234567890123456789012345678901 + 1 | 40 at most",
        "1+1+1+1+1+1+1+1+1+1+1+1+1                     | 12 at most"})
    void saysWhatIsWrongAndWhatToType(String typed, String message) {
        assertThatThrownBy(() -> ProblemText.kept(typed))
                .isInstanceOfSatisfying(Refusal.class,
                        refusal -> assertThat(refusal.faults().get(0).message()).contains(message));
    }

    @Test
    void offersTheSwapWhereTheSubtrahendIsLarger() {
        assertThatThrownBy(() -> ProblemText.kept("358 − 4206"))
                .isInstanceOfSatisfying(Refusal.class, refusal -> assertThat(refusal.offer()).contains("4206 − 358"));
    }

    @Test
    void aLineThatIsFarTooLongIsRefusedAtOnce() {
        for (String typed : new String[] {"√" + " ".repeat(1_000_000) + "x", "1" + "0".repeat(900) + " + 2"}) {
            assertThatThrownBy(() -> ProblemText.kept(typed)).isInstanceOf(Refusal.class)
                    .hasMessageContaining("too long");
        }
    }

    @Test
    void anyScrawlIsReadOrRefusedNeverACrash() {
        RandomGenerator random = RandomNumbers.seeded(7);
        String keys = "0123456789 +-−×x*÷/√.,'\u00a0absqrt to dp";
        for (int i = 0; i < 20_000; i++) {
            StringBuilder typed = new StringBuilder();
            for (int n = random.nextInt(14); n >= 0; n--) {
                typed.append(keys.charAt(random.nextInt(keys.length())));
            }
            try {
                Problem problem = ProblemText.kept(typed.toString());
                assertThat(ProblemText.kept(problem.text())).as(typed.toString())
                        .isEqualTo(problem);
            } catch (Refusal refusal) {
                assertThat(refusal.faults().get(0).message()).as(typed.toString()).endsWith(".");
            }
        }
    }
}
