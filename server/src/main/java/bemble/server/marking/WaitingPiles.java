package bemble.server.marking;

import java.util.List;
import org.springframework.stereotype.Component;

/** Piles with papers that still wait to be marked. */
@Component
public class WaitingPiles {
    private final MarkingService markings;

    WaitingPiles(MarkingService markings) {
        this.markings = markings;
    }

    /** A pile with how many of its papers wait. */
    public record Pile(long id, String title, String className, int waiting, int papers) {}

    public List<Pile> of(long teacherId) {
        return markings.all(teacherId).stream().filter(each -> each.marked() < each.papers())
                .map(each -> new Pile(each.id(), each.title(), each.className(), each.papers() - each.marked(), each.papers())).toList();
    }
}
