package bemble.core.multiplication.box;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/**
 * A multiplication in a box of expanded parts.
 *
 * @param across the first number expanded
 * @param down the second number expanded
 * @param cells the products, a list for each part of {@code down}
 */
public record AreaRecord(List<String> across, List<String> down, List<List<String>> cells,
        List<String> rowTotals) implements WorkRecord {
    public AreaRecord {
        across = List.copyOf(across);
        down = List.copyOf(down);
        cells = List.copyOf(cells);
        rowTotals = List.copyOf(rowTotals);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("rows", rowTotals);
    }
}
