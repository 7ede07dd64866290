package bemble.core.record;

import java.util.List;

/** A long division, stage by stage. */
public record DivisionRecord(List<DivisionStage> stages) implements WorkRecord {
    public DivisionRecord {
        stages = List.copyOf(stages);
    }
}
