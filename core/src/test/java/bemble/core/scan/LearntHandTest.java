package bemble.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Weights;
import bemble.core.handwriting.InkOnPage;
import bemble.core.handwriting.PenHand;
import bemble.core.scan.LearntHand.Example;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

class LearntHandTest {
    private static final FigureNet NET = Weights.net();
    private static final double SCALE = 200 / 25.4;
    private static final double SIDE = 7;

    /** A figure in its square, as that hand writes it. */
    private static float[] hidden(PenHand hand, int digit) {
        GreyRaster page = GreyRaster.white((int) (3 * SIDE * SCALE), (int) (3 * SIDE * SCALE));
        InkOnPage ink = new InkOnPage(page, SCALE);
        for (int i = 0; i <= 3; i++) {
            ink.line(i * SIDE, 0, i * SIDE, 3 * SIDE, 0.1, 20);
            ink.line(0, i * SIDE, 3 * SIDE, i * SIDE, 0.1, 20);
        }
        ink.write(hand.figure(digit, 1.5 * SIDE, 1.5 * SIDE, 0.62 * SIDE), hand);
        return NET.hidden(
                SquareCut.of(page, (x, y) -> new PagePlace.Pixel(x * SCALE, y * SCALE), 1.5 * SIDE, 1.5 * SIDE, SIDE));
    }

    private static int right(FigureNet net, PenHand hand, int times) {
        int right = 0;
        for (int i = 0; i < times; i++) {
            right += net.chances(hidden(hand, i % 10)).best() == i % 10 ? 1 : 0;
        }
        return right;
    }

    @Test
    void aHandIsReadNoWorseAndMostlyBetterOnceFortyOfItsFiguresAreKnown() {
        int before = 0;
        int after = 0;
        for (int who = 0; who < 12; who++) {
            RandomGenerator random = RandomNumbers.seeded(700 + who);
            PenHand hand = PenHand.continental(random);
            List<Example> known = new ArrayList<>();
            for (int i = 0; i < 40; i++) {
                known.add(new Example(hidden(hand, i % 10), i % 10));
            }
            FigureNet learnt = LearntHand.of(NET, known);
            before += right(NET, hand, 100);
            after += right(learnt, hand, 100);
        }
        assertThat(after).as("of 1200, before " + before).isGreaterThanOrEqualTo(before);
        assertThat(1200 - after).as("misread, before " + (1200 - before))
                .isLessThanOrEqualTo(1 + (1200 - before) * 2 / 3);
    }

    /** Somebody has named a figure wrongly once: no other hand is read much otherwise for it. */
    @Test
    void fewFiguresChangeLittleAndNoneNothing() {
        RandomGenerator random = RandomNumbers.seeded(800);
        PenHand hand = PenHand.some(random);
        assertThat(LearntHand.of(NET, List.of())).isSameAs(NET);
        FigureNet misled = LearntHand.of(NET, List.of(new Example(hidden(hand, 3), 8)));
        PenHand other = PenHand.some(random);
        assertThat(right(misled, other, 100)).isGreaterThanOrEqualTo(right(NET, other, 100) - 12);
    }
}
