package bemble.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.fact.FactWay;
import bemble.core.fact.FactWays;
import bemble.core.given.RandomNumbers;
import bemble.core.given.SheetReader;
import bemble.core.order.Explanation;
import bemble.core.order.OddButRight;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Part;
import bemble.core.working.Spot;
import bemble.core.working.Step;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures, facts and words that go with a working. */
class PicturesTest {
    static final Map<Kind, Integer> WORTH = Map.of(Kind.UNIT, 1, Kind.ROD, 10, Kind.FLAT, 100, Kind.CUBE, 1000);

    static WorkOrder order(String problem, String method) {
        return new WorkOrder(ProblemText.kept(problem), method, HouseStyle.USUAL, null);
    }

    private static Worked work(String problem, String method) {
        return Worked.from(order(problem, method));
    }

    static Picture picture(Worked worked, PictureKind kind) {
        return Pictures.of(worked, HouseStyle.USUAL).stream().filter(each -> each.kind() == kind).findFirst()
                .orElseThrow();
    }

    private static int worth(Frame frame, boolean struckToo) {
        return frame.shapes().stream().filter(shape -> struckToo || shape.tone() != Tone.GONE)
                .mapToInt(shape -> WORTH.getOrDefault(shape.kind(), 0)).sum();
    }

    @Test
    void blocksKeepTheirWorthHoweverTheyAreGatheredOrBroken() {
        RandomGenerator random = RandomNumbers.seeded(4);
        for (int i = 0; i < 200; i++) {
            int a = 1 + random.nextInt(5000);
            int b = 1 + random.nextInt(Math.min(a, 4000));
            Picture sum = picture(work(a + " + " + b, null), PictureKind.BLOCKS);
            assertThat(sum.frames()).allSatisfy(frame -> assertThat(worth(frame, true)).isEqualTo(a + b));
            Worked difference = work(a + " - " + b, null);
            Picture broken = picture(difference, PictureKind.BLOCKS);
            assertThat(broken.frames()).allSatisfy(frame -> assertThat(worth(frame, true)).isEqualTo(a));
            assertThat(worth(broken.frames().get(broken.frames().size() - 1), false)).isEqualTo(a - b);
        }
    }

    @Test
    void noBlockLiesOutsideItsPictureOrOnTheSamePlaceAsAnother() {
        for (String problem : List.of("9999 - 8888", "1000 - 1", "4738 + 1967", "999 + 999 + 999", "9 + 9")) {
            Picture picture = picture(work(problem, null), PictureKind.BLOCKS);
            for (Frame frame : picture.frames()) {
                assertThat(frame.shapes()).allSatisfy(shape -> {
                    assertThat(shape.x() + shape.width()).isLessThanOrEqualTo(picture.width());
                    assertThat(shape.y() + shape.height()).isLessThanOrEqualTo(picture.height());
                });
                assertThat(frame.shapes().stream().map(shape -> shape.kind() + " " + shape.x() + " " + shape.y()))
                        .as(problem + " at step " + frame.step()).doesNotHaveDuplicates();
            }
        }
    }

    @Test
    void everyPictureIsInStepWithItsWorkAndNamesItsThingsOnce() {
        for (String problem : List.of("358 + 276", "503 - 147", "76 x 58", "97 / 4", "sqrt 529", "90 x 7", "5 + 3")) {
            Worked worked = work(problem, null);
            List<Integer> steps = worked.working().steps().stream().filter(step -> step.part() == Part.WORK)
                    .map(Step::n).toList();
            for (Picture picture : Pictures.of(worked, HouseStyle.USUAL)) {
                assertThat(picture.whyNot()).as(problem + " " + picture.kind()).isNull();
                assertThat(picture.frames().stream().map(Frame::step)).containsExactlyElementsOf(steps);
                assertThat(picture.frames()).allSatisfy(frame -> {
                    assertThat(frame.words()).isNotBlank();
                    assertThat(frame.shapes().stream().map(Shape::key))
                            .as(problem + " " + picture.kind() + frame.step())
                            .doesNotHaveDuplicates();
                });
            }
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            358 + 276 | BLOCKS      | 2 | 14 ones together; 2 go over to the 8 and make 1 ten, 4 ones stay
            358 + 276 | TEN_FRAMES  | 3 | 1 pointed for what was carried, 5 round, 7 square counters: 1 hundred full, 3 tens over
            38 + 25   | NUMBER_LINE | 3 | From 38 on 5 to 43, on 20 to 63
            134 - 52  | NUMBER_LINE | 3 | back 2 to 132
            358 + 276 | EXPANDED    | 3 | 130 = 100 + 30
            503 - 147 | BLOCKS      | 2 | 1 hundred block is broken into 10 tens
            503 - 147 | BLOCKS      | 4 | 7 ones struck off, 6 ones left
            503 - 147 | TEN_FRAMES  | 4 | 13 counters, 7 struck off, 6 left
            503 - 147 | EXPANDED    | 2 | 500 + 0 → 400 + 100
            503 - 147 | NUMBER_LINE | 6 | back 7 to 496, back 40 to 456, back 100 to 356
            503 - 147 | BARS        | 1 | 503 and 147; between them what is sought
            503 - 147 | BARS        | 6 | between them 356
            97 / 4    | SHARING     | 2 | 9 tens to be shared among 4: how many does each get? 2 tens each, 1 left
            97 / 4    | GROUPING    | 5 | 17 ones: how many groups of 4 are in them? 4 groups, 1 left
            sqrt 529  | SQUARE      | 6 | 2 × 20 × 3 = 120; and a corner: 3 × 3 = 9, together 129
            76 x 58   | BOX         | 3 | 70 × 8 = 560
            """)
    void picturesInWords(String problem, PictureKind kind, int step, String words) {
        assertThat(picture(work(problem, null), kind).at(step).words()).contains(words);
    }

    @Test
    void equalAdditionsMakeBothBarsLongerByTheSame() {
        Picture bars = picture(work("503 - 147", "equal-additions"), PictureKind.BARS);
        Frame added = bars.at(2);
        List<Shape> more = added.shapes().stream().filter(shape -> shape.key().startsWith("more")).toList();
        assertThat(more).hasSize(2).allSatisfy(shape -> assertThat(shape.width()).isEqualTo(more.get(0).width()));
        assertThat(added.words()).contains("both made longer by 10");
    }

    @ParameterizedTest
    @CsvSource({"503 - 147", "9876543210987654 - 1234567890123456", "1000000 - 30000", "98765432101 - 5000000000"})
    void aNumberStandsInItsBarOrIsLeftOut(String problem) {
        Picture bars = picture(work(problem, null), PictureKind.BARS);
        assertThat(bars.frames()).isNotEmpty().allSatisfy(frame -> assertThat(frame.shapes()).allSatisfy(shape -> {
            if (shape.kind() == Kind.AREA) {
                assertThat(shape.text().length() * shape.size() * 0.6).isLessThanOrEqualTo(shape.width());
            }
        }));
    }

    @Test
    void boxesAreAsLargeAsTheirProducts() {
        for (String method : List.of("long", "area", "crosswise")) {
            Picture box = picture(work("76 x 58", method), PictureKind.BOX);
            Map<String, Double> areas = box.at(1).shapes().stream().filter(shape -> shape.kind() == Kind.AREA)
                    .collect(Collectors.toMap(Shape::key, shape -> shape.width() * shape.height()));
            double one = areas.get("cell 6 8") / 48;
            assertThat(areas.get("cell 70 50") / one).isCloseTo(3500, Offset.offset(0.01));
            Frame last = box.frames().get(box.frames().size() - 1);
            assertThat(last.shapes().stream().filter(shape -> shape.kind() == Kind.AREA).map(Shape::text))
                    .as(method).containsExactlyInAnyOrder("3500", "300", "560", "48");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            9738 + 1967         | BLOCKS      | below 10 000
            1 + 2 + 3 + 4       | BLOCKS      | two or three numbers
            12345 - 678         | BLOCKS      | Too many blocks
            9 + 9 + 9 + 9 + 9   | TEN_FRAMES  | more than 40
            1234567 + 1         | EXPANDED    | Too long
            123456789 - 1234    | NUMBER_LINE | Too many jumps
            5000 - 3            | BARS        | thinner than a line
            706 x 3             | BOX         | thinner than a line
            7506 / 25           | SHARING     | up to 12
            sqrt 2 to 5 dp      | SQUARE      | strips are thinner
            1.5 + 2             | BLOCKS      | whole numbers
            """)
    void whereAPictureDoesNotHelpItSaysWhy(String problem, PictureKind kind, String why) {
        Picture picture = picture(work(problem, null), kind);
        assertThat(picture.frames()).isEmpty();
        assertThat(picture.whyNot()).contains(why);
    }

    @Test
    void aPictureGoesWithTheMethodThatItShows() {
        assertThat(picture(work("58 + 67", "partial-sums"), PictureKind.BLOCKS).whyNot()).contains("in columns");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            8 + 7 = 15      | Count on from the larger: 8: 9, 10, 11, 12, 13, 14, 15.; Make a ten: 8 + 2 = 10, 10 + 5 = 15; Near a double: 7 + 7 = 14, 14 + 1 = 15
            6 + 6 = 12      | Count on from the larger: 6: 7, 8, 9, 10, 11, 12.; Make a ten: 6 + 4 = 10, 10 + 2 = 12; A double: twice 6 is 12
            7 + 3 + 5 = 15  | Look for ten: 7 + 3 = 10, 10 + 5 = 15; Count on from the larger: 7: 8, 9, 10, 11, 12. Then add 3: 15.
            14 − 6 = 8      | Count back: 14: 13, 12, 11, 10, 9, 8.; Count up along the line: from 6 to 10: 4, from 10 to 14: 4, 4 + 4 = 8; By way of ten: 14 − 4 = 10, 10 − 2 = 8
            9 − 9 = 0       | Count back: 9: 8, 7, 6, 5, 4, 3, 2, 1, 0.
            7 × 8 = 56      | Count in steps of 8: 8, 16, 24, 32, 40, 48, 56; From five times: 5 × 8 = 40, 2 × 8 = 16, 40 + 16 = 56
            9 × 4 + 1 = 37  | Count in steps of 4: 4, 8, 12, 16, 20, 24, 28, 32, 36; From ten times: 10 × 4 = 40, 40 − 4 = 36
            24 ÷ 5 → 4      | The multiples of 5: 1 × 5 = 5, 2 × 5 = 10, 3 × 5 = 15, 4 × 5 = 20 fits, 5 × 5 = 25 is too big
            3 ÷ 25 → 0      | The multiples of 25: 1 × 25 = 25 is too big
            300 + 50 = 350  | ``
            """, quoteCharacter = '`')
    void waysToAFact(String fact, String ways) {
        String asked = fact.split(" [=→] ")[0];
        char sign = asked.replaceAll("[0-9 ]", "").charAt(0);
        List<Integer> numbers = Stream.of(asked.split(" [+−×÷] ")).map(Integer::valueOf).toList();
        assertThat(FactWays.to(sign, numbers).stream().map(way -> way.name() + ": " + String.join(", ", way.lines()))
                .collect(Collectors.joining("; "))).isEqualTo(ways);
    }

    @Test
    void everyWayToAFactEndsAtTheFact() {
        for (int a = 1; a <= 9; a++) {
            for (int b = 1; b <= 9; b++) {
                endsAt(FactWays.to('+', List.of(a, b)), a + b);
                endsAt(FactWays.to('−', List.of(a + 9, b)), a + 9 - b);
                endsAt(FactWays.to('×', List.of(a, b)), a * b);
            }
        }
    }

    private static void endsAt(List<FactWay> ways, int result) {
        assertThat(ways).allSatisfy(way -> assertThat(way.lines().get(way.lines().size() - 1)).matches(
                "(?:.*\\D)?" + result + "\\.?(?: up\\.)?"));
    }

    @ParameterizedTest
    @CsvSource({"487 + 96", "503 - 147", "76 x 58", "97 / 4", "sqrt 530"})
    void whatLooksOddIsRight(String problem) {
        WorkOrder usual = order(problem, null);
        Worked right = Worked.from(usual);
        List<OddButRight> odd = OddButRight.of(usual);
        assertThat(odd.isEmpty()).isEqualTo(MethodName.of(usual.problem().operation()).size() == 1);
        assertThat(odd).allSatisfy(each -> {
            Worked other = Worked.from(each.order());
            assertThat(other.answer().value()).as(each.label()).isEqualTo(right.answer().value());
            assertThat(other.sheet()).as(each.label()).isNotEqualTo(right.sheet());
        });
    }

    @Test
    void aWorkingIsToldInWholeSentences() {
        String told = Explanation.of(work("58 + 67", null));
        assertThat(told).startsWith("Set out 58 and 67").contains("8 ones and 7 ones are 15 ones")
                .contains("So 58 + 67 is 125. Check: 67 + 58 = 125, which agrees, so the answer is probably right.");
        assertThat(told.split("\n\n")).hasSize(4).allMatch(paragraph -> paragraph.endsWith("."));
        assertThat(Explanation.of(work("sqrt 7 to 2 dp", null))).contains("√7 to 2 dp ≈ 2.64");
    }

    @ParameterizedTest
    @CsvSource({"58 + 67, column", "346 x 205, long", "76 x 58, area", "7506 / 25, long", "sqrt 529, doubled-root",
        "1 + 2 + 3, running", "503 - 147, counting-up", "358 + 276, partial-sums"})
    void theLineThatReadsTheAnswerIsFound(String problem, String method) {
        Worked worked = work(problem, method);
        String value = worked.answer().value();
        Spot answer = worked.working().answer();
        assertThat(new SheetReader(worked).read(answer.block().name().id(), answer.line().id())).isEqualTo(value);
    }
}
