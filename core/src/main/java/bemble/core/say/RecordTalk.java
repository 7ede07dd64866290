package bemble.core.say;

import bemble.core.record.AddedColumn;
import bemble.core.record.ColumnRecord;
import bemble.core.record.WorkRecord;
import bemble.core.style.HouseStyle;
import java.util.List;

/** Sums a record up in a few words, as a log lists it. */
public final class RecordTalk {
    private final Words words;

    public RecordTalk(HouseStyle style) {
        this.words = new Words(style);
    }

    /** The carries of a working in a line, such as {@code carried 1 ten, 1 hundred}. */
    public String inShort(WorkRecord record) {
        if (record instanceof ColumnRecord column) {
            return carries(column.columns());
        }
        throw new IllegalArgumentException("no words for " + record);
    }

    private String carries(List<AddedColumn> columns) {
        List<String> carries = columns.stream().limit(columns.size() - 1L).filter(column -> column.carryOut() > 0)
                .map(column -> words.count(column.carryOut(), column.place() + 1)).toList();
        return carries.isEmpty() ? "nothing " + words.carried() : words.carried() + " " + String.join(", ", carries);
    }
}
