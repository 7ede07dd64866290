package bemble.server.sets.printed;

import bemble.core.print.ink.Page;
import bemble.server.faults.Missing;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import java.util.List;
import org.springframework.stereotype.Component;

/** Sheets for pupils by name, printed from frozen sets so that their answers are found by the code on them. */
@Component
public class NamedSheets {
    private final PrintService prints;

    NamedSheets(PrintService prints) {
        this.prints = prints;
    }

    /**
     * Freezes a set as it is now.
     *
     * @return the code on its sheets; the same where nothing was changed since
     * @throws Missing where the teacher has no such set
     */
    public String freeze(TeacherId teacherId, SetId setId) {
        return prints.freeze(teacherId, setId).code();
    }

    /** The pages of a frozen set for a pupil, with their name and what says so to a machine. */
    public List<Page> pages(TeacherId teacherId, String code, PupilId pupilId, String name) {
        return prints.named(prints.find(teacherId, code), pupilId, name);
    }
}
