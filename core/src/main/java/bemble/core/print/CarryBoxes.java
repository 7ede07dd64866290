package bemble.core.print;

import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.style.carry.CarryPlace;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Small boxes that mark where carries go. */
final class CarryBoxes {
    private CarryBoxes() {}

    /** A box in every column but the ones, wherever this style has carries; whether one is needed is not given away. */
    static void draw(Worked worked, HouseStyle style, SheetInk sheet) {
        List<SheetMark> marks = worked.sheet().marks().stream()
                .filter(mark -> mark.step() <= worked.working().lastOfWork()).toList();
        List<SheetMark> given =
                marks.stream().filter(mark -> mark.role() == Role.GIVEN && mark.kind() == MarkKind.DIGIT)
                        .toList();
        Set<Integer> rows = new TreeSet<>(marks.stream().filter(mark -> mark.role() == Role.CARRY).map(SheetMark::row)
                .toList());
        int first = given.stream().mapToInt(SheetMark::row).min().orElse(0);
        boolean above = style.carryPlace() == CarryPlace.ABOVE_NEXT;
        if (above && worked.problem().operation() == Operation.ADDITION && first > 0) {
            rows.add(first - 1);
        }
        int left = given.stream().mapToInt(SheetMark::column).min().orElse(0);
        int ones = given.stream().mapToInt(SheetMark::column).max().orElse(0);
        rows.forEach(row -> {
            for (int column = left; column < ones; column++) {
                sheet.carryBox(column, row);
            }
        });
    }
}
