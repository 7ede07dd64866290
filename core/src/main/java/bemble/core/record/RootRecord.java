package bemble.core.record;

import java.util.List;

/** A square root, stage by stage. */
public record RootRecord(List<RootStage> stages) implements WorkRecord {
    public RootRecord {
        stages = List.copyOf(stages);
    }
}
