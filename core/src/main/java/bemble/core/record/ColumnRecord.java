package bemble.core.record;

import java.util.List;

/** An addition column by column, right to left. */
public record ColumnRecord(List<AddedColumn> columns) implements WorkRecord {
    public ColumnRecord {
        columns = List.copyOf(columns);
    }
}
