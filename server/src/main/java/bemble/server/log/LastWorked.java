package bemble.server.log;

import bemble.core.problem.Problem;
import bemble.server.ids.TeacherId;
import bemble.server.log.entry.LogMapper;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The problem that a teacher worked last. */
@Component
public class LastWorked {
    private final LogMapper log;

    LastWorked(LogMapper log) {
        this.log = log;
    }

    /** A problem with its answer. */
    public record Worked(Problem problem, String answer, String label) {}

    public Optional<Worked> of(TeacherId teacherId) {
        return log.lastWorked(teacherId).map(entry -> new Worked(entry.problem(), entry.answer(), entry.label()));
    }
}
