package bemble.server.background;

import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is worked at behind the screens. */
@RestController
class BackgroundController {
    private final WorkQueues queues;

    BackgroundController(WorkQueues queues) {
        this.queues = queues;
    }

    /**
     * How a queue of work stands.
     *
     * @param doing what it does
     * @param running how many pieces are worked at
     * @param waiting how many wait for their turn
     * @param toBeRetried how many failed and are tried again by themselves
     * @param done how many were done since Bemble was started
     * @param failed how many attempts failed since then
     * @param lastFailure when the last of them failed; left out where none did
     * @param goesOn whether what is not done at a stop is taken up after the next start
     */
    record QueueView(@NotNull String name, @NotNull String doing, @NotNull int running, @NotNull int waiting,
            @NotNull int toBeRetried, @NotNull long done, @NotNull long failed, @Nullable OffsetDateTime lastFailure,
            @NotNull boolean goesOn) {
        static QueueView of(WorkQueue.Standing queue) {
            return new QueueView(queue.name(), queue.doing(), queue.running(), queue.waiting(), queue.toBeRetried(),
                    queue.done(), queue.failed(), queue.lastFailure(), queue.goesOn());
        }
    }

    /** What is worked at behind the screens, for the whole school. */
    @GetMapping("/api/background")
    List<QueueView> queues() {
        return queues.standing().stream().map(QueueView::of).toList();
    }
}
