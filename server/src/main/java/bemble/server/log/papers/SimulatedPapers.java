package bemble.server.log.papers;

import bemble.core.hand.Written;
import bemble.core.order.WorkOrder;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.working.Mark;
import bemble.core.writing.WritingPaper;
import bemble.server.ids.EntryId;
import bemble.server.ids.TeacherId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Papers that a simulated pupil writes into a teacher's log, figure by figure, to be looked at and replayed. */
@Component
public class SimulatedPapers {
    private static final AttemptSettings PLAIN = new AttemptSettings(false, false, false, "end", 0, null, false);
    private final AttemptService attempts;

    SimulatedPapers(AttemptService attempts) {
        this.attempts = attempts;
    }

    /**
     * Writes a paper for each working.
     *
     * @param label says who wrote them
     * @param secondsAFigure how long a figure took
     * @return the first paper's number in the log
     */
    @Transactional
    public EntryId write(TeacherId teacherId, String label, List<Written> workings, HouseStyle style,
            double secondsAFigure) {
        UUID run = UUID.randomUUID();
        EntryId first = null;
        for (int i = 0; i < workings.size(); i++) {
            Problem problem = workings.get(i).problem();
            WorkOrder order = new WorkOrder(problem, null, style, null);
            EntryId id = attempts
                    .begin(teacherId,
                            new AttemptService.ToBegin(order, PLAIN, new PaperSource(run, null, i + 1, null),
                                    label))
                    .entry().id();
            attempts.add(teacherId, id, 0,
                    figures(WritingPaper.of(order, false, false).writtenBy(workings.get(i)), secondsAFigure));
            attempts.mark(teacherId, id);
            first = first == null ? id : first;
        }
        return Objects.requireNonNull(first);
    }

    private static List<AttemptFigure> figures(List<Mark> marks, double secondsAFigure) {
        List<AttemptFigure> figures = new ArrayList<>();
        for (Mark mark : marks) {
            long at = Math.round((figures.size() + 1) * secondsAFigure * 1000);
            figures.add(new AttemptFigure(at, mark.kind().id(), mark.at().block().name().id(), mark.at().line().id(),
                    mark.at().place(), mark.anchor().id(),
                    mark.text(), false));
        }
        return figures;
    }
}
