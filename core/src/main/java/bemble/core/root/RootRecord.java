package bemble.core.root;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** A square root, stage by stage. */
public record RootRecord(List<RootStage> stages) implements WorkRecord {
    public RootRecord {
        stages = List.copyOf(stages);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("left", stages.stream().map(RootStage::difference).toList());
    }
}
