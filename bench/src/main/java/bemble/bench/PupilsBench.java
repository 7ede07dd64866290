package bemble.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A hundred pupils at screens: they come in together, write a figure each second or so, and hand in, while the teacher watches. */
final class PupilsBench {
    private static final int CLASSES = 2;
    private static final int PUPILS = 50;
    private static final int FIGURES = 40;
    private static final long PAUSE_MILLIS = 1000;
    /** Within which all have typed the code and found their name. */
    private static final long COMING_IN_MILLIS = 20_000;

    private final String base;
    private final AtomicInteger failures = new AtomicInteger();

    PupilsBench(String base) {
        this.base = base;
    }

    /** @param pupil their number in the class's list */
    private record Seat(String code, String pupil) {}

    void measure() throws Exception {
        Device teacher = new Device(base, failures);
        teacher.send("GET", "/api/account", null);
        teacher.send("POST", "/api/account/first",
                "{\"name\":\"Ms Bench\",\"login\":\"bench\",\"password\":\"long enough for a bench\"}");
        String set = Device.newSet(teacher);
        List<Seat> seats = new ArrayList<>();
        for (int i = 0; i < CLASSES; i++) {
            String names = IntStream.range(0, PUPILS).mapToObj(pupil -> "\"Pupil " + pupil + "\"")
                    .collect(Collectors.joining(","));
            String id = Device.all(
                    teacher.send("POST", "/api/classes", "{\"name\":\"Class " + i + "\",\"pupils\":[" + names + "]}"),
                    "\"id\":(\\d+)").get(0);
            String session = teacher.send("POST", "/api/screens",
                    "{\"classId\":" + id + ",\"setId\":" + set + ",\"led\":false,\"asksDigits\":false}");
            String code = Device.all(session, "\"code\":\"([A-Z]+)\"").get(0);
            Device.all(session, "\"pupil\":\\{\"id\":(\\d+)").forEach(pupil -> seats.add(new Seat(code, pupil)));
            HttpRequest live = HttpRequest
                    .newBuilder(
                            URI.create(base + "/api/screens/" + Device.all(session, "\"id\":(\\d+)").get(0) + "/live"))
                    .build();
            teacher.http().sendAsync(live, HttpResponse.BodyHandlers.discarding());
        }
        ExecutorService pupils = Executors.newFixedThreadPool(seats.size());
        List<Callable<long[]>> all = new ArrayList<>();
        for (int i = 0; i < seats.size(); i++) {
            Seat seat = seats.get(i);
            long offset = i * COMING_IN_MILLIS / seats.size();
            all.add(() -> write(seat, offset));
        }
        List<Long> times = new ArrayList<>();
        for (Future<long[]> each : pupils.invokeAll(all)) {
            Arrays.stream(each.get()).forEach(times::add);
        }
        pupils.shutdown();
        times.sort(Long::compare);
        System.out.printf(
                "%d pupils at screens, %d figures kept: p50 %.1f ms, p99 %.1f ms, slowest %.1f ms, %d failed%n",
                seats.size(),
                times.size(), times.get(times.size() / 2) / 1e6, times.get(times.size() * 99 / 100) / 1e6,
                times.get(times.size() - 1) / 1e6, failures.get());
    }

    private long[] write(Seat seat, long offset) throws IOException, InterruptedException {
        Device device = new Device(base, failures);
        device.send("GET", "/api/account", null);
        Thread.sleep(offset);
        String in =
                device.send("POST", "/api/in", "{\"code\":\"" + seat.code() + "\",\"pupilId\":" + seat.pupil() + "}");
        List<String> papers = Device.all(in, "\"paper\":(\\d+)");
        long[] times = new long[FIGURES];
        for (int i = 0; i < FIGURES; i++) {
            Thread.sleep(PAUSE_MILLIS);
            int from = i / papers.size();
            String figure = "{\"from\":" + from + ",\"figures\":[{\"at\":" + 1000 * i
                    + ",\"kind\":\"digit\",\"block\":\"difference\","
                    + "\"line\":\"answer\",\"place\":" + from
                    + ",\"anchor\":\"middle\",\"text\":\"4\",\"rubbed\":false}]}";
            long begin = System.nanoTime();
            device.send("POST", "/api/in/papers/" + papers.get(i % papers.size()) + "/figures", figure);
            times[i] = System.nanoTime() - begin;
        }
        device.send("POST", "/api/in/hand-in", null);
        return times;
    }
}
