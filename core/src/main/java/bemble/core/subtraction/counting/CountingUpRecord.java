package bemble.core.subtraction.counting;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** A subtraction by counting up; the sizes of the jumps add up to the answer. */
public record CountingUpRecord(List<Jump> jumps) implements WorkRecord {
    public CountingUpRecord {
        jumps = List.copyOf(jumps);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("jumps", jumps.stream().map(Jump::size).toList());
    }
}
