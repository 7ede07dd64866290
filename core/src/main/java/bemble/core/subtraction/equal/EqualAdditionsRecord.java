package bemble.core.subtraction.equal;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** A subtraction by equal additions, right to left. */
public record EqualAdditionsRecord(List<PaidColumn> columns) implements WorkRecord {
    public EqualAdditionsRecord {
        columns = List.copyOf(columns);
    }

    @Override
    public String inShort(Words words) {
        long tens = columns.stream().filter(PaidColumn::addedTen).count();
        return tens == 0 ? "no ten added" : tens + (tens == 1 ? " ten" : " tens") + " added above and below";
    }
}
