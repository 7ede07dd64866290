package bemble.core.print;

import bemble.core.order.Worked;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import java.util.ArrayList;
import java.util.List;

/** A working as a picture of its own size, for a worksheet that is made elsewhere. */
public final class WorkedPicture {
    private static final double SIDE = 8;
    private static final double MARGIN = 1;

    private WorkedPicture() {}

    /**
     * The paper as it stands after a step, squares and all.
     *
     * @param step from 1; what comes after it is left out
     */
    public static Page of(Worked worked, int step) {
        Panel panel = SheetView.after(worked, step).draw(SIDE);
        List<PageInk> inks = new ArrayList<>(panel.at(MARGIN, MARGIN));
        return new Page(panel.width() + 2 * MARGIN, panel.height() + 2 * MARGIN, inks);
    }
}
