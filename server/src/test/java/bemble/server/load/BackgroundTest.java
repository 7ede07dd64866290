package bemble.server.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** Work behind the screens ends by itself. */
class BackgroundTest {
    private final List<String> done = Collections.synchronizedList(new ArrayList<>());
    private final CountDownLatch begun = new CountDownLatch(1);

    @Test
    void whatIsBegunIsEndedAndNotInterruptedAndWhatWaitsIsDropped() throws InterruptedException {
        Background background = Background.named("test");
        background.execute(() -> {
            begun.countDown();
            while (!background.isStopping()) {
                Thread.onSpinWait();
            }
            done.add(Thread.currentThread().isInterrupted() ? "interrupted" : "saved");
        });
        background.execute(() -> done.add("what waited"));
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();

        background.close();

        assertThat(done).containsExactly("saved");
        assertThatThrownBy(() -> background.execute(() -> done.add("late")))
                .isInstanceOf(RejectedExecutionException.class);
    }

    @Test
    void oneAfterTheOtherInTheirOrder() throws InterruptedException {
        Background background = Background.named("test");
        CountDownLatch all = new CountDownLatch(3);
        for (String each : List.of("a", "b", "c")) {
            background.execute(() -> {
                done.add(each);
                all.countDown();
            });
        }
        assertThat(all.await(1, TimeUnit.MINUTES)).isTrue();
        assertThat(done).containsExactly("a", "b", "c");
        background.close();
    }

    @Test
    void noMoreWaitThanItTakes() throws InterruptedException {
        Background background = Background.yielding("test", 1);
        CountDownLatch goOn = new CountDownLatch(1);
        background.execute(() -> {
            begun.countDown();
            try {
                goOn.await();
            } catch (InterruptedException stopped) {
                done.add("interrupted");
            }
        });
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();
        background.execute(() -> done.add("second"));
        assertThatThrownBy(() -> background.execute(() -> done.add("third")))
                .isInstanceOf(RejectedExecutionException.class);
        goOn.countDown();
        background.close();
        assertThat(done).doesNotContain("third", "interrupted");
    }
}
