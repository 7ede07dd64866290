package bemble.core.hand;

import bemble.core.style.HouseStyle;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;

/** The light marks between the groups of a long number that stands in columns, where the style groups its numbers. */
final class GroupMarks {
    /** The blocks whose columns are the places of the numbers in them. */
    private static final Set<BlockName.Kind> IN_PLACES =
            Set.of(BlockName.Kind.SUM, BlockName.Kind.PRODUCT, BlockName.Kind.QUOTIENT);

    private GroupMarks() {}

    /** A mark between two digits stands once both do; it takes no square. */
    static List<Mark> of(List<Mark> marks, HouseStyle style) {
        if (!style.groups()) {
            return List.of();
        }
        Map<Spot, TreeMap<Integer, Mark>> lines = new LinkedHashMap<>();
        for (Mark mark : marks) {
            BlockName.Kind block = mark.at().block().name().kind();
            boolean digit = mark.kind() == MarkKind.DIGIT && mark.size() == Size.FULL && mark.anchor() == Anchor.MIDDLE
                    && mark.until() == null;
            if (digit && mark.at().place() >= 0 && IN_PLACES.contains(block)) {
                lines.computeIfAbsent(new Spot(mark.at().block(), mark.at().line(), 0), line -> new TreeMap<>())
                        .putIfAbsent(mark.at().place(), mark);
            }
        }
        List<Mark> between = new ArrayList<>();
        lines.forEach((line, digits) -> {
            boolean isLong = digits.size() == digits.lastKey() + 1 && digits.size() >= style.groupsFrom();
            for (int place = 3; isLong && place <= digits.lastKey(); place += style.groupStep()) {
                // A long number has a digit in every place.
                int step = Math.max(Objects.requireNonNull(digits.get(place)).step(),
                        Objects.requireNonNull(digits.get(place - 1)).step());
                between.add(new Mark(step, null, MarkKind.GROUP, new Spot(line.block(), line.line(), place), null, "",
                        Role.FRAME,
                        Size.TINY, Anchor.LOW, null));
            }
        });
        return between;
    }
}
