package bemble.server.marking;

import bemble.server.ids.MarkingId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.Piles;
import java.util.List;
import org.springframework.stereotype.Component;

/** Piles with papers that still wait to be marked, and papers that wait to be judged. */
@Component
public class WaitingPiles {
    private static final int MOST = 50;
    private final Piles piles;
    private final JudgingQueue queue;

    WaitingPiles(Piles piles, JudgingQueue queue) {
        this.piles = piles;
        this.queue = queue;
    }

    /** A pile with how many of its papers wait. */
    public record Pile(MarkingId id, String title, String className, int waiting, int papers) {}

    public List<Pile> of(TeacherId teacherId) {
        return piles.waiting(teacherId, MOST).stream().map(each -> new Pile(each.id(), each.title(), each.className(),
                each.papers() - each.marked(), each.papers())).toList();
    }

    /** How many papers are marked and still to be judged behind the screens. */
    public int toBeJudged(TeacherId teacherId) {
        return queue.waiting(teacherId);
    }
}
