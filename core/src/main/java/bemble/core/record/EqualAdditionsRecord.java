package bemble.core.record;

import java.util.List;

/** A subtraction by equal additions, right to left. */
public record EqualAdditionsRecord(List<PaidColumn> columns) implements WorkRecord {
    public EqualAdditionsRecord {
        columns = List.copyOf(columns);
    }
}
