package bemble.server.scan.folder;

import bemble.core.problem.Refusal;
import bemble.core.scan.PageCode;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.Piles;
import org.springframework.stereotype.Component;

/** Finds the pile that filled pages belong to, by the code on one of them. */
@Component
class PileOfPages {
    private final PileOfPagesMapper mapper;
    private final Piles piles;

    PileOfPages(PileOfPagesMapper mapper, Piles piles) {
        this.mapper = mapper;
        this.piles = piles;
    }

    /** A pile of a teacher's. */
    record Pile(TeacherId teacher, MarkingId marking) {}

    /**
     * The newest pile in which a class works on a sheet; where there is none yet one is begun. A page without a name goes into the newest
     * pile of its sheet.
     *
     * @throws Refusal where the sheet was not printed here, or it is not known for which class
     */
    Pile of(PageCode code) {
        TeacherId teacher = mapper.printedBy(code.sheet()).orElseThrow(() -> Refusal.of("file",
                "This is sheet " + code.sheet() + ", and no sheet of that code was printed here."));
        ClassId schoolClass = mapper.classOf(teacher, code.pupil()).orElse(null);
        return mapper.newestPile(teacher, schoolClass, code.sheet()).map(pile -> new Pile(teacher, pile))
                .orElseGet(() -> {
                    if (schoolClass == null) {
                        throw Refusal.of("file",
                                "This is sheet " + code.sheet() + " without a name, and it has no pile yet. "
                                        + "Begin the pile under Marking, and it is read.");
                    }
                    return new Pile(teacher, piles.begin(teacher, schoolClass, code.sheet(), null).id());
                });
    }
}
