package bemble.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Crowds: large products asked for by forty at once while a teacher works, and sixty children who hand in with the bell. */
final class CrowdBench {
    private static final int CROWD = 40;
    private static final int CHILDREN = 60;
    private static final int ROUNDS = 40;
    private static final String LARGE =
            "{\"problem\":\"" + "8472915603".repeat(4) + " × " + "6093847156".repeat(4) + "\"}";
    private static final List<String> ORDINARY = List.of("/api/classes", "/api/markings", "/api/log", "/api/style");

    private final String base;
    private final AtomicInteger failures = new AtomicInteger();

    CrowdBench(String base) {
        this.base = base;
    }

    void measure() throws Exception {
        Device teacher = new Device(base, failures);
        teacher.send("GET", "/api/account", null);
        teacher.send("POST", "/api/account/sign-in", "{\"login\":\"bench\",\"password\":\"long enough for a bench\"}");
        largeOnes(teacher);
        bell(teacher);
    }

    private void largeOnes(Device teacher) throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        AtomicInteger refused = new AtomicInteger();
        AtomicInteger answered = new AtomicInteger();
        ExecutorService crowd = Executors.newFixedThreadPool(CROWD);
        List<Future<Void>> all = new ArrayList<>();
        for (int i = 0; i < CROWD; i++) {
            all.add(crowd.submit(() -> {
                Device device = new Device(base, refused);
                while (!over.get()) {
                    device.send("POST", "/api/work", LARGE);
                    answered.incrementAndGet();
                }
                return null;
            }));
        }
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < ROUNDS; i++) {
            for (String path : ORDINARY) {
                times.add(timed(() -> teacher.send("GET", path, null)));
            }
            times.add(timed(() -> teacher.send("POST", "/api/work", "{\"problem\":\"4738 + 1967\"}")));
        }
        over.set(true);
        for (Future<Void> each : all) {
            each.get();
        }
        crowd.shutdown();
        times.sort(Long::compare);
        System.out.printf(
                "a teacher while %d ask for 40 × 40 digits: p50 %.0f ms, p99 %.0f ms, slowest %.0f ms, %d failed; "
                        + "of the crowd's %d requests %d were told to wait%n",
                CROWD, times.get(times.size() / 2) / 1e6,
                times.get(times.size() * 99 / 100) / 1e6, times.get(times.size() - 1) / 1e6, failures.get(),
                answered.get(), refused.get());
    }

    private void bell(Device teacher) throws Exception {
        String set = Device.newSet(teacher);
        String names = IntStream.range(0, CHILDREN).mapToObj(pupil -> "\"Pupil " + pupil + "\"")
                .collect(Collectors.joining(","));
        String id = Device.all(teacher.send("POST", "/api/classes", "{\"name\":\"Bell\",\"pupils\":[" + names + "]}"),
                "\"id\":(\\d+)").get(0);
        String session = teacher.send("POST", "/api/screens",
                "{\"classId\":" + id + ",\"setId\":" + set + ",\"led\":false,\"asksDigits\":false}");
        String code = Device.all(session, "\"code\":\"([A-Z]+)\"").get(0);
        CountDownLatch rung = new CountDownLatch(1);
        ExecutorService children = Executors.newFixedThreadPool(CHILDREN);
        List<Future<Long>> all = new ArrayList<>();
        for (String pupil : Device.all(session, "\"pupil\":\\{\"id\":(\\d+)")) {
            Device device = new Device(base, failures);
            device.send("GET", "/api/account", null);
            String in = device.send("POST", "/api/in", "{\"code\":\"" + code + "\",\"pupilId\":" + pupil + "}");
            for (String paper : Device.all(in, "\"paper\":(\\d+)")) {
                device.send("POST", "/api/in/papers/" + paper + "/figures",
                        "{\"from\":0,\"figures\":[{\"at\":9,\"kind\":\"digit\",\"block\":\"sum\","
                                + "\"line\":\"answer\",\"place\":0,\"anchor\":\"middle\",\"text\":\"4\",\"rubbed\":false}]}");
            }
            all.add(children.submit(() -> {
                rung.await();
                return timed(() -> device.send("POST", "/api/in/hand-in", null));
            }));
        }
        long begin = System.nanoTime();
        rung.countDown();
        long slowest = 0;
        for (Future<Long> each : all) {
            slowest = Math.max(slowest, each.get());
        }
        children.shutdown();
        while (Device.all(teacher.send("GET", "/api/markings?search=bell", null), "\"marked\":(\\d+)").stream()
                .noneMatch(String.valueOf(CHILDREN)::equals)) {
            Thread.sleep(100);
        }
        System.out.printf("%d children hand in at once: slowest %.2f s, all in the pile after %.1f s, %d failed%n",
                CHILDREN, slowest / 1e9,
                (System.nanoTime() - begin) / 1e9, failures.get());
    }

    private static long timed(Callable<String> request) throws Exception {
        long begin = System.nanoTime();
        try {
            request.call();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
        return System.nanoTime() - begin;
    }
}
