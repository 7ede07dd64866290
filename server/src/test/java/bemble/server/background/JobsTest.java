package bemble.server.background;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import bemble.core.problem.Refusal;
import bemble.server.background.Jobs.State;
import bemble.server.background.Jobs.UnderWay;
import bemble.server.background.Jobs.Work;
import bemble.server.faults.Busy;
import bemble.server.faults.Missing;
import bemble.server.ids.TeacherId;
import bemble.server.running.Patience;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Long jobs: watched, stopped, failing, the teachers by turns, and nobody else's. */
class JobsTest {
    private static final TeacherId TEACHER = new TeacherId(7);
    private static final TeacherId OTHER = new TeacherId(8);

    private final WorkQueues queues = new WorkQueues(Clock.systemUTC());
    private final Jobs jobs = new Jobs(queues);

    @AfterEach
    void end() {
        queues.stop();
    }

    private UnderWay print(TeacherId teacherId, Work work) {
        return jobs.begin(JobKind.PRINT, teacherId, work);
    }

    private static Work waiting(CountDownLatch latch) {
        return progress -> {
            latch.await();
            return null;
        };
    }

    private UnderWay ended(TeacherId teacherId, UnderWay job) {
        Patience.until(() -> !List.of(State.WAITING, State.RUNNING).contains(jobs.view(teacherId, job.id()).state()));
        return jobs.view(teacherId, job.id());
    }

    @Test
    void aJobTellsHowFarItIsAndWhatCameOfIt() throws InterruptedException {
        CountDownLatch half = new CountDownLatch(1);
        CountDownLatch seen = new CountDownLatch(1);
        UnderWay job = print(TEACHER, progress -> {
            progress.of(10);
            progress.at(5);
            half.countDown();
            seen.await();
            progress.add(5);
            return "a file";
        });
        assertThat(half.await(1, TimeUnit.MINUTES)).isTrue();
        assertThat(jobs.view(TEACHER, job.id())).isEqualTo(new UnderWay(job.id(), State.RUNNING, 5, 10, null, null));
        seen.countDown();
        assertThat(ended(TEACHER, job)).isEqualTo(new UnderWay(job.id(), State.DONE, 10, 10, null, "a file"));
    }

    @Test
    void aJobIsStoppedWhereItWorksNextAndAWaitingOneBeforeItBegins() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        UnderWay first = print(TEACHER, progress -> {
            begun.countDown();
            stopped.await();
            progress.at(1);
            throw new AssertionError("goes on though it was stopped");
        });
        UnderWay besides = print(TEACHER, waiting(stopped));
        UnderWay second = print(TEACHER, progress -> {
            throw new AssertionError("begins though it was stopped");
        });
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();
        assertThat(jobs.stop(TEACHER, second.id()).state()).isEqualTo(State.STOPPED);
        jobs.stop(TEACHER, first.id());
        stopped.countDown();
        assertThat(ended(TEACHER, first).state()).isEqualTo(State.STOPPED);
        assertThat(ended(TEACHER, first).done()).isZero();
        assertThat(ended(TEACHER, besides).state()).isEqualTo(State.DONE);
    }

    @Test
    void whatIsStillWorkedWhenBembleStopsIsStoppedWhereItWorksNext() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        UnderWay job = print(TEACHER, progress -> {
            begun.countDown();
            while (true) {
                progress.add(0);
            }
        });
        assertThat(begun.await(1, TimeUnit.MINUTES)).isTrue();
        queues.stop();
        assertThat(jobs.view(TEACHER, job.id()).state()).isEqualTo(State.STOPPED);
        assertThat(print(TEACHER, progress -> "late").state()).isEqualTo(State.STOPPED);
    }

    @Test
    void twoTeachersTakeTurnsAndTooManyOfOneAreRefused() {
        CountDownLatch go = new CountDownLatch(1);
        CountDownLatch othersDone = new CountDownLatch(1);
        List<String> order = Collections.synchronizedList(new ArrayList<>());
        // This one keeps its thread to the end, so that all others follow one another on the second.
        UnderWay longest = print(TEACHER, waiting(othersDone));
        List<UnderWay> others = new ArrayList<>(List.of(print(TEACHER, waiting(go))));
        for (int i = 0; i < 12; i++) {
            others.add(print(TEACHER, progress -> order.add("first's")));
        }
        assertThatThrownBy(() -> print(TEACHER, progress -> null)).isInstanceOf(Busy.class);
        UnderWay second = print(OTHER, progress -> order.add("second's"));
        assertThat(queues.standing()).filteredOn(queue -> queue.name().equals("prints"))
                .extracting(WorkQueue.Standing::waiting, WorkQueue.Standing::goesOn)
                .containsExactly(tuple(13, false));
        go.countDown();
        others.forEach(job -> assertThat(ended(TEACHER, job).state()).isEqualTo(State.DONE));
        assertThat(ended(OTHER, second).state()).isEqualTo(State.DONE);
        othersDone.countDown();
        assertThat(ended(TEACHER, longest).state()).isEqualTo(State.DONE);
        assertThat(order).hasSize(13);
        assertThat(order.indexOf("second's")).as("the second teacher's only print waits for one of the first's")
                .isEqualTo(1);
    }

    @Test
    void aRefusedJobLeavesNothingBehind() {
        CountDownLatch go = new CountDownLatch(1);
        List<TeacherId> teachers = new ArrayList<>();
        List<UnderWay> begun = new ArrayList<>();
        // Enough teachers to fill all there is, then one of whom nothing waits.
        for (int i = 0; i < 62; i++) {
            teachers.add(new TeacherId(10 + i / 12));
            begun.add(print(teachers.get(i), waiting(go)));
        }
        assertThatThrownBy(() -> print(new TeacherId(99), progress -> null)).isInstanceOf(Busy.class);
        go.countDown();
        for (int i = 0; i < begun.size(); i++) {
            assertThat(ended(teachers.get(i), begun.get(i)).state()).isEqualTo(State.DONE);
        }
        assertThat(ended(new TeacherId(99), print(new TeacherId(99), progress -> "done")).result()).isEqualTo("done");
    }

    @Test
    void aJobThatFailsSaysSoAndTheNextOneStillRuns() {
        UnderWay failing = print(TEACHER, progress -> {
            throw new StackOverflowError();
        });
        UnderWay next = print(TEACHER, progress -> null);
        assertThat(ended(TEACHER, failing).errors()).singleElement()
                .satisfies(fault -> assertThat(fault.message()).startsWith("Bemble met a fault of its own"));
        assertThat(ended(TEACHER, next).state()).isEqualTo(State.DONE);
    }

    @Test
    void whatIsQuicklyTakenInOrRefusedIsAnsweredAtOnce() {
        assertThat(jobs.begin(JobKind.FILE, TEACHER, progress -> "taken").result()).isEqualTo("taken");
        assertThatThrownBy(() -> jobs.begin(JobKind.FILE, TEACHER, progress -> {
            throw Refusal.of("file", "no file");
        })).isInstanceOf(Refusal.class).hasMessageContaining("no file");
    }

    @Test
    void aJobIsNobodyElses() {
        UnderWay job = print(TEACHER, progress -> null);
        assertThatThrownBy(() -> jobs.view(OTHER, job.id())).isInstanceOf(Missing.class);
        assertThatThrownBy(() -> jobs.stop(OTHER, job.id())).isInstanceOf(Missing.class);
        assertThatThrownBy(() -> jobs.view(TEACHER, UUID.randomUUID())).hasMessageContaining("Begin it again");
        assertThat(ended(new TeacherId(TEACHER.value()), job).state()).isEqualTo(State.DONE);
    }
}
