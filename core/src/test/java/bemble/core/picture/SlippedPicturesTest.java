package bemble.core.picture;

import static bemble.core.picture.PicturesTest.order;
import static bemble.core.picture.PicturesTest.picture;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.division.digits.DivisionRecord;
import bemble.core.division.digits.DivisionStage;
import bemble.core.given.RandomNumbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.multiplication.box.AreaRecord;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A picture beside a working with a slip shows what that hand did. */
class SlippedPicturesTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            58 + 67   | carry-forgotten           | BLOCKS     | 12 tens together; this hand makes 1 hundred and 1 ten of them, and 1 is lost
            58 + 67   | nine-at-most              | BLOCKS     | 15 ones together; this hand makes 9 ones of them, and 6 are lost
            58 + 67   | nine-at-most              | TEN_FRAMES | 15 in all; this hand writes 9 and carries nothing
            58 + 67   | nine-at-most              | EXPANDED   | 15 → 9
            38 + 27   | carry-added-twice         | BLOCKS     | 6 tens together; this hand makes 7 tens of them, 1 more than there are
            34 + 51   | one-place-apart           | BLOCKS     | 5 hundreds together
            503 - 147 | smaller-from-larger       | BLOCKS     | 3 ones there, 7 to be struck off; this hand writes 4
            503 - 147 | smaller-from-larger       | TEN_FRAMES | 3 counters, 7 to be struck off; this hand writes 4
            503 - 147 | smaller-from-larger       | EXPANDED   | 3 − 7 → 4
            534 - 117 | exchange-not-paid         | BLOCKS     | The ones go from 4 to 14, and the tens stay 3
            58 + 67   | carry-forgotten           | NUMBER_LINE | on 50 to 115 where 60 were to be added
            534 - 117 | exchange-not-paid         | NUMBER_LINE | on 3 to 537 where 7 were to be taken away
            503 - 147 | smaller-from-larger       | BARS       | between them what is sought; this hand writes 444, longer than that
            76 x 58   | product-added             | BOX        | 6 × 8 = 48; this hand makes 14 of it
            76 x 58   | carry-forgotten           | BOX        | 6 × 8 = 48.
            97 / 4    | rounded-up                | GROUPING   | 17 ones: how many groups of 4 are in them? 5 groups, 3 more than there are
            sqrt 529  | root-not-doubled          | SQUARE     | this hand takes
            """)
    void aPictureOfASlippedWorkingShowsWhatThisHandDid(String problem, String slip, PictureKind kind, String words) {
        assertThat(picture(slipped(order(problem, null), slip), kind).frames().stream().map(Frame::words))
                .anyMatch(said -> said.contains(words));
    }

    /** Whatever the slip, what lies below the rule and is not struck off is what this hand wrote. */
    @Test
    void theBlocksBelowTheRuleAreTheDigitsOfThisHand() {
        RandomGenerator random = RandomNumbers.seeded(41);
        int shown = 0;
        for (KnownSlip slip : Slips.ALL) {
            if (slip.operation() != Operation.ADDITION || !slip.methods().contains(MethodName.COLUMN)) {
                continue;
            }
            for (int i = 0; i < 12; i++) {
                WorkOrder order = order((1 + random.nextInt(900)) + " + " + (1 + random.nextInt(900)), null);
                Worked worked = slipped(order, slip.id());
                Picture blocks = worked == null ? null : picture(worked, PictureKind.BLOCKS);
                if (blocks == null || blocks.frames().isEmpty() || !(worked.record() instanceof ColumnRecord record)) {
                    continue;
                }
                shown++;
                List<AddedColumn> columns = record.columns();
                Frame last = blocks.frames().get(blocks.frames().size() - 1);
                double rule = last.shapes().stream().filter(shape -> shape.kind() == Kind.LINE && shape.height() == 0)
                        .mapToDouble(Shape::y).max().orElseThrow();
                for (AddedColumn column : columns) {
                    Kind block = PicturesTest.WORTH.entrySet().stream()
                            .filter(each -> each.getValue() == Math.pow(10, column.place())).findFirst().orElseThrow()
                            .getKey();
                    assertThat(last.shapes().stream().filter(shape -> shape.kind() == block && shape.y() > rule
                            && shape.tone() != Tone.GONE && shape.key().startsWith(column.place() + " ")).count()
                            - (column.place() + 1 == columns.size() ? 10L * column.carryOut() : 0))
                                    .as(slip.id() + " " + order.problem().text()).isEqualTo(column.digit());
                }
            }
        }
        assertThat(shown).isGreaterThan(150);
    }

    /** Every slip has its pictures, or a reason in a sentence. */
    @Test
    void everySlipHasItsPicturesOrAReasonWhyNot() {
        RandomGenerator random = RandomNumbers.seeded(42);
        for (KnownSlip slip : Slips.ALL) {
            for (int i = 0; i < 6; i++) {
                Problem problem = EveryMethodTest.problem(slip.operation(), random, 4);
                Worked worked = slipped(new WorkOrder(problem, null, HouseStyle.USUAL, null), slip.id());
                if (worked == null) {
                    continue;
                }
                for (Picture picture : Pictures.of(worked, HouseStyle.USUAL)) {
                    String of = slip.id() + " in " + problem.text() + ", " + picture.kind();
                    assertThat(picture.whyNot() == null).as(of).isEqualTo(!picture.frames().isEmpty());
                    for (Frame frame : picture.frames()) {
                        assertThat(frame.words()).as(of).isNotBlank();
                        assertThat(frame.shapes().stream().map(Shape::key)).as(of).doesNotHaveDuplicates();
                    }
                }
            }
        }
    }

    private static Worked slipped(WorkOrder order, String slip) {
        try {
            return Worked.from(new WorkOrder(order.problem(), order.method(), order.style(), null, slip));
        } catch (Refusal cannotHappen) {
            return null;
        }
    }

    /** Small whole numbers, worked with every slip that can happen in them. */
    private static Stream<Worked> slipped(Operation operation, String method, int seed) {
        RandomGenerator random = RandomNumbers.seeded(seed);
        int most = operation == Operation.MULTIPLICATION ? 90 : 900;
        return Slips.ALL.stream().filter(slip -> slip.operation() == operation).flatMap(slip -> Stream.generate(() -> {
            int a = 10 + random.nextInt(most);
            int b = operation == Operation.SUBTRACTION ? 1 + random.nextInt(a) : 10 + random.nextInt(most);
            return slipped(order(a + " " + operation.sign() + " " + b, method), slip.id());
        }).limit(8)).filter(Objects::nonNull);
    }

    private static Frame last(Picture picture) {
        return picture.frames().get(picture.frames().size() - 1);
    }

    /** Wherever a hand jumps, its last stop is the answer that it wrote. */
    @ParameterizedTest
    @CsvSource({"ADDITION, 43", "SUBTRACTION, 44"})
    void theNumberLineEndsAtTheAnswerOfThisHand(Operation operation, int seed) {
        List<Worked> drawn = slipped(operation, null, seed)
                .filter(worked -> !picture(worked, PictureKind.NUMBER_LINE).frames().isEmpty()).toList();
        assertThat(drawn.size()).isGreaterThan(60);
        drawn.forEach(worked -> {
            String words = last(picture(worked, PictureKind.NUMBER_LINE)).words();
            assertThat(words.replaceAll(" where [^,.]*", "").replaceAll(",? no jump", "").replaceAll(".* |\\.$", ""))
                    .as(worked.slip() + " in " + worked.problem().text() + ": " + words)
                    .isEqualTo(worked.answer().value());
        });
    }

    /** What a hand writes for a difference is drawn as long as it is, beside bars of the same scale. */
    @Test
    void theBarOfThisHandIsAsLongAsItsAnswer() {
        List<Worked> drawn = slipped(Operation.SUBTRACTION, null, 45)
                .filter(worked -> !picture(worked, PictureKind.BARS).frames().isEmpty()).toList();
        assertThat(drawn.size()).isGreaterThan(60);
        drawn.forEach(worked -> {
            Frame last = last(picture(worked, PictureKind.BARS));
            Map<String, Double> wide =
                    last.shapes().stream().collect(Collectors.toMap(Shape::key, Shape::width));
            double answer = Double.parseDouble(worked.answer().value());
            double minuend = worked.problem().operands().get(0).value().doubleValue();
            if (!last.words().contains("far longer")) {
                assertThat(wide.get("written") / wide.get("minuend")).as(worked.slip() + " " + worked.problem().text())
                        .isCloseTo(answer / minuend, Offset.offset(0.001));
            }
        });
    }

    /** In each cell of the box stands what this hand wrote there. */
    @Test
    void theCellsOfTheBoxAreThoseOfThisHand() {
        List<Worked> drawn = slipped(Operation.MULTIPLICATION, "area", 46)
                .filter(worked -> !picture(worked, PictureKind.BOX).frames().isEmpty()).toList();
        assertThat(drawn.size()).isGreaterThan(10);
        drawn.forEach(worked -> {
            List<String> cells = last(picture(worked, PictureKind.BOX)).shapes().stream()
                    .filter(shape -> shape.key().startsWith("cell ")).map(Shape::text).toList();
            assertThat(cells).as(worked.slip() + " " + worked.problem().text())
                    .containsExactlyInAnyOrderElementsOf(((AreaRecord) worked.record()).cells().stream()
                            .flatMap(List::stream).map(cell -> HouseStyle.USUAL.number(Numeral.of(cell))).toList());
        });
    }

    @Test
    void aHandThatGoesAWayOfItsOwnHasNoPicture() {
        assertThat(picture(slipped(order("sqrt 3844", null), "halved"), PictureKind.SQUARE).whyNot())
                .contains("a way of its own");
    }

    /** A careful hand jumps by what each column of the other number is worth, from the ones on. */
    @Test
    void whoWorksWithCareJumpsByWhatEachColumnIsWorth() {
        RandomGenerator random = RandomNumbers.seeded(47);
        for (int i = 0; i < 200; i++) {
            int a = 1 + random.nextInt(99_999);
            int b = 1 + random.nextInt(a);
            assertThat(jumps(a + " + " + b)).as(a + " + " + b).isEqualTo(expected(a, b, 1));
            assertThat(jumps(a + " - " + b)).as(a + " - " + b).isEqualTo(expected(a, b, -1));
        }
    }

    private static String jumps(String problem) {
        String words = last(picture(Worked.from(order(problem, null)), PictureKind.NUMBER_LINE)).words();
        return words.substring("A number line. ".length());
    }

    private static String expected(int from, int other, int direction) {
        List<String> jumps = new ArrayList<>();
        int at = from;
        for (int unit = 1; unit <= other; unit *= 10) {
            int size = other / unit % 10 * unit;
            at += direction * size;
            if (size > 0) {
                jumps.add((direction > 0 ? "on " : "back ") + size + " to " + at);
            }
        }
        return "From " + from + " " + String.join(", ", jumps) + ".";
    }

    /** Equal additions keep what is between the bars only where both become longer. */
    @Test
    void whoDoesNotPayMakesOnlyTheUpperBarLonger() {
        Picture paid = picture(Worked.from(order("503 - 147", "equal-additions")), PictureKind.BARS);
        assertThat(last(paid).words()).contains("both made longer by 110", "stays; between them 356");
        Picture unpaid = picture(slipped(order("503 - 147", "equal-additions"), "exchange-not-paid"), PictureKind.BARS);
        assertThat(last(unpaid).words()).contains("the upper made longer by 110, the lower left as it is",
                "what is between them is another");
        assertThat(widthOf("between", unpaid)).isGreaterThan(widthOf("between", paid));
        assertThat(last(unpaid).shapes().stream().map(Shape::key)).contains("more above").doesNotContain("more below");
    }

    private static double widthOf(String key, Picture picture) {
        return last(picture).shapes().stream().filter(shape -> shape.key().equals(key)).findFirst().orElseThrow()
                .width();
    }

    /** On the plates, or in the groups, lie as many counters as this hand gives out; what is not there is faint. */
    @ParameterizedTest
    @EnumSource(value = PictureKind.class, names = {"SHARING", "GROUPING"})
    void asManyAreGivenOutAsThisHandSays(PictureKind kind) {
        RandomGenerator random = RandomNumbers.seeded(48);
        int drawn = 0;
        for (KnownSlip slip : Slips.ALL) {
            for (int i = 0; i < 6 && slip.operation() == Operation.DIVISION; i++) {
                int divisor = 2 + random.nextInt(8);
                Worked worked = slipped(order((10 + random.nextInt(900)) + " / " + divisor, null), slip.id());
                if (worked == null || !(worked.record() instanceof DivisionRecord record)
                        || picture(worked, kind).frames().isEmpty()) {
                    continue;
                }
                drawn++;
                DivisionStage stage = record.stages().get(record.stages().size() - 1);
                List<Shape> counters = last(picture(worked, kind)).shapes().stream()
                        .filter(shape -> shape.kind() == Kind.ROUND).toList();
                int there = Integer.parseInt(stage.partial());
                int given = stage.digit() * divisor;
                assertThat(counters).as(slip.id() + " in " + worked.problem().text()).hasSize(Math.max(there, given));
                assertThat(counters.stream().filter(shape -> shape.tone() == Tone.FAINT).count())
                        .as(slip.id() + " in " + worked.problem().text()).isEqualTo(Math.max(0, given - there));
            }
        }
        assertThat(drawn).isGreaterThan(30);
    }
}
