package bemble.core.addition;

import bemble.core.hand.WorkRecord;
import bemble.core.words.Words;
import java.util.List;

/** An addition two at a time: the first two numbers, then that sum and the next. */
public record RunningRecord(List<RunningStage> stages) implements WorkRecord {
    public RunningRecord {
        stages = List.copyOf(stages);
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("sums", stages.stream().map(RunningStage::sum).toList());
    }
}
