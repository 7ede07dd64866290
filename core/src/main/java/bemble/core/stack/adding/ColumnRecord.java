package bemble.core.stack.adding;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** An addition column by column, right to left. */
public record ColumnRecord(List<AddedColumn> columns) implements WorkRecord {
    public ColumnRecord {
        columns = List.copyOf(columns);
    }

    @Override
    public String inShort(Words words) {
        List<String> carries =
                columns.stream().limit(Math.max(0, columns.size() - 1L)).filter(column -> column.carryOut() > 0)
                        .map(column -> words.count(column.carryOut(), column.place() + 1)).toList();
        return carries.isEmpty() ? "nothing " + words.carried() : words.carried() + " " + String.join(", ", carries);
    }
}
