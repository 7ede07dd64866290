package bemble.server.sets.printed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.server.faults.Busy;
import bemble.server.faults.Missing;
import bemble.server.ids.TeacherId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;

/** Long prints: watched, stopped, failing, and nobody else's. */
class PrintJobsTest {
    private static final TeacherId TEACHER = new TeacherId(7);
    private static final TeacherId OTHER = new TeacherId(8);

    private final ThreadPoolTaskExecutor printers = new PrinterThreads().printers();
    private final PrintJobs jobs = jobs(printers);

    private static PrintJobs jobs(ThreadPoolTaskExecutor printers) {
        printers.initialize();
        return new PrintJobs(printers);
    }

    @AfterEach
    void close() {
        printers.shutdown();
    }

    @Test
    void aJobTellsHowFarItIsAndThatItIsDone() throws InterruptedException {
        CountDownLatch half = new CountDownLatch(1);
        CountDownLatch seen = new CountDownLatch(1);
        PrintJobs.Job job = jobs.start(TEACHER, 10, progress -> {
            progress.accept(5);
            half.countDown();
            seen.await();
            progress.accept(10);
        });
        assertThat(half.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(job.done()).isEqualTo(5);
        assertThat(job.state()).isEqualTo(PrintJobs.State.PRINTING);
        seen.countDown();
        waitFor(job, PrintJobs.State.DONE);
        assertThat(job.done()).isEqualTo(job.total()).isEqualTo(10);
    }

    @Test
    void aJobIsStoppedAtItsNextQuestionAndAWaitingOneBeforeItsFirst() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        PrintJobs.Job first = jobs.start(TEACHER, 2, progress -> {
            begun.countDown();
            stopped.await();
            progress.accept(1);
            throw new AssertionError("goes on though it was stopped");
        });
        PrintJobs.Job besides = jobs.start(TEACHER, 1, progress -> stopped.await());
        PrintJobs.Job second = jobs.start(TEACHER, 2, progress -> {
            throw new AssertionError("begins though it was stopped");
        });
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        jobs.stop(TEACHER, second.id());
        jobs.stop(TEACHER, first.id());
        stopped.countDown();
        waitFor(first, PrintJobs.State.STOPPED);
        waitFor(second, PrintJobs.State.STOPPED);
        waitFor(besides, PrintJobs.State.DONE);
        assertThat(first.done()).isZero();
    }

    @Test
    void twoTeachersTakeTurnsAndTooManyPrintsAreRefused() throws InterruptedException {
        CountDownLatch go = new CountDownLatch(1);
        CountDownLatch othersDone = new CountDownLatch(1);
        List<String> order = Collections.synchronizedList(new ArrayList<>());
        List<PrintJobs.Job> others = new ArrayList<>();
        // This one keeps its printer to the end, so that all others follow one another on the second printer.
        PrintJobs.Job longest = jobs.start(TEACHER, 1, progress -> othersDone.await());
        others.add(jobs.start(TEACHER, 1, progress -> go.await()));
        for (int i = 0; i < 12; i++) {
            others.add(jobs.start(TEACHER, 1, progress -> order.add("first's")));
        }
        assertThatThrownBy(() -> jobs.start(TEACHER, 1, progress -> {})).isInstanceOf(Busy.class);
        others.add(jobs.start(OTHER, 1, progress -> order.add("second's")));
        go.countDown();
        for (PrintJobs.Job job : others) {
            waitFor(job, PrintJobs.State.DONE);
        }
        othersDone.countDown();
        waitFor(longest, PrintJobs.State.DONE);
        assertThat(order).hasSize(13);
        assertThat(order.indexOf("second's")).as("the second teacher's only print waits for one of the first's")
                .isEqualTo(1);
    }

    @Test
    void aRefusedJobLeavesNothingThatStopsThePrinter() throws InterruptedException {
        CountDownLatch go = new CountDownLatch(1);
        List<PrintJobs.Job> begun = new ArrayList<>();
        // Enough teachers to fill all there is, then one of whom nothing waits.
        for (int teacher = 10; begun.size() < 62; teacher++) {
            for (int i = 0; i < 12 && begun.size() < 62; i++) {
                begun.add(jobs.start(new TeacherId(teacher), 1, progress -> go.await()));
            }
        }
        assertThatThrownBy(() -> jobs.start(new TeacherId(99), 1, progress -> {})).isInstanceOf(Busy.class);
        go.countDown();
        for (PrintJobs.Job job : begun) {
            waitFor(job, PrintJobs.State.DONE);
        }
        waitFor(jobs.start(new TeacherId(99), 1, progress -> progress.accept(1)), PrintJobs.State.DONE);
    }

    @Test
    void aJobThatFailsSaysSoAndTheNextOneStillRuns() throws InterruptedException {
        PrintJobs.Job failing = jobs.start(TEACHER, 1, progress -> {
            throw new StackOverflowError();
        });
        PrintJobs.Job next = jobs.start(TEACHER, 1, progress -> progress.accept(1));
        waitFor(failing, PrintJobs.State.FAILED);
        waitFor(next, PrintJobs.State.DONE);
    }

    @Test
    void aJobIsNobodyElses() {
        PrintJobs.Job job = jobs.start(TEACHER, 1, progress -> progress.accept(1));
        assertThat(jobs.find(new TeacherId(TEACHER.value()), job.id())).isSameAs(job);
        assertThatThrownBy(() -> jobs.find(OTHER, job.id())).isInstanceOf(Missing.class);
        assertThatThrownBy(() -> jobs.stop(OTHER, job.id())).isInstanceOf(Missing.class);
        assertThatThrownBy(() -> jobs.find(TEACHER, UUID.randomUUID())).hasMessageContaining("Print the set again");
    }

    private static void waitFor(PrintJobs.Job job, PrintJobs.State state) throws InterruptedException {
        for (int i = 0; i < 500 && job.state() == PrintJobs.State.PRINTING; i++) {
            Thread.sleep(20);
        }
        assertThat(job.state()).isEqualTo(state);
    }
}
