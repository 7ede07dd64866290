package bemble.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a column's total is said where it grows number by number. */
class ColumnTotalsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", value = {
        "147 + 285 + 63 | -                                       | Ones: 7 … 12 … 15 ones.",
        "147 + 285 + 63 | -                                       | Tens: 1 carried … 5 … 13 … 19 tens.",
        "147 + 285 + 63 | carryOrder=last                         | Tens: 4 … 12 … 18, and 1 carried: 19 tens.",
        "147 + 285 + 63 | columnOrder=bottom-up                   | Ones: 3 … 8 … 15 ones.",
        "147 + 285 + 63 | columnOrder=ten-first                   | Ones: 7 … 10 … 15 ones.",
        "67 + 96        | columnOrder=ten-first                   | Tens: 1 carried … 10 … 16 tens.",
        "67 + 96        | columnOrder=ten-first, carryOrder=last  | Tens: 9, and 1 carried: 10 … 16 tens.",
        "307 + 208      | -                                       | Tens: 1 ten carried, 0 tens and 0 tens are 1 ten.",
        "34 × 27        | -                                       | Tens: 3 … 11 tens."})
    void aTotalGrowsInTheOrderInWhichTheColumnIsAdded(String problem, String choice, String said) {
        Map<String, String> ids = new HashMap<>(Map.of("columnTotals", "running"));
        if (choice != null) {
            Stream.of(choice.split(", ")).map(each -> each.split("=")).forEach(each -> ids.put(each[0], each[1]));
        }
        List<String> all = Worked.from(new WorkOrder(ProblemText.kept(problem), null, HouseStyle.USUAL.with(ids), null))
                .working().steps().stream().map(step -> step.spoken().say()).toList();
        assertThat(all).anyMatch(each -> each.startsWith(said) || each.contains(said));
    }
}
