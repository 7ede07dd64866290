package bemble.core.fact;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.fact.FactKnown.State;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FactKnownTest {
    /** A tick is a right one, a number is what was said. */
    @ParameterizedTest
    @CsvSource(nullValues = "-", delimiter = ';', value = {
        "''; NOT_MET; -", "✓ ✓; SELDOM; -", "✓ ✓ ✓; KNOWN; -", "54; SHAKY; -", "54 48; SHAKY; -", "54 54; WRONG; 54",
        "✓ ✓ 54 54 54; WRONG; 54", "✓ ✓ ✓ ✓ 54 54; SHAKY; -", "54 54 ✓ ✓ ✓; SHAKY; -", "54 54 ✓ ✓ ✓ ✓ ✓ ✓; KNOWN; -",
    })
    void isSaidFromTheLastTimes(String times, State state, String said) {
        FactKnown known = FactKnown.of(uses(times));
        assertThat(known.state()).isEqualTo(state);
        assertThat(known.said()).isEqualTo(said);
    }

    private static List<FactUse> uses(String times) {
        return times.isEmpty() ? List.of()
                : Arrays.stream(times.split(" ")).map(each -> each.equals("✓") ? FactUse.RIGHT : new FactUse(each))
                        .toList();
    }

    @Test
    void aFactStandsInItsSquare() {
        assertThat(TableFact.named("7x8")).contains(new TableFact(TableFact.Table.TIMES, 7, 8));
        assertThat(TableFact.named("8+5+1")).contains(new TableFact(TableFact.Table.PLUS, 5, 8));
        assertThat(TableFact.named("9+1")).contains(new TableFact(TableFact.Table.PLUS, 1, 9));
        assertThat(TableFact.named("13-6")).contains(new TableFact(TableFact.Table.MINUS, 6, 7));
        assertThat(List.of("45+6", "8+5+3", "13x7", "5-0", "4-4", "3-7", "0x7", "")).allSatisfy(
                name -> assertThat(TableFact.named(name)).isEmpty());
    }

    @Test
    void eachSquareIsTheFactOfItsName() {
        for (TableFact.Table table : TableFact.Table.values()) {
            for (int one = 1; one <= TableFact.MOST; one++) {
                for (int other = 1; other <= TableFact.MOST; other++) {
                    TableFact fact = new TableFact(table, one, other);
                    assertThat(TableFact.named(fact.name()))
                            .hasValueSatisfying(named -> assertThat(List.of(fact, fact.turned())).contains(named));
                }
            }
        }
    }
}
