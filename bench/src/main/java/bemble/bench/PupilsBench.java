package bemble.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

    /** Somebody at a device of their own. */
    private final class Device {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

        String send(String method, String path, String body) throws IOException, InterruptedException {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path)).header("Content-Type", "application/json")
                    .method(method, body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
            cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue).findFirst().ifPresent(token -> request.header("X-XSRF-TOKEN", token));
            HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() >= 400) {
                failures.incrementAndGet();
            }
            return answer.body();
        }
    }

    private static List<String> all(String text, String pattern) {
        List<String> found = new ArrayList<>();
        Matcher matches = Pattern.compile(pattern).matcher(text);
        while (matches.find()) {
            found.add(matches.group(1));
        }
        return found;
    }

    /** @param pupil their number in the class's list */
    private record Seat(String code, String pupil) {}

    void measure() throws Exception {
        Device teacher = new Device();
        teacher.send("GET", "/api/account", null);
        teacher.send("POST", "/api/account/first", "{\"name\":\"Ms Bench\",\"login\":\"bench\",\"password\":\"long enough for a bench\"}");
        String questions = IntStream.range(0, 10).mapToObj(i -> "{\"problem\":\"" + (4002 + 131 * i) + " − " + (1358 + 77 * i)
                + "\",\"story\":\"\",\"part\":\"alone\"}").collect(Collectors.joining(","));
        String set = all(teacher.send("POST", "/api/sets", "{\"title\":\"Bench\",\"tag\":\"\",\"seed\":1,\"questions\":[" + questions
                + "],\"layout\":{\"paper\":\"a4\",\"columns\":2,\"square\":7,\"setOut\":true,\"carryBoxes\":false,\"checkRow\":false,"
                + "\"nameLine\":true,\"largePrint\":false,\"sentences\":true}}"), "\"id\":(\\d+)").get(0);
        List<Seat> seats = new ArrayList<>();
        for (int i = 0; i < CLASSES; i++) {
            String names = IntStream.range(0, PUPILS).mapToObj(pupil -> "\"Pupil " + pupil + "\"").collect(Collectors.joining(","));
            String id = all(teacher.send("POST", "/api/classes", "{\"name\":\"Class " + i + "\",\"pupils\":[" + names + "]}"), "\"id\":(\\d+)").get(0);
            String session = teacher.send("POST", "/api/screens", "{\"classId\":" + id + ",\"setId\":" + set + ",\"led\":false,\"asksDigits\":false}");
            String code = all(session, "\"code\":\"([A-Z]+)\"").get(0);
            all(session, "\"pupil\":\\{\"id\":(\\d+)").forEach(pupil -> seats.add(new Seat(code, pupil)));
            HttpRequest live = HttpRequest.newBuilder(URI.create(base + "/api/screens/" + all(session, "\"id\":(\\d+)").get(0) + "/live")).build();
            teacher.http.sendAsync(live, HttpResponse.BodyHandlers.discarding());
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
        System.out.printf("%d pupils at screens, %d figures kept: p50 %.1f ms, p99 %.1f ms, slowest %.1f ms, %d failed%n", seats.size(),
                times.size(), times.get(times.size() / 2) / 1e6, times.get(times.size() * 99 / 100) / 1e6,
                times.get(times.size() - 1) / 1e6, failures.get());
    }

    private long[] write(Seat seat, long offset) throws IOException, InterruptedException {
        Device device = new Device();
        device.send("GET", "/api/account", null);
        Thread.sleep(offset);
        String in = device.send("POST", "/api/in", "{\"code\":\"" + seat.code() + "\",\"pupilId\":" + seat.pupil() + "}");
        List<String> papers = all(in, "\"paper\":(\\d+)");
        long[] times = new long[FIGURES];
        for (int i = 0; i < FIGURES; i++) {
            Thread.sleep(PAUSE_MILLIS);
            int from = i / papers.size();
            String figure = "{\"from\":" + from + ",\"figures\":[{\"at\":" + 1000 * i + ",\"kind\":\"digit\",\"block\":\"difference\","
                    + "\"line\":\"answer\",\"place\":" + from + ",\"anchor\":\"middle\",\"text\":\"4\",\"rubbed\":false}]}";
            long begin = System.nanoTime();
            device.send("POST", "/api/in/papers/" + papers.get(i % papers.size()) + "/figures", figure);
            times[i] = System.nanoTime() - begin;
        }
        device.send("POST", "/api/in/hand-in", null);
        return times;
    }
}
