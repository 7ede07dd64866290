package bemble.bench;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Measures a server of its own: its start, its memory, 100 users at once, and the longest product there is. */
public final class ServerBench {
    private static final int PORT = 8437;
    private static final int USERS = 100;
    private static final int REQUESTS_EACH = 40;
    private static final long PAUSE_MILLIS = 1000;
    private static final URI HEALTH = URI.create("http://127.0.0.1:" + PORT + "/actuator/health");
    private static final URI WORK = URI.create("http://127.0.0.1:" + PORT + "/api/work");
    private static final int PUPILS = 30;
    private static final int QUESTIONS = 20;
    private static final int ROUNDS = 5;
    private static final int IN_A_ROUND = 12;
    private static final URI SET = URI.create("http://127.0.0.1:" + PORT + "/api/diagnose/set");
    private static final URI MARK = URI.create("http://127.0.0.1:" + PORT + "/api/mark");

    private final HttpClient http = HttpClient.newHttpClient();
    private final AtomicInteger failures = new AtomicInteger();

    private ServerBench() {}

    /** @param arguments the command that starts a server, to which the port is added */
    public static void main(String[] arguments) throws Exception {
        new ServerBench().measure(List.of(arguments));
    }

    private void measure(List<String> command) throws Exception {
        long begin = System.nanoTime();
        Process server = new ProcessBuilder(command).redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
        try {
            while (!isUp()) {
                Thread.sleep(20);
            }
            System.out.printf("server up in %.1f s%n", (System.nanoTime() - begin) / 1e9);
            aClass();
            use(5);
            long[] times = use(REQUESTS_EACH);
            System.out.printf("%d users at once, %d requests: p50 %.1f ms, p99 %.1f ms, slowest %.1f ms, %d failed%n",
                    USERS, times.length, times[times.length / 2] / 1e6, times[times.length * 99 / 100] / 1e6,
                    times[times.length - 1] / 1e6, failures.get());
            longest();
            paper();
            new PupilsBench("http://127.0.0.1:" + PORT).measure();
            new CrowdBench("http://127.0.0.1:" + PORT).measure();
            System.out.printf("server's memory afterwards: %d MB%n", residentKilobytes(server) / 1024);
        } finally {
            server.destroy();
            server.waitFor();
        }
    }

    /**
     * The product of two numbers of 40 digits, as the browser waits for it. A machine shared with others is half as
     * fast at times, so the quietest round is told beside all of them.
     */
    private void longest() throws IOException, InterruptedException {
        HttpRequest request = request("8472915603".repeat(4) + " × " + "6093847156".repeat(4));
        long[] times = new long[ROUNDS * IN_A_ROUND];
        int bytes = 0;
        long quietest = Long.MAX_VALUE;
        for (int i = 0; i < times.length; i++) {
            long begin = System.nanoTime();
            bytes = http.send(request, HttpResponse.BodyHandlers.ofByteArray()).body().length;
            times[i] = System.nanoTime() - begin;
            if ((i + 1) % IN_A_ROUND == 0) {
                long[] round = Arrays.copyOfRange(times, i + 1 - IN_A_ROUND, i + 1);
                Arrays.sort(round);
                quietest = Math.min(quietest, round[IN_A_ROUND / 2]);
            }
        }
        Arrays.sort(times);
        System.out.printf("40 × 40 digits: p50 %.0f ms in the quietest of %d rounds, %.0f ms in all, slowest %.0f ms, "
                + "%.2f MB%n", quietest / 1e6, ROUNDS, times[times.length / 2] / 1e6, times[times.length - 1] / 1e6,
                bytes / 1e6);
    }

    /** The answers of a class to the same sheet, cold, as its teacher waits for them: some right, some with a slip. */
    private void aClass() throws IOException, InterruptedException {
        long begin = System.nanoTime();
        for (int pupil = 0; pupil < PUPILS; pupil++) {
            int slips = pupil % 3;
            String items = IntStream.range(0, QUESTIONS).mapToObj(question -> {
                int top = 4002 + question * 131;
                int bottom = 1358 + question * 77;
                int given = top - bottom + (slips == 0 ? 0 : slips == 1 ? 100 : 2 * (question % 4));
                return "{\"problem\":\"" + top + " − " + bottom + "\",\"given\":\"" + given + "\"}";
            }).collect(Collectors.joining(","));
            HttpRequest request = HttpRequest.newBuilder(SET).header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString("{\"items\":[" + items + "]}")).build();
            if (http.send(request, HttpResponse.BodyHandlers.ofString()).statusCode() != 200) {
                failures.incrementAndGet();
            }
        }
        System.out.printf("%d answers of a class diagnosed, cold: %.2f s%n", PUPILS * QUESTIONS,
                (System.nanoTime() - begin) / 1e9);
    }

    /** A paper with a mistake in it is marked, as its writer waits for it. */
    private void paper() throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(MARK).header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers
                        .ofString("{\"problem\":\"4738 + 1967\",\"written\":[" + IntStream.range(0, 4)
                                .mapToObj(place -> "{\"block\":\"sum\",\"line\":\"answer\",\"place\":" + place
                                        + ",\"text\":\""
                                        + "5965".charAt(place) + "\"}")
                                .collect(Collectors.joining(",")) + "]}"))
                .build();
        long[] times = new long[200];
        for (int i = 0; i < times.length; i++) {
            long begin = System.nanoTime();
            http.send(request, HttpResponse.BodyHandlers.ofByteArray());
            times[i] = System.nanoTime() - begin;
        }
        Arrays.sort(times);
        System.out.printf("one paper marked: p50 %.1f ms, p99 %.1f ms%n", times[times.length / 2] / 1e6,
                times[times.length * 99 / 100] / 1e6);
    }

    /** Every user asks for a working each second or so; the times in nanoseconds, sorted. */
    private long[] use(int each) throws InterruptedException {
        long[] times = new long[USERS * each];
        AtomicInteger next = new AtomicInteger();
        ExecutorService users = Executors.newFixedThreadPool(USERS);
        List<Callable<Void>> all = IntStream.range(0, USERS).<Callable<Void>>mapToObj(user -> () -> {
            Thread.sleep(user * PAUSE_MILLIS / USERS);
            for (int i = 0; i < each; i++) {
                times[next.getAndIncrement()] = work(1000 + user * 37 + i, 900 + i * 53);
                Thread.sleep(PAUSE_MILLIS);
            }
            return null;
        }).toList();
        users.invokeAll(all);
        users.shutdown();
        Arrays.sort(times);
        return times;
    }

    private long work(int one, int other) throws IOException, InterruptedException {
        HttpRequest request = request(one + " + " + other);
        long begin = System.nanoTime();
        if (http.send(request, HttpResponse.BodyHandlers.ofString()).statusCode() != 200) {
            failures.incrementAndGet();
        }
        return System.nanoTime() - begin;
    }

    private static HttpRequest request(String problem) {
        // Compressed, as browsers ask for it.
        return HttpRequest.newBuilder(WORK).header("Content-Type", "application/json").header("Accept-Encoding", "gzip")
                .POST(HttpRequest.BodyPublishers.ofString("{\"problem\":\"" + problem + "\"}")).build();
    }

    private boolean isUp() throws IOException, InterruptedException {
        try {
            return http.send(HttpRequest.newBuilder(HEALTH).build(), HttpResponse.BodyHandlers.discarding())
                    .statusCode() == 200;
        } catch (ConnectException notYet) {
            return false;
        }
    }

    private static long residentKilobytes(Process server) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + server.pid() + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", ""))).findFirst().orElse(0);
    }
}
