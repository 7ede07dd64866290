package bemble.server.background;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.server.background.WorkQueue.Standing;
import bemble.server.running.Patience;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Work behind the screens ends by itself, is tried again where it failed, and tells how it stands. */
class WorkQueueTest {
    private final WorkQueues queues = new WorkQueues(Clock.systemUTC());
    private final List<String> done = Collections.synchronizedList(new ArrayList<>());
    private final CountDownLatch begun = new CountDownLatch(1);
    private final CountDownLatch goOn = new CountDownLatch(1);

    @AfterEach
    void end() {
        goOn.countDown();
        queues.stop();
    }

    private WorkQueue queue() {
        return queues.add(WorkQueue.Kind.of("test", "Tries what a test wants"));
    }

    private void block() {
        begun.countDown();
        try {
            goOn.await();
        } catch (InterruptedException stopped) {
            done.add("interrupted");
        }
    }

    private Standing standing() {
        return queues.standing().get(0);
    }

    @Test
    void whatIsBegunIsEndedAndNotInterruptedAndWhatWaitsIsDropped() throws InterruptedException {
        WorkQueue queue = queue();
        queue.execute(() -> {
            begun.countDown();
            while (!queue.isStopping()) {
                Thread.onSpinWait();
            }
            done.add(Thread.currentThread().isInterrupted() ? "interrupted" : "saved");
        });
        queue.execute(() -> done.add("what waited"));
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();

        queues.stop();

        assertThat(done).containsExactly("saved");
        assertThatThrownBy(() -> queue.execute(() -> done.add("late"))).isInstanceOf(RejectedExecutionException.class);
        assertThat(queue.retrying(() -> done.add("late"))).isNotDone();
        assertThat(done).containsExactly("saved");
    }

    @Test
    void oneAfterTheOtherInTheirOrder() {
        WorkQueue queue = queue();
        for (String each : List.of("a", "b", "c")) {
            queue.execute(() -> done.add(each));
        }
        Patience.until(() -> standing().done() == 3);
        assertThat(done).containsExactly("a", "b", "c");
    }

    @Test
    void noMoreWaitThanItTakes() throws InterruptedException {
        WorkQueue queue = queues.add(new WorkQueue.Kind("test", "Tries what a test wants", 1, 1, true, true));
        queue.execute(this::block);
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();
        queue.execute(() -> done.add("second"));
        assertThatThrownBy(() -> queue.execute(() -> done.add("third"))).isInstanceOf(RejectedExecutionException.class);
        assertThat(standing()).extracting(Standing::running, Standing::waiting).containsExactly(1, 1);
        goOn.countDown();
        Patience.until(() -> standing().done() == 2);
        assertThat(done).containsExactly("second");
    }

    @Test
    void whatFailedIsTriedAgainAndOthersNeedNotWaitForIt() {
        WorkQueue queue = queue();
        var first = queue.retrying(() -> {
            done.add("tried");
            if (done.stream().filter("tried"::equals).count() < 2) {
                throw new IllegalStateException("a fault put in by a test");
            }
        });
        queue.execute(() -> done.add("another"));
        Patience.until(() -> standing().toBeRetried() == 1 && standing().done() == 1);
        assertThat(first).isCompletedExceptionally();
        assertThat(standing().failed()).isEqualTo(1);
        assertThat(standing().lastFailure()).isNotNull();
        Patience.until(() -> standing().done() == 2);
        assertThat(done).containsExactly("tried", "another", "tried");
        assertThat(standing().toBeRetried()).isZero();
    }
}
