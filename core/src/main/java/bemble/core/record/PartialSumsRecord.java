package bemble.core.record;

import java.util.List;

/** An addition by partial sums, from the highest place to the lowest. */
public record PartialSumsRecord(List<PartialSum> parts) implements WorkRecord {
    public PartialSumsRecord {
        parts = List.copyOf(parts);
    }
}
