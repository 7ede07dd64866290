package bemble.core.record;

import java.util.List;

/** A multiplication of matching columns only, as a slip has it. */
public record MatchedRecord(List<MultipliedColumn> columns) implements WorkRecord {
    public MatchedRecord {
        columns = List.copyOf(columns);
    }
}
