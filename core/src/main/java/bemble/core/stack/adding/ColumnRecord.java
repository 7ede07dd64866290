package bemble.core.stack.adding;

import bemble.core.hand.Decision;
import bemble.core.hand.WorkRecord;
import bemble.core.stack.Digit;
import bemble.core.words.Words;
import java.util.ArrayList;
import java.util.List;

/** An addition column by column; by a careful hand from right to left. */
public record ColumnRecord(List<AddedColumn> columns) implements WorkRecord {
    public ColumnRecord {
        columns = List.copyOf(columns);
    }

    /** The columns in the order of writing, read off what was decided. */
    public static ColumnRecord of(List<Decision<?>> decisions) {
        List<AddedColumn> columns = new ArrayList<>();
        Total total = null;
        int worked = 0;
        int digit = 0;
        int out = 0;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof Total next) {
                if (total != null) {
                    columns.add(new AddedColumn(total.place(), total.digits(), total.carryIn(), worked, digit, out));
                }
                total = next;
                worked = (Integer) decision.decided();
                out = 0;
            } else if (decision.asked() instanceof Digit || decision.asked() instanceof WholeAtTheEnd) {
                digit = (Integer) decision.decided();
            } else if (decision.asked() instanceof Carry || decision.asked() instanceof InFront) {
                out = (Integer) decision.decided();
            }
        }
        if (total != null) {
            columns.add(new AddedColumn(total.place(), total.digits(), total.carryIn(), worked, digit, out));
        }
        return new ColumnRecord(columns);
    }

    @Override
    public String inShort(Words words) {
        List<String> carries =
                columns.stream().limit(Math.max(0, columns.size() - 1L)).filter(column -> column.carryOut() > 0)
                        .map(column -> words.count(column.carryOut(), column.place() + 1)).toList();
        return carries.isEmpty() ? "nothing " + words.carried() : words.carried() + " " + String.join(", ", carries);
    }
}
