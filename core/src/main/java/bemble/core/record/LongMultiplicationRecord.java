package bemble.core.record;

import java.util.List;

/**
 * A long multiplication: its rows from the ones up, and their addition.
 *
 * @param sum the addition of the rows that are not 0, or null where there are fewer than two
 */
public record LongMultiplicationRecord(String top, String bottom, List<ProductRow> rows,
                                       ColumnRecord sum) implements WorkRecord {
    public LongMultiplicationRecord {
        rows = List.copyOf(rows);
    }
}
