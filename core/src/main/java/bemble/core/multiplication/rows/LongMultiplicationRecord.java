package bemble.core.multiplication.rows;

import bemble.core.hand.WorkRecord;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.words.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A long multiplication: its rows from the ones up, and their addition.
 *
 * @param sum the addition of the rows that are not 0, or null where there are fewer than two
 */
public record LongMultiplicationRecord(String top, String bottom, List<ProductRow> rows,
        @Nullable ColumnRecord sum) implements WorkRecord {
    public LongMultiplicationRecord {
        rows = List.copyOf(rows);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("rows", rows.stream().map(ProductRow::value).toList());
    }
}
