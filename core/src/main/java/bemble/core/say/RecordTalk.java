package bemble.core.say;

import bemble.core.record.AddedColumn;
import bemble.core.record.AreaRecord;
import bemble.core.record.ColumnRecord;
import bemble.core.record.CountingUpRecord;
import bemble.core.record.CrosswiseRecord;
import bemble.core.record.DecompositionRecord;
import bemble.core.record.DivisionRecord;
import bemble.core.record.DivisionStage;
import bemble.core.record.EqualAdditionsRecord;
import bemble.core.record.Jump;
import bemble.core.record.LongMultiplicationRecord;
import bemble.core.record.MatchedRecord;
import bemble.core.record.PaidColumn;
import bemble.core.record.PartialSum;
import bemble.core.record.PartialSumsRecord;
import bemble.core.record.ProductRow;
import bemble.core.record.RootRecord;
import bemble.core.record.RootStage;
import bemble.core.record.RunningRecord;
import bemble.core.record.RunningStage;
import bemble.core.record.WorkRecord;
import bemble.core.style.HouseStyle;
import java.util.List;

/** Sums a record up in a few words, as a log lists it. */
public final class RecordTalk {
    /** More numbers than this are cut short; the whole record is in the export. */
    private static final int MOST_LISTED = 12;

    private final Words words;

    public RecordTalk(HouseStyle style) {
        this.words = new Words(style);
    }

    /** A working in a line, such as {@code carried 1 ten, 1 hundred}. */
    public String inShort(WorkRecord record) {
        if (record instanceof ColumnRecord column) {
            return carries(column.columns());
        }
        if (record instanceof RunningRecord running) {
            return listed("sums", running.stages().stream().map(RunningStage::sum).toList());
        }
        if (record instanceof PartialSumsRecord parts) {
            return listed("parts", parts.parts().stream().map(PartialSum::value).toList());
        }
        if (record instanceof DecompositionRecord exchanged) {
            return exchanges(exchanged);
        }
        if (record instanceof EqualAdditionsRecord paid) {
            long tens = paid.columns().stream().filter(PaidColumn::addedTen).count();
            return tens == 0 ? "no ten added" : tens + (tens == 1 ? " ten" : " tens") + " added and paid back";
        }
        if (record instanceof CountingUpRecord counted) {
            return listed("jumps", counted.jumps().stream().map(Jump::size).toList());
        }
        if (record instanceof LongMultiplicationRecord product) {
            return listed("rows", product.rows().stream().map(ProductRow::value).toList());
        }
        if (record instanceof AreaRecord area) {
            return listed("rows", area.rowTotals());
        }
        if (record instanceof CrosswiseRecord crossed) {
            return listed("sums", crossed.columns().stream().map(column -> String.valueOf(column.sum())).toList());
        }
        if (record instanceof MatchedRecord matched) {
            return listed("products", matched.columns().stream().map(column -> String.valueOf(column.product())).toList());
        }
        if (record instanceof DivisionRecord division) {
            return listed("left", division.stages().stream().map(DivisionStage::difference).toList());
        }
        return listed("left", ((RootRecord) record).stages().stream().map(RootStage::difference).toList());
    }

    private String listed(String what, List<String> numbers) {
        List<String> shown = numbers.size() <= MOST_LISTED ? numbers : numbers.subList(0, MOST_LISTED);
        return what + " " + String.join(", ", shown) + (shown.size() < numbers.size() ? " …" : "");
    }

    private String exchanges(DecompositionRecord record) {
        List<String> from = record.exchanges().stream().map(exchange -> "1 " + words.one(exchange.from())).toList();
        return from.isEmpty() ? "no " + words.exchange() : words.exchange() + " " + String.join(", ", from);
    }

    private String carries(List<AddedColumn> columns) {
        List<String> carries = columns.stream().limit(columns.size() - 1L).filter(column -> column.carryOut() > 0)
                .map(column -> words.count(column.carryOut(), column.place() + 1)).toList();
        return carries.isEmpty() ? "nothing " + words.carried() : words.carried() + " " + String.join(", ", carries);
    }
}
