package bemble.core.slip;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Writer;
import bemble.core.given.RandomNumbers;
import bemble.core.hand.Hand;
import bemble.core.hand.Stuck;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Limit;
import bemble.core.hand.slipped.Slip;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.rule.Theme;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.subtraction.SubtractionRules;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The language of rules worked out: what it can say, and that what it says is a slip like any other. */
@Tag("slow")
class RulesTest {
    private static final Path PAGE = Path.of("..", "docs", "rules.md");

    private static Optional<String> answer(Slip slip, Problem problem, MethodName method) {
        try {
            return Optional.of(Written.answerBy(slip.over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL)
                    .answer().text());
        } catch (Stuck stuck) {
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @EnumSource(value = MethodName.class, names = {"COLUMN", "DECOMPOSITION", "EQUAL_ADDITIONS", "LONG_MULTIPLICATION",
        "LONG_DIVISION",
        "SHORT_DIVISION", "DOUBLED_ROOT"})
    void everyRuleIsFoundByItsTextHasASentenceAndIsMarkedWhereItBreaks(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(16_000 + method.ordinal());
        Set<String> sentences = new HashSet<>();
        for (KnownSlip rule : Rules.of(method)) {
            assertThat(Slips.find(rule.id(), method.operation())).as(rule.id()).contains(rule);
            assertThat(rule.id()).startsWith("rule:").hasSizeLessThanOrEqualTo(60);
            assertThat(sentences.add(rule.label())).as("told apart in words: " + rule.label()).isTrue();
            for (int i = 0, shown = 0; i < 400 && shown < 2; i++) {
                Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
                String right = answer(base -> base, problem, method).orElseThrow();
                Optional<String> other = answer(rule.slip(), problem, method).filter(text -> !text.equals(right));
                if (other.isPresent()) {
                    shown++;
                    Written written =
                            Written.by(rule.slip().over(Hand.CAREFUL), problem, Methods.of(method), HouseStyle.USUAL);
                    assertThat(written.isBroken()).as(rule.id()).isTrue();
                    assertThat(written.working().marks()).as(rule.id() + " " + problem.text())
                            .anyMatch(mark -> mark.isBroken());
                    assertThat(Slipped.find(rule.id(), problem, Methods.of(method), HouseStyle.USUAL)).as(rule.id())
                            .isPresent();
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"604 − 381, rule:column=lower@upper-0, 383", "487 + 96, rule:total=no-carry@last, 483",
        "604 × 37, rule:product=one@zero, 22458",
        "487 + 296, rule:carry-forgotten@last, 683", "487 + 296, rule:carry-forgotten@first, 773",
        "7506 ÷ 25, rule:remainder=one-more, 300 r 7"})
    void aRuleDoesWhatItsTextSays(String text, String rule, String expected) {
        Problem problem = ProblemText.kept(text);
        Slip slip = Slips.find(rule, problem.operation()).orElseThrow().slip();
        assertThat(
                answer(slip, problem, MethodName.of(problem.operation()).get(0)).map(given -> given.replace(",", "")))
                        .contains(expected);
    }

    @Test
    void whatIsNoRuleIsNone() {
        for (String text : List.of("rule:", "rule:difference", "rule:difference=nonsense",
                "rule:carry-forgotten@nowhere", "rule:nothing@last",
                "rule:@last", "rule:digits-turned@first")) {
            for (Operation operation : Operation.values()) {
                assertThat(Slips.find(text, operation)).as(text).isEmpty();
            }
        }
    }

    /** A child with a rule that is on no list: what is worked out predicts the child on questions nobody has asked yet. */
    @ParameterizedTest
    @CsvSource({"DECOMPOSITION, rule:column=nine@upper-0", "DECOMPOSITION, rule:difference=one-more@equal",
        "COLUMN, rule:carry=none@over-fifteen",
        "LONG_MULTIPLICATION, rule:with-carry=away", "LONG_DIVISION, rule:remainder=one-more",
        "COLUMN, rule:answer=first-lost", "DECOMPOSITION, rule:read=3-as-8",
        "LONG_MULTIPLICATION, rule:row-split=tens-only"})
    void aRuleIsWorkedOutFromTenAnswersAndPredictsTheNext(MethodName method, String rule) {
        RandomGenerator random = RandomNumbers.seeded(rule.hashCode());
        Slip child = Slips.find(rule, method.operation()).orElseThrow().slip();
        List<Item> items = new ArrayList<>();
        int wrong = 0;
        while (items.size() < 10 || wrong < 4) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            String right = answer(base -> base, problem, method).orElseThrow();
            String given = answer(child, problem, method).orElse(right);
            boolean shows = !given.equals(right);
            if (shows || items.size() - wrong < 6) {
                wrong += shows ? 1 : 0;
                items.add(new Item(Answers.of(problem, method.id()), given));
            }
        }
        Writer writer = Writer.of(items, Punctuation.POINT);
        assertThat(writer.causes()).as(rule + writer.say()).isNotEmpty();
        Cause cause = writer.causes().get(0);
        KnownSlip found = Slips.find(cause.slip(), method.operation()).orElseThrow();
        int shown = 0;
        int same = 0;
        for (int i = 0; i < 2000 && shown < 30; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 4);
            String right = answer(base -> base, problem, method).orElseThrow();
            String given = answer(child, problem, method).orElse(right);
            if (!given.equals(right)) {
                shown++;
                same += answer(found.slip(), problem, method).orElse(right).equals(given) ? 1 : 0;
            }
        }
        assertThat(same).as(rule + " taken for " + cause.slip()).isGreaterThanOrEqualTo(shown * 4 / 5);
    }

    @Test
    void fromOneAnswerNoRuleIsWorkedOut() {
        Problem problem = ProblemText.kept("5002 − 1347");
        Writer writer = Writer.of(List.of(new Item(Answers.of(problem, null), "4999")), Punctuation.POINT);
        assertThat(writer.causes()).noneMatch(cause -> Rules.isRule(cause.slip()));
    }

    /** Whoever judges asks for the same hypotheses: marking keeps no list of slips of its own. */
    @Test
    void thereIsOneCatalogue() {
        ArchRuleDefinition.noClasses().that().resideInAPackage("bemble.core.marking..").should().dependOnClassesThat()
                .haveFullyQualifiedName("bemble.core.slip.Slips").check(new ClassFileImporter()
                        .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("bemble.core"));
    }

    @Test
    void thePageOfRulesSaysWhatTheCodeSays() throws IOException {
        StringBuilder page = new StringBuilder(INTRODUCTION);
        for (Operation operation : Operation.values()) {
            page.append("\n## ").append(operation.title()).append("\n");
            for (Theme<?> theme : Rules.themes()) {
                if (theme.methods().iterator().next().operation() == operation) {
                    page.append("\n**").append(theme.id()).append("** becomes ");
                    page.append(String.join("; ",
                            theme.turns().stream().map(turn -> "`" + turn.id() + "` (" + turn.words() + ")").toList()));
                    page.append(
                            ". When: ").append(
                                    String.join("; ",
                                            theme.guards().stream().map(guard -> guard.id().isEmpty() ? "always"
                                                    : "`" + guard.id() + "` (" + guard.words() + ")").toList()))
                            .append(".\n");
                }
            }
        }
        page.append("\n## Limits of listed slips\n\n");
        for (Limit limit : Limit.values()) {
            page.append("- `@").append(limit.id()).append("`").append(limit.words()).append("\n");
        }
        Files.createDirectories(Path.of("target"));
        Files.writeString(Path.of("target", "rules.md"), page);
        assertThat(Files.exists(PAGE) ? Files.readString(PAGE) : "").isEqualTo(page.toString());
        assertThat(SubtractionRules.ALL).as("a room owns its words").isNotEmpty();
    }

    private static final String INTRODUCTION =
            """
                    # Rules worked out

                    Made from the code: copy `core/target/rules.md` here when `RulesTest` says that it is stale.

                    A child may have a habit that is on no list. From several answers together, two wrong ones at the least, Bemble tries whether
                    a small rule explains them. A rule is a text, and takes the place of a slip's name wherever one goes: on the board, in drafts
                    and in `POST /api/work`, for simulated pupils, as a cause.

                        rule:<what is decided>=<what it becomes>
                        rule:<what is decided>=<what it becomes>@<when>
                        rule:<a listed slip>@<limit>

                    `rule:column=nine@upper-0` is a hand that “writes 9 where the upper digit is 0”; its sentence is made of the words of its parts.
                    What is decided, what it may become and when is each operation's own (`AdditionRules` and its like). A rule is a hand over a hand
                    like every slip; where a column needs a ten, not getting one and writing something else belong together.

                    **Priors.** A rule that always holds is a writer's habit with 0.0006, one that holds under some circumstance with 0.0002, a listed
                    slip under a limit with a fiftieth of the slip's own (0.02 often, 0.006 sometimes, 0.0015 rare). It has to explain half of the wrong
                    answers, and pays for each that it leaves and for each right one that it would have spoilt. Rivals are always a careful writer
                    (0.55), a careless one (0.12) and a habit that is not known (0.09), which often comes to what listed hands write. Rules and slips that
                    agree on four of five questions with the same digits in another order are one cause, under the name of the listed one.

                    **A name.** A teacher may give a rule a name of her own (`POST /api/rules`). From then on it is known in the school like a rare
                    listed slip: it fits one answer already, may go together with another slip, is told on paper, and stands among the causes.

                    **What it cannot say.** Procedures that are another altogether, beyond those that are listed; another
                    operation than the one asked for; a number left out; three things at once; habits that change from page to page; what depends on how a question is worded. Then nothing that is known
                    fits, and Bemble says so.
                    """;
}
