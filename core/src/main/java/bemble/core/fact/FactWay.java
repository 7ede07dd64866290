package bemble.core.fact;

import java.util.List;

/**
 * One way to reach a fact one does not know by heart.
 *
 * @param name what it is called
 * @param lines what is said or written, one after the other
 */
public record FactWay(String name, List<String> lines) {
    public FactWay {
        lines = List.copyOf(lines);
    }
}
