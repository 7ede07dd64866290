package bemble.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.hand.Decision;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Reading;
import bemble.core.hand.ReadingHand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Anchor;
import bemble.core.working.Line;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a hand has written is read back as it was decided. */
public class ReadingHandTest {
    private static final int PROBLEMS = 60;
    private static final Set<String> READ_BACK = Set.of("LineUp", "InFront");

    private record Square(Spot spot, Anchor anchor) {}

    /** The paper that a hand leaves behind, with what was written last in each square and not rubbed out. */
    public static Reading paperOf(Written written) {
        Map<Square, String> texts = new HashMap<>();
        for (Mark mark : written.working().marks()) {
            if (mark.role() != Role.MISSING && mark.until() == null && !mark.text().isEmpty()) {
                texts.put(new Square(mark.at(), mark.anchor()), mark.text());
            }
        }
        return (spot, anchor) -> texts.get(new Square(spot, anchor));
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void aCarefulPaperIsReadWithoutAFault(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(5000 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 8);
            HouseStyle style = RandomStyles.next(random);
            Method<?> method = Methods.of(name);
            Written careful = Written.by(Hand.CAREFUL, problem, method, style);
            Written read = Written.by(new ReadingHand(paperOf(careful), Hand.CAREFUL), problem, method, style);
            String what = name + " " + problem.text() + " " + style;
            assertThat(read.answer().text()).as(what).isEqualTo(careful.answer().text());
            assertThat(read.isBroken()).as(what).isFalse();
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void oneOtherFigureInTheAnswerIsFound(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(6000 + name.ordinal());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 5);
            Written careful = Written.by(Hand.CAREFUL, problem, Methods.of(name), HouseStyle.USUAL);
            List<Mark> figures = careful.working().marks().stream().filter(mark -> mark.kind() == MarkKind.DIGIT
                    && mark.isAsked() && careful.working().isInAnswer(mark)
                    && mark.step() <= careful.working().lastOfWork())
                    .toList();
            // A box of one cell has a number for an answer; an answer of 0 is written without a question to it; another length of a lone
            // jump is another choice of where to stop first.
            if (figures.isEmpty() || figures.get(0).at().line().is(Line.Kind.ADDEND)
                    || careful.answer().text().matches("0( .*)?")) {
                continue;
            }
            Mark changed = figures.get(random.nextInt(figures.size()));
            String other = "" + (Integer.parseInt(changed.text()) + 1 + random.nextInt(8)) % 10;
            Reading paper = paperOf(careful);
            Reading altered = (spot, anchor) -> spot.equals(changed.at()) && anchor == changed.anchor() ? other
                    : paper.at(spot, anchor);
            try {
                assertThat(
                        Written.by(new ReadingHand(altered, Hand.CAREFUL), problem, Methods.of(name), HouseStyle.USUAL)
                                .isBroken()).as(name + " " + problem.text() + " " + changed + " " + other).isTrue();
            } catch (Stuck noWayOn) {
                // No careful hand goes on from there, which is as good as found.
            }
        }
    }

    /** However somebody has set the numbers out, they are read where they stand; so is what stands in front of an answer. */
    @ParameterizedTest
    @EnumSource(value = MethodName.class, names = {"COLUMN", "DECOMPOSITION", "EQUAL_ADDITIONS"})
    void numbersSetOutOtherwiseAreReadWhereTheyStand(MethodName name) {
        RandomGenerator random = RandomNumbers.seeded(7000 + name.ordinal());
        int otherwise = 0;
        for (int i = 0; i < PROBLEMS / 2; i++) {
            Problem problem = EveryMethodTest.problem(name.operation(), random, 5);
            // 05 may be a turned 50 or one moved to the right, where it has decimals to stand above.
            if (!problem.operands().stream().allMatch(Numeral::isWhole)) {
                continue;
            }
            for (KnownSlip slip : Slips.of(problem, name)) {
                Written written;
                try {
                    written = Written.by(slip.slip().over(Hand.CAREFUL), problem, Methods.of(name), HouseStyle.USUAL);
                } catch (Stuck noWayOn) {
                    continue;
                }
                Reading paper = paperOf(written);
                for (Decision<?> decision : written.decisions()) {
                    if (READ_BACK.contains(decision.asked().getClass().getSimpleName())
                            && !decision.decided().equals(0)) {
                        assertThat(decision.asked().read(paper)).as(name + " " + problem.text() + " " + slip.id())
                                .satisfies(read -> assertThat(String.valueOf(read))
                                        .isEqualTo(String.valueOf(decision.decided())));
                        otherwise += decision.decided().equals(decision.asked().careful()) ? 0 : 1;
                    }
                }
            }
        }
        assertThat(otherwise).as("set out otherwise").isPositive();
    }
}
