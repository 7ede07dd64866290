package bemble.core.record;

import java.util.List;

/** An addition two at a time: the first two numbers, then that sum and the next. */
public record RunningRecord(List<RunningStage> stages) implements WorkRecord {
    public RunningRecord {
        stages = List.copyOf(stages);
    }
}
