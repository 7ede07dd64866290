package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip.Numbers;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The page that lists the slips, made from the code. */
class SlipsPageTest {
    private static final Path PAGE = Path.of("..", "docs", "slips.md");
    private static final int TRIED = 4000;
    private static final int DRAWN = 10;
    private static final long SEED = 7;

    @Test
    void thePageOfSlipsSaysWhatTheCodeSays() throws IOException {
        StringBuilder page =
                new StringBuilder("# The slips\n\nMade from the code: copy `core/target/slips.md` here when "
                        + "`SlipsPageTest` says that it is stale. How common each is, is a guess, to be bettered by counting.\n");
        for (Operation operation : Operation.values()) {
            page.append("\n## ").append(operation.title())
                    .append("\n\n| slip | somebody … | met | example | what helps |\n|---|---|---|---|---|\n");
            Slips.ALL.stream().filter(slip -> slip.operation() == operation).forEach(slip -> page.append(line(slip)));
        }
        Files.createDirectories(Path.of("target"));
        Files.writeString(Path.of("target", "slips.md"), page);
        assertThat(Files.exists(PAGE) ? Files.readString(PAGE) : "").isEqualTo(page.toString());
    }

    private static String line(KnownSlip slip) {
        String methods = slip.methods().stream().sorted().map(MethodName::id).collect(Collectors.joining(", "));
        return "| **" + slip.name() + "**<br>`" + slip.id() + "`, " + methods + " | " + slip.label() + " | "
                + slip.met().name().toLowerCase(Locale.ROOT) + " | "
                + example(slip).orElseThrow(() -> new AssertionError(slip.id()))
                + " | " + slip.help() + " |\n";
    }

    /** A problem in which the slip changes the answer, with the right answer and the other. */
    private static Optional<String> example(KnownSlip slip) {
        MethodName method = slip.methods().stream().sorted().findFirst().orElseThrow();
        // As a class would meet it: on the first rung where it shows.
        if (slip.numbers() != Numbers.WITH_DECIMALS) {
            for (Rung rung : Ladder.of(slip.operation())) {
                for (FeaturedProblem question : new Draft(rung.wishes(), SEED).draw(DRAWN)) {
                    Optional<String> shown = shown(slip, question.problem(), method);
                    if (shown.isPresent()) {
                        return shown;
                    }
                }
            }
        }
        RandomGenerator random = RandomNumbers.seeded(slip.id().hashCode());
        for (int i = 0; i < TRIED; i++) {
            Problem problem = EveryMethodTest.problem(slip.operation(), random, 3);
            boolean whole = problem.decimals() == 0 && problem.operands().stream().allMatch(number -> number.isWhole());
            boolean fits = whole
                    ? slip.numbers() != Numbers.WITH_DECIMALS && problem.operands().stream()
                            .allMatch(number -> number.length() > 1
                                    || slip.operation() == Operation.DIVISION)
                    : slip.numbers() == Numbers.WITH_DECIMALS;
            if (fits && problem.operands().size() < 4) {
                Optional<String> shown = shown(slip, problem, method);
                if (shown.isPresent()) {
                    return shown;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<String> shown(KnownSlip slip, Problem problem, MethodName method) {
        String right = Written.answerBy(Hand.CAREFUL, problem, Methods.of(method), HouseStyle.USUAL).answer().text();
        return slip.slips(problem).stream()
                .flatMap(hand -> Slipped.answer(hand, problem, Methods.of(method), HouseStyle.USUAL).stream())
                .filter(text -> !text.equals(right)).findFirst()
                .map(other -> problem.text() + " = " + right + " → " + other);
    }
}
