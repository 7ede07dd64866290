package bemble.core.multiplication.rows;

import java.util.List;

/**
 * One row of a long multiplication; the row of a 0 has no columns.
 *
 * @param digit the digit of the lower number
 * @param place the place of that digit
 * @param value what the row is worth, with its placeholder zeros
 */
public record ProductRow(int digit, int place, String value, List<MultipliedColumn> columns) {
    public ProductRow {
        columns = List.copyOf(columns);
    }
}
