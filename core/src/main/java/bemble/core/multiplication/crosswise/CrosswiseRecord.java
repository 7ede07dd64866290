package bemble.core.multiplication.crosswise;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/**
 * A crosswise multiplication, right to left.
 */
public record CrosswiseRecord(List<CrossedColumn> columns) implements WorkRecord {
    public CrosswiseRecord {
        columns = List.copyOf(columns);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("sums", columns.stream().map(column -> String.valueOf(column.sum())).toList());
    }
}
