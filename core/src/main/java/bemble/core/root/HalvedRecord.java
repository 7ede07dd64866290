package bemble.core.root;

import bemble.core.hand.Decision;
import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.ArrayList;
import java.util.List;

/** A number halved from the left, by a hand that takes that for its root. */
public record HalvedRecord(List<HalvedColumn> columns) implements WorkRecord {
    /**
     * One column.
     *
     * @param place its power of ten
     * @param number what is halved there, with what was left of the column before
     */
    public record HalvedColumn(int place, int number, int half) {}

    public HalvedRecord {
        columns = List.copyOf(columns);
    }

    static HalvedRecord of(List<Decision<?>> decisions) {
        List<HalvedColumn> columns = new ArrayList<>();
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof HalfDigit asked) {
                columns.add(new HalvedColumn(asked.place(), asked.number(), (Integer) decision.decided()));
            }
        }
        return new HalvedRecord(columns);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("halved", columns.stream().map(column -> Integer.toString(column.number())).toList());
    }
}
