package bemble.core.stack.adding;

import bemble.core.hand.Desk;
import bemble.core.problem.Numeral;
import java.util.List;

/**
 * A sum added column by column.
 *
 * @param from where its decisions begin at the desk
 * @param to where they end
 */
public record ColumnSum(Numeral sum, Desk desk, int from, int to) {
    /** Its columns in the order of writing, read off the decisions. */
    public List<AddedColumn> columns() {
        return ColumnRecord.of(desk.decisions(from, to)).columns();
    }
}
