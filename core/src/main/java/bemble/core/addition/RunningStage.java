package bemble.core.addition;

import bemble.core.stack.adding.AddedColumn;
import java.util.List;

/**
 * One of the sums of an addition two at a time.
 *
 * @param addends the two numbers, top to bottom
 */
public record RunningStage(List<String> addends, String sum, List<AddedColumn> columns) {
    public RunningStage {
        addends = List.copyOf(addends);
        columns = List.copyOf(columns);
    }
}
