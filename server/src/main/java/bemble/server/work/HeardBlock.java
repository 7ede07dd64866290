package bemble.server.work;

import bemble.core.sheet.Sheet;
import bemble.core.sheet.SheetMark;
import bemble.core.words.LineNames;
import bemble.core.words.Words;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import jakarta.validation.constraints.NotNull;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The names in a block whose places are columns.
 *
 * @param places from the left
 * @param lines in the order in which they are first written in
 */
public record HeardBlock(@NotNull String block, @NotNull List<HeardPlace> places, @NotNull List<HeardLine> lines) {
    private static final Set<BlockName.Kind> COLUMNS =
            Set.of(BlockName.Kind.SUM, BlockName.Kind.PRODUCT, BlockName.Kind.QUOTIENT);

    /** A place with its name, such as tens. */
    public record HeardPlace(@NotNull int place, @NotNull String name) {}

    /** A line with its name, such as row 2. */
    public record HeardLine(@NotNull String line, @NotNull String name) {}

    static List<HeardBlock> of(Sheet sheet, Words words) {
        Map<BlockName, Map<Integer, String>> places = new LinkedHashMap<>();
        Map<BlockName, Map<Line, String>> lines = new LinkedHashMap<>();
        for (SheetMark mark : sheet.marks()) {
            if (mark.kind() == MarkKind.DIGIT && COLUMNS.stream().anyMatch(mark.block()::is)) {
                places.computeIfAbsent(mark.block(), any -> new TreeMap<>(Comparator.reverseOrder()))
                        .computeIfAbsent(mark.place(), words::places);
                lines.computeIfAbsent(mark.block(), any -> new LinkedHashMap<>())
                        .computeIfAbsent(mark.line(), line -> LineNames.ofLine(mark.block(), line));
            }
        }
        return lines.entrySet().stream().map(each -> new HeardBlock(each.getKey().id(),
                places.getOrDefault(each.getKey(), Map.of()).entrySet().stream()
                        .map(place -> new HeardPlace(place.getKey(), place.getValue())).toList(),
                each.getValue().entrySet().stream().map(line -> new HeardLine(line.getKey().id(), line.getValue()))
                        .toList()))
                .toList();
    }
}
