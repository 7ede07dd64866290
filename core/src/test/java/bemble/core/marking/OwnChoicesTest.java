package bemble.core.marking;

import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.FreeQuestion;
import bemble.core.hand.Hand;
import bemble.core.hand.Question;
import bemble.core.hand.Written;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import java.math.BigInteger;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where the writer is free, every choice is right that meets the condition; what follows from it is held to be right or wrong. */
class OwnChoicesTest {
    private static final int PAPERS = Trials.of(60) / 2;

    /** A careful hand that chooses as it is told, else by chance. */
    private record Chooser(Deque<String> told, RandomGenerator random) implements Hand {
        @Override
        @SuppressWarnings("unchecked")
        public <A> A decide(Question<A> question) {
            A careful = CAREFUL.decide(question);
            if (question instanceof FreeQuestion<A> free) {
                for (int i = 0; i < 20; i++) {
                    A other = (A) choice(careful, told.isEmpty() ? null : told.peek());
                    if (free.allows(other)) {
                        told.poll();
                        return other;
                    }
                }
            }
            return careful;
        }

        private Object choice(Object careful, String say) {
            if (careful instanceof List<?> parts) {
                return say != null ? Arrays.stream(say.split("\\+")).map(BigInteger::new).toList()
                        : parts(parts.stream().map(BigInteger.class::cast).reduce(BigInteger.ZERO, BigInteger::add));
            }
            if (careful instanceof BigInteger chunk) {
                return say != null ? new BigInteger(say)
                        : chunk.multiply(BigInteger.valueOf(1 + random.nextInt(9))).divide(BigInteger.valueOf(4))
                                .add(BigInteger.valueOf(random.nextInt(3)));
            }
            Numeral stop = (Numeral) careful;
            return say != null ? Numeral.of(say)
                    : Numeral.ofDigits(stop.wholeValue().add(BigInteger.valueOf(random.nextInt(400) - 20)).max(
                            BigInteger.ONE).toString(), stop.decimals());
        }

        private List<BigInteger> parts(BigInteger whole) {
            List<BigInteger> parts = new ArrayList<>();
            BigInteger left = whole;
            for (int more = random.nextInt(4); more > 0 && left.compareTo(BigInteger.ONE) > 0; more--) {
                BigInteger part = left.multiply(BigInteger.valueOf(1 + random.nextInt(9))).divide(BigInteger.TEN)
                        .max(BigInteger.ONE);
                parts.add(part);
                left = left.subtract(part);
            }
            parts.add(left);
            return parts;
        }

        @Override
        public <A> boolean writes(Question<A> question, A answer) {
            return CAREFUL.writes(question, answer);
        }
    }

    private static Written written(Problem problem, MethodName method, RandomGenerator random, String... choices) {
        return Written.by(new Chooser(new ArrayDeque<>(Arrays.asList(choices)), random), problem, Methods.of(method),
                HouseStyle.USUAL);
    }

    /** The parts of a box are the writer's own where the box is. */
    private static Marked mark(Problem problem, MethodName method, List<PaperFigure> paper) {
        boolean settingOut = paper.stream().anyMatch(figure -> figure.block().isFirst(BlockName.Kind.BOX)
                && figure.line().equals(Line.named("edge")));
        return Marking.mark(problem, method.id(), HouseStyle.USUAL,
                new PaperToMark(paper, settingOut, false, false, null));
    }

    private static void assertRight(Written written, MethodName house, List<PaperFigure> paper) {
        Marked marked = mark(written.problem(), house, paper);
        String what = written.problem().text() + " " + paper.stream()
                .map(figure -> figure.line().id() + ":" + figure.place() + "=" + figure.text()).toList() + "\n"
                + marked.figures().stream().filter(figure -> figure.verdict() != Verdict.RIGHT).toList();
        assertThat(marked.verdict()).as(what).isEqualTo(PaperVerdict.RIGHT);
        assertThat(marked.slips()).as(what).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"738 ÷ 6, PARTIAL_QUOTIENTS, 100 20 3", "738 ÷ 6, PARTIAL_QUOTIENTS, 120 3",
        "738 ÷ 6, PARTIAL_QUOTIENTS, 100 10 10 3", "738 ÷ 6, PARTIAL_QUOTIENTS, 123",
        "738 ÷ 6, PARTIAL_QUOTIENTS, 3 20 100", "62 − 48, COUNTING_UP, 50 62", "62 − 48, COUNTING_UP, 62",
        "403 − 128, COUNTING_UP, 200 403", "403 − 128, COUNTING_UP, 328 400 403", "46 × 23, AREA, 20+20+6 20+3",
        "46 × 23, AREA, 40+6 10+10+3", "46 × 23, AREA, 6+40 3+20", "46 × 23, AREA, 46 20+3", "46 × 8, AREA, 20+20+6 8",
        "386 × 27, AREA, 300+86 25+2"})
    void asTheWriterChose(String text, MethodName method, String choices) {
        Problem problem = ProblemText.kept(text);
        Written written = written(problem, method, RandomNumbers.seeded(40), choices.split(" "));
        List<PaperFigure> paper = MarkingTest.paperOf(written, method == MethodName.AREA, true);
        assertRight(written, method, paper);
        MethodName usual = Methods.usual(problem).name();
        assertRight(written, usual, paper);
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, names = {"PARTIAL_QUOTIENTS", "COUNTING_UP", "AREA"})
    void whateverIsChosenIsRightAndNoWrongAnswerIs(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(40_100 + method.ordinal());
        for (int i = 0; i < PAPERS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            Written written = written(problem, method, random);
            List<PaperFigure> paper =
                    MarkingTest.paperOf(written, method == MethodName.AREA, random.nextBoolean());
            assertRight(written, method, paper);
            if (method != MethodName.AREA) {
                // The stops at the line need not be written.
                assertRight(written, method,
                        paper.stream().filter(figure -> figure.kind() == MarkKind.DIGIT).toList());
            }
            List<PaperFigure> answer = paper.stream().filter(figure -> figure.anchor() == Anchor.MIDDLE
                    && figure.line().equals(written.answerStands().line())
                    && figure.block().equals(written.answerStands().block().name())).toList();
            // A number in one square is the last of its line: the total behind a lone row of a box.
            PaperFigure changed = answer.get(answer.get(0).kind() == MarkKind.DIGIT ? random.nextInt(answer.size())
                    : answer.size() - 1);
            List<PaperFigure> wrong = new ArrayList<>(paper);
            wrong.set(paper.indexOf(changed), new PaperFigure(changed.block(), changed.line(), changed.place(),
                    changed.anchor(), changed.kind(),
                    changed.text().substring(0, changed.text().length() - 1)
                            + (Character.digit(changed.text().charAt(changed.text().length() - 1), 10) + 1
                                    + random.nextInt(8)) % 10));
            Marked marked = mark(problem, method, wrong);
            assertThat(marked.verdict()).as(problem.text() + wrong).isEqualTo(PaperVerdict.WRONG);
            assertThat(marked.first()).isNotNull();
        }
    }

    /** 738 ÷ 6 in 100 and 20 and 3, where 20 sixes are taken for 102: the break is there and nowhere before. */
    @Test
    void whatFollowsFromAChoiceIsHeldToIt() {
        Problem problem = ProblemText.kept("738 ÷ 6");
        Written written = written(problem, MethodName.PARTIAL_QUOTIENTS, RandomNumbers.seeded(41), "100", "20", "3");
        List<PaperFigure> paper = MarkingTest.paperOf(written, false, true).stream()
                .map(figure -> !figure.block().isFirst(BlockName.Kind.CHUNKS)
                        && figure.line().equals(Line.named("product-3")) && figure.place() == 1
                                ? new PaperFigure(figure.block(), figure.line(), 1, figure.anchor(), figure.kind(), "0")
                                : figure)
                .toList();
        Marked marked = mark(problem, MethodName.PARTIAL_QUOTIENTS, paper);
        assertThat(marked.verdict()).isEqualTo(PaperVerdict.WRONG);
        assertThat(marked.first().at().line()).isEqualTo(Line.named("product-3"));
    }
}
