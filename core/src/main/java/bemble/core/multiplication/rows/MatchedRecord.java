package bemble.core.multiplication.rows;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/**
 * A multiplication of matching columns only, as a slip has it.
 */
public record MatchedRecord(List<MultipliedColumn> columns) implements WorkRecord {
    public MatchedRecord {
        columns = List.copyOf(columns);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("products", columns.stream().map(column -> String.valueOf(column.product())).toList());
    }
}
