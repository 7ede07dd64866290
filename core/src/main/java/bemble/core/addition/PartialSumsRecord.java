package bemble.core.addition;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** An addition by partial sums, from the highest place to the lowest. */
public record PartialSumsRecord(List<PartialSum> parts) implements WorkRecord {
    public PartialSumsRecord {
        parts = List.copyOf(parts);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("parts", parts.stream().map(PartialSum::value).toList());
    }
}
