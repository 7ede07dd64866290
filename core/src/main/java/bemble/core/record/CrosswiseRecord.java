package bemble.core.record;

import java.util.List;

/** A crosswise multiplication, right to left. */
public record CrosswiseRecord(List<CrossedColumn> columns) implements WorkRecord {
    public CrosswiseRecord {
        columns = List.copyOf(columns);
    }
}
