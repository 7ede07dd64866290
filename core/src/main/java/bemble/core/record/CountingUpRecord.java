package bemble.core.record;

import java.util.List;

/** A subtraction by counting up; the sizes of the jumps add up to the answer. */
public record CountingUpRecord(List<Jump> jumps) implements WorkRecord {
    public CountingUpRecord {
        jumps = List.copyOf(jumps);
    }
}
