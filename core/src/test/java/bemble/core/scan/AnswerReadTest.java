package bemble.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.scan.AnswerRead.Likely;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

class AnswerReadTest {
    private static final int NOTHING = FigureChances.EMPTY;

    /** Mostly one figure, with some ink for another. */
    private static FigureChances mostly(int kind, double sure, int other) {
        double[] each = new double[FigureChances.KINDS];
        Arrays.fill(each, 0.0001);
        each[other] = 1 - sure - 0.0012;
        each[kind] = sure;
        return new FigureChances(each);
    }

    private static List<Likely> right(int... kinds) {
        return List.of(new Likely(kinds, 0.7), new Likely(new int[] {NOTHING, 9, 9}, 0.15));
    }

    @Test
    void whatIsLikelyChoosesBetweenFiguresThatTheInkAllows() {
        AnswerRead read =
                AnswerRead.of(List.of(mostly(5, 0.95, 6), mostly(1, 0.55, 7), mostly(6, 0.95, 0)), right(5, 7, 6));
        assertThat(read.kinds()).containsExactly(5, 7, 6);
        assertThat(read.without()).containsExactly(5, 1, 6);
    }

    /** The worst fault: a child's wrong figure read as the right one, because it would be right. */
    @Test
    void theRightAnswerNeverOverrulesTheInk() {
        RandomGenerator random = RandomNumbers.seeded(44);
        for (int i = 0; i < 2000; i++) {
            int[] should = {random.nextInt(10), random.nextInt(10), random.nextInt(10)};
            int[] stands = should.clone();
            int wrong = random.nextInt(3);
            stands[wrong] = (should[wrong] + 1 + random.nextInt(9)) % 10;
            double sure = 0.71 + random.nextDouble() * 0.28;
            List<FigureChances> squares = new ArrayList<>();
            for (int at = 0; at < 3; at++) {
                squares.add(mostly(stands[at], at == wrong ? sure : 0.97,
                        (stands[at] + 1) % 10 == should[at] ? should[at] : NOTHING));
            }
            AnswerRead read = AnswerRead.of(squares, right(should));
            assertThat(read.kinds()).as(Arrays.toString(stands) + " " + sure).containsExactly(stands);
        }
    }

    @Test
    void whatIsUnclearIsAskedAndWhatIsClearIsNot() {
        assertThat(AnswerRead
                .of(List.of(mostly(5, 0.995, 6), mostly(7, 0.995, 1)), List.of(new Likely(new int[] {5, 7}, 0.7)))
                .isDoubtful()).isFalse();
        assertThat(AnswerRead
                .of(List.of(mostly(5, 0.995, 6), mostly(8, 0.995, 1)), List.of(new Likely(new int[] {5, 7}, 0.7)))
                .isDoubtful()).as("a clear other answer").isFalse();
        assertThat(AnswerRead
                .of(List.of(mostly(5, 0.995, 6), mostly(8, 0.6, 3)), List.of(new Likely(new int[] {5, 7}, 0.7)))
                .isDoubtful()).as("an unclear other answer").isTrue();
        assertThat(AnswerRead
                .of(List.of(mostly(5, 0.995, 6), mostly(7, 0.4, 1)), List.of(new Likely(new int[] {5, 7}, 0.7)))
                .isDoubtful()).as("the right one, in ink that hardly shows it").isTrue();
    }

    @Test
    void anEmptyLineIsNothing() {
        AnswerRead read = AnswerRead.of(List.of(mostly(NOTHING, 0.99, 1), mostly(NOTHING, 0.99, 1)),
                List.of(new Likely(new int[] {5, 7}, 0.7)));
        assertThat(read.kinds()).containsExactly(NOTHING, NOTHING);
        assertThat(read.isDoubtful()).isFalse();
    }
}
