package bemble.server.marking;

import bemble.server.background.WorkQueue;
import bemble.server.background.WorkQueues;
import bemble.server.faults.Missing;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.Views.MarkedPaperView;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.PapersWait;
import bemble.server.marking.kept.UnjudgedPaper;
import bemble.server.storage.DiskFull;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Judges papers after what stands on them was kept, one after the other, so that no save waits for it. What was not judged
 * when Bemble stopped is judged when it is up again.
 */
@Component
class JudgingQueue {
    private static final Logger LOG = LoggerFactory.getLogger(JudgingQueue.class);
    /** A sheet of ten is mostly judged by then, and whoever saved it sees what fits with the same answer; of a longer one it follows. */
    private static final long PATIENCE_MILLISECONDS = 60;

    private final Judging judging;
    private final PaperJudgements judgements;
    private final MarkingMapper mapper;
    private final Map<UnjudgedPaper, CompletableFuture<MarkedPaperView>> waiting = new ConcurrentHashMap<>();
    /** The piles whose papers lately took longer than anybody waits: nobody waits for those in vain. */
    private final Set<MarkingId> slow = ConcurrentHashMap.newKeySet();
    private final WorkQueue queue;

    JudgingQueue(Judging judging, PaperJudgements judgements, MarkingMapper mapper, WorkQueues queues) {
        this.judging = judging;
        this.judgements = judgements;
        this.mapper = mapper;
        this.queue = queues
                .add(WorkQueue.Kind.of("judging", "Judges papers, and looks for what their mistakes have in common"));
    }

    @EventListener(ApplicationReadyEvent.class)
    void goOn() {
        try {
            judgements.renew();
        } catch (DiskFull later) {
            LOG.warn(
                    "No room to note which papers another version judged; they are judged anew when somebody looks at them");
        }
        takeUp();
    }

    /** What came in otherwise than by a teacher's typing. */
    @TransactionalEventListener(classes = PapersWait.class, fallbackExecution = true)
    void takeUp() {
        List<UnjudgedPaper> papers = mapper.unjudged();
        if (!papers.isEmpty()) {
            LOG.info("{} papers wait to be judged", papers.size());
        }
        papers.forEach(this::add);
    }

    /** How many papers of a teacher's piles wait. */
    int waiting(TeacherId teacherId) {
        return (int) waiting.keySet().stream().filter(paper -> paper.teacherId().equals(teacherId)).count();
    }

    /** A paper that waits already is judged once, as it is when its turn comes. */
    private CompletableFuture<MarkedPaperView> add(UnjudgedPaper paper) {
        return waiting.computeIfAbsent(paper, any -> {
            CompletableFuture<MarkedPaperView> judged = new CompletableFuture<>();
            queue.retrying(() -> judge(paper, judged));
            return judged;
        });
    }

    private void judge(UnjudgedPaper paper, CompletableFuture<MarkedPaperView> judged) {
        waiting.remove(paper);
        long begun = System.nanoTime();
        try {
            judged.complete(judging.judge(paper.teacherId(), paper.markingId(), paper.pupilId()));
            if (TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun) > PATIENCE_MILLISECONDS) {
                slow.add(paper.markingId());
            } else {
                slow.remove(paper.markingId());
            }
        } catch (Missing deleted) {
            judged.completeExceptionally(deleted);
        } catch (RuntimeException failure) {
            judged.completeExceptionally(failure);
            throw failure;
        }
    }

    /** The paper as it is now; with what fits its wrong answers, where that is known soon enough, else that follows. */
    MarkedPaperView soon(TeacherId teacherId, MarkingId markingId, PupilId pupilId) {
        CompletableFuture<MarkedPaperView> judged = add(new UnjudgedPaper(teacherId, markingId, pupilId));
        try {
            return judged.get(slow.contains(markingId) ? 0 : PATIENCE_MILLISECONDS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException later) {
            return judging.unjudged(teacherId, markingId, pupilId);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return judging.unjudged(teacherId, markingId, pupilId);
        }
    }

    /** Has papers judged when their turn comes. */
    void later(TeacherId teacherId, MarkingId markingId, Iterable<PupilId> pupilIds) {
        pupilIds.forEach(pupilId -> add(new UnjudgedPaper(teacherId, markingId, pupilId)));
    }
}
