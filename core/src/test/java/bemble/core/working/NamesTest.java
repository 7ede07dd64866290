package bemble.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.Trials;
import bemble.core.method.EveryMethodTest;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.style.CheckKind;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What lines and blocks are called, as values and as text that comes back from a browser or a file. */
class NamesTest {
    private static final int PROBLEMS = Trials.of(40);

    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void whateverIsWrittenComesBackAsItWas(MethodName method) {
        RandomGenerator random = RandomNumbers.seeded(2_300L + method.ordinal());
        List<CheckKind> kinds = CheckKind.of(method.operation());
        for (int i = 0; i < PROBLEMS; i++) {
            Problem problem = EveryMethodTest.problem(method.operation(), random, 6);
            CheckKind kind = kinds.get(random.nextInt(kinds.size()));
            boolean zeros = problem.operands().stream().anyMatch(Numeral::isZero);
            Working working = Worked.from(new WorkOrder(problem, method.id(), RandomStyles.next(random),
                    zeros ? null : kind.id())).working();
            for (Block block : working.blocks()) {
                BlockName back = BlockName.named(block.name().id());
                assertThat(back).isEqualTo(block.name());
                assertThat(back.part()).isEqualTo(block.name().part());
                assertThat(back.kind()).isEqualTo(block.name().kind()).isNotEqualTo(BlockName.Kind.OTHER);
                assertThat(back.number()).isEqualTo(block.name().number());
                for (Line line : block.lines()) {
                    Line read = Line.named(line.id());
                    assertThat(read).isEqualTo(line);
                    assertThat(read.kind()).isEqualTo(line.kind()).isNotEqualTo(Line.Kind.OTHER);
                    assertThat(read.number()).isEqualTo(line.number());
                }
            }
            assertThat(working.blocks().stream().map(Block::name)).doesNotHaveDuplicates();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "addend", "addend-", "addend-01", "addend--1", "addend-1234567", "answer-1", "Answer",
        "over", "other", "at all"})
    void whatNoMethodWritesInKeepsItsName(String name) {
        Line line = Line.named(name);
        assertThat(line.kind()).isEqualTo(Line.Kind.OTHER);
        assertThat(line.id()).isEqualTo(name);
        assertThat(line).isEqualTo(Line.named(name)).isNotEqualTo(Line.ANSWER);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "check.", "Sum", "sum-", "sum-0", "check.check.sum", "nowhere", "check.nowhere-2"})
    void whatNoMethodSetsOutKeepsItsName(String name) {
        BlockName block = BlockName.named(name);
        assertThat(block.kind()).isEqualTo(BlockName.Kind.OTHER);
        assertThat(block.id()).isEqualTo(name);
        assertThat(block).isEqualTo(BlockName.named(name)).isNotEqualTo(BlockName.named("sum"));
    }

    @Test
    void whichOfSeveralIsSaidWhereThereAreSeveral() {
        assertThat(Line.addend(200).id()).isEqualTo("addend-200");
        assertThat(Line.addend(200)).isEqualTo(Line.named("addend-200"));
        assertThatIllegalArgumentException().isThrownBy(() -> Line.of(Line.Kind.ADDEND));
        assertThatIllegalArgumentException().isThrownBy(() -> Line.of(Line.Kind.ANSWER, 1));
        BlockName second = BlockName.named("check.sum-2");
        assertThat(second).isEqualTo(BlockName.of(Part.CHECK, BlockName.Kind.SUM, 2));
        assertThat(second.isFirst(BlockName.Kind.SUM)).isFalse();
        assertThat(BlockName.named("check.sum").isFirst(BlockName.Kind.SUM)).isFalse();
        assertThat(BlockName.named("sum").isFirst(BlockName.Kind.SUM)).isTrue();
    }
}
