package bemble.core.stack.adding;

import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.problem.Numeral;
import bemble.core.stack.Digit;
import java.util.ArrayList;
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
        List<AddedColumn> columns = new ArrayList<>();
        Total total = null;
        int worked = 0;
        int digit = 0;
        int out = 0;
        for (Decision<?> decision : desk.decisions(from, to)) {
            if (decision.asked() instanceof Total next) {
                if (total != null) {
                    columns.add(new AddedColumn(total.place(), total.digits(), total.carryIn(), worked, digit, out));
                }
                total = next;
                worked = (Integer) decision.decided();
                out = 0;
            } else if (decision.asked() instanceof Digit) {
                digit = (Integer) decision.decided();
            } else if (decision.asked() instanceof Carry || decision.asked() instanceof InFront) {
                out = (Integer) decision.decided();
            }
        }
        if (total != null) {
            columns.add(new AddedColumn(total.place(), total.digits(), total.carryIn(), worked, digit, out));
        }
        return columns;
    }
}
