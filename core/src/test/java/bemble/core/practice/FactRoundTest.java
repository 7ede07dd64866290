package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.fact.TableFact;
import bemble.core.fact.TableFact.Table;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FactRoundTest {
    @ParameterizedTest
    @EnumSource(Table.class)
    void halfOfItIsWhatIsMissedAndNothingComesTwiceRunning(Table table) {
        TableFact corner = new TableFact(table, TableFact.MOST, TableFact.MOST);
        TableFact first = new TableFact(table, 1, 7);
        for (List<TableFact> wanted : List.of(List.of(first), List.of(corner), List.of(first, corner,
                new TableFact(table, 7, 8)))) {
            List<Problem> round = FactRound.of(wanted);
            assertThat(round).hasSize(FactRound.QUESTIONS);
            Set<String> numbers = new HashSet<>();
            wanted.forEach(fact -> {
                numbers.add(fact.text());
                numbers.add(fact.turned().text());
            });
            assertThat(round.stream().filter(problem -> numbers.contains(text(table, problem))).count())
                    .isGreaterThanOrEqualTo(FactRound.QUESTIONS / 2);
            for (int i = 1; i < round.size(); i++) {
                assertThat(round.get(i)).isNotEqualTo(round.get(i - 1));
            }
        }
    }

    private static String text(Table table, Problem problem) {
        String sign = table == Table.PLUS ? " + " : table == Table.MINUS ? " − " : " × ";
        return String.join(sign, problem.operands().stream().map(Numeral::plain).toList());
    }
}
