package bemble.server.log.papers;

import bemble.core.problem.Problem;
import bemble.server.ids.EntryId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.stereotype.Component;

/** Papers that a teacher has begun to write and not handed in. */
@Component
public class PapersBegun {
    private static final int MOST = 6;

    private final AttemptMapper attempts;

    PapersBegun(AttemptMapper attempts) {
        this.attempts = attempts;
    }

    /** A paper with what stands on it. */
    public record Begun(EntryId id, Problem problem, OffsetDateTime begunAt) {}

    /** The last of them, the newest first. */
    public List<Begun> of(TeacherId teacherId) {
        return attempts.open(teacherId, MOST).stream()
                .map(paper -> new Begun(paper.id(), paper.problem(), paper.workedAt())).toList();
    }
}
