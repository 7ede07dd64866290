package bemble.core.subtraction.exchange;

import bemble.core.hand.WorkRecord;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.words.Words;
import java.util.List;

/**
 * A subtraction by exchange: its columns right to left, its exchanges in time. Where the last two columns were taken together there
 * is one column for both, and its exchange is one that nobody wrote.
 */
public record DecompositionRecord(List<SubtractedColumn> columns, List<Exchange> exchanges) implements WorkRecord {
    public DecompositionRecord {
        columns = List.copyOf(columns);
        exchanges = List.copyOf(exchanges);
    }

    @Override
    public String inShort(Words words) {
        List<String> from = exchanges.stream().map(exchange -> "1 " + words.one(exchange.from())).toList();
        return from.isEmpty() ? "no " + words.exchange() : words.exchange() + " " + String.join(", ", from);
    }
}
