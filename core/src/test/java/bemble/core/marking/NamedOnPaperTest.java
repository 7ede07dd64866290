package bemble.core.marking;

import bemble.core.marking.paper.PaperFigure;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.Trials;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.BlockName;
import bemble.core.working.Spot;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a slip leaves on a paper is put down to that slip: on the whole paper, and on one of which only the answer stands. */
@Tag("slow")
class NamedOnPaperTest {
    private static final int PAPERS = Trials.of(3);
    private static final int TRIED = 40;
    /** Of so few papers one more or less is luck: a share is held to by a run over more of them. */
    private static final int FEW = 20;
    private static final double OF_WHOLE_PAPERS = 0.8;
    /** Some slips of the point leave nearly the paper of another. */
    private static final double OF_PAPERS_WITH_DECIMALS = 0.5;
    /** Sometimes another slip comes to the same answer by way of other figures, and is met more often. */
    private static final double OF_ANSWERS = 0.6;

    static Stream<KnownSlip> slips() {
        // Where the point stands is not among the figures of a paper.
        return Slips.ALL.stream().filter(slip -> !slip.id().startsWith("point-"));
    }

    @ParameterizedTest
    @MethodSource("slips")
    void aSlipIsNamedOnThePaperThatItLeaves(KnownSlip slip) {
        named(slip, false, OF_WHOLE_PAPERS);
    }

    static Stream<KnownSlip> slipsWithDecimals() {
        return slips().filter(slip -> List.of(Operation.ADDITION, Operation.SUBTRACTION).contains(slip.operation()));
    }

    @ParameterizedTest
    @MethodSource("slipsWithDecimals")
    void aSlipIsNamedAmongDecimalsToo(KnownSlip slip) {
        named(slip, true, OF_PAPERS_WITH_DECIMALS);
    }

    private static void named(KnownSlip slip, boolean decimals, double share) {
        int papers = 0;
        int named = 0;
        int answers = 0;
        int namedByAnswer = 0;
        for (MethodName method : slip.methods().stream().sorted().toList()) {
            RandomGenerator random = RandomNumbers.seeded(8800 + slip.id().length());
            int here = 0;
            for (int i = 0; i < PAPERS * TRIED && here < PAPERS; i++) {
                Problem problem = EveryMethodTest.problem(slip.operation(), random, 4);
                HouseStyle style = i % 2 == 0 ? HouseStyle.USUAL : RandomStyles.next(random);
                boolean whole = problem.operands().stream().allMatch(Numeral::isWhole);
                Optional<Written> written = whole == decimals ? Optional.empty()
                        : written(slip, problem, method, style);
                if (written.isEmpty()) {
                    continue;
                }
                List<PaperFigure> paper = MarkingTest.paperOf(written.get(), MarkingTest.isGiven(written.get()), true);
                List<PaperFigure> answer = paper.stream().filter(figure -> isAnswer(figure, written.get())).toList();
                if (!canBeToldApart(paper, slip, problem, method, style)) {
                    continue;
                }
                here++;
                Marked marked = MarkingTest.mark(problem, method, style, paper, MarkingTest.isGiven(written.get()));
                if (marked.answer().verdict() != PaperVerdict.RIGHT) {
                    papers++;
                    named += isNamed(slip, marked) ? 1 : 0;
                }
                if (!answer.isEmpty() && !MarkingTest.isGiven(written.get())) {
                    Marked alone = MarkingTest.mark(problem, method, style, answer, false);
                    if (alone.answer().verdict() != PaperVerdict.RIGHT) {
                        answers++;
                        namedByAnswer += isNamed(slip, alone) ? 1 : 0;
                    }
                }
            }
        }
        assertThat(named).as("%s on %d papers", slip.id(), papers)
                .isGreaterThanOrEqualTo((int) (papers * share) - (papers < FEW ? 1 : 0));
        assertThat(namedByAnswer).as("%s by %d answers", slip.id(), answers)
                .isGreaterThanOrEqualTo((int) (answers * OF_ANSWERS));
    }

    /** What a hand with that slip writes, where that comes to another answer. */
    private static Optional<Written> written(KnownSlip slip, Problem problem, MethodName method,
            HouseStyle style) {
        if (problem.decimals() > 0 || !Slips.of(problem, method).contains(slip)) {
            return Optional.empty();
        }
        Method<?> by = Methods.of(method);
        try {
            Written written = Written.by(slip.slip().over(Hand.CAREFUL), problem, by, style);
            Written careful = Written.by(Hand.CAREFUL, problem, by, style);
            return Optional.of(written).filter(any -> !any.answer().text().equals(careful.answer().text()));
        } catch (Stuck cannotHappen) {
            return Optional.empty();
        }
    }

    private static boolean isAnswer(PaperFigure figure, Written written) {
        Spot answer = written.answerStands();
        return figure.block().isFirst(BlockName.Kind.REMAINDER) || answer != null
                && figure.block().equals(answer.block().name()) && figure.line().equals(answer.line());
    }

    /** Whether no other slip leaves the very same figures. */
    private static boolean canBeToldApart(List<PaperFigure> whole, KnownSlip slip, Problem problem, MethodName method,
            HouseStyle style) {
        Set<PaperFigure> figures = new HashSet<>(whole);
        return Slips.of(problem, method).stream().filter(other -> other != slip)
                .noneMatch(other -> written(other, problem, method, style)
                        .map(written -> new HashSet<>(MarkingTest.paperOf(written, MarkingTest.isGiven(written), true)))
                        .filter(figures::equals).isPresent());
    }

    /** What is the same whenever it comes is no more on one paper than a fact missed there. */
    private static boolean isNamed(KnownSlip slip, Marked marked) {
        return isNamed(slip.id(), marked) || slip.members() != null && isNamed(Slips.FACT_NEAR_MISS, marked);
    }

    private static boolean isNamed(String slip, Marked marked) {
        return marked.slips().stream().anyMatch(each -> each.slip().equals(slip) && each.with() == null);
    }

    @Test
    void anotherProcedureIsToldInTheWordsOfTheOneThatWasAsked() {
        assertThat(firstSaid("48 ÷ 12", "digit-by-digit")).endsWith("Share from the highest place on.");
        assertThat(firstSaid("√484", "halved")).endsWith("Each pair gives one digit of the root.");
        assertThat(firstSaid("713 − 286", "added-instead")).endsWith("The sign is −.");
        assertThat(firstSaid("664 × 37", "matching-columns-only")).doesNotContain("The sign is");
    }

    private static String firstSaid(String text, String id) {
        Problem problem = ProblemText.kept(text);
        MethodName method = Methods.usual(problem).name();
        KnownSlip slip = Slips.find(id, problem.operation()).orElseThrow();
        Written written = written(slip, problem, method, HouseStyle.USUAL).orElseThrow();
        return Objects.requireNonNull(MarkingTest.mark(problem, method, HouseStyle.USUAL,
                MarkingTest.paperOf(written, false, true), false).first())
                .say();
    }
}
