package bemble.core.record;

import bemble.core.hand.Exchange;
import java.util.List;

/** A subtraction by exchange: its columns right to left, its exchanges in time. */
public record DecompositionRecord(List<SubtractedColumn> columns, List<Exchange> exchanges) implements WorkRecord {
    public DecompositionRecord {
        columns = List.copyOf(columns);
        exchanges = List.copyOf(exchanges);
    }
}
