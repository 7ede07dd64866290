package bemble.bench;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How long each screen of a school waits for its data, after a year and in an empty school. */
public final class SchoolBench {
    private static final int PORT = 8438;
    private static final String BASE = "http://127.0.0.1:" + PORT;
    private static final int ROUNDS = 7;

    private final List<String> command;
    private final Path data;
    private final AtomicInteger failures = new AtomicInteger();

    private SchoolBench(List<String> command, Path data) {
        this.command = command;
        this.data = data;
    }

    /** @param arguments a folder for the data, and the command that starts a server */
    public static void main(String[] arguments) throws Exception {
        Path data = Path.of(arguments[0]);
        List<String> command = new ArrayList<>(List.of(arguments).subList(1, arguments.length));
        command.addAll(List.of("--bemble.data=" + data, "--server.port=" + PORT));
        new SchoolBench(command, data).measure();
    }

    private void measure() throws Exception {
        Process server = start();
        try {
            Device teacher =
                    teacher("first", "{\"name\":\"Ms Tern\",\"login\":\"tern\",\"password\":\"long-quay-lantern\"}");
            for (int i = 1; i <= School.CLASSES; i++) {
                int number = i;
                teacher.send("POST", "/api/classes",
                        "{\"name\":\"Class " + i + "\",\"pupils\":[" + IntStream.range(0, School.PUPILS)
                                .mapToObj(pupil -> "\"Pupil " + number + " " + (char) ('A' + pupil % 26) + pupil + "\"")
                                .collect(Collectors.joining(",")) + "]}");
            }
            System.out.println("an empty school of " + School.CLASSES + " classes:");
            screens(teacher, List.of("/api/today", "/api/classes", "/api/markings", "/api/sets", "/api/log"));
        } finally {
            stop(server);
        }
        long begin = System.nanoTime();
        School.write(data);
        System.out.printf("a year written in %.0f s%n", (System.nanoTime() - begin) / 1e9);
        server = start();
        try {
            Device teacher = teacher("sign-in", "{\"login\":\"tern\",\"password\":\"long-quay-lantern\"}");
            awaitKept(teacher);
            String schoolClass =
                    Device.all(teacher.send("GET", "/api/classes", null), "\"id\":(\\d+),\"name\":\"Class 7\"").get(0);
            String pupil = Device
                    .all(teacher.send("GET", "/api/classes/" + schoolClass, null), "\"id\":(\\d+),\"name\":\"Pupil")
                    .get(3);
            String marking = Device.all(teacher.send("GET", "/api/markings", null), "\"id\":(\\d+)").get(0);
            System.out.printf("the same school after %d weeks, %d answers, %d papers:%n", School.WEEKS,
                    School.CLASSES * School.PUPILS * School.WEEKS * 20, School.PAPERS);
            String of = "/api/classes/" + schoolClass;
            screens(teacher,
                    List.of("/api/today", "/api/classes", of, of + "/record", of + "/stairs", of + "/steps",
                            of + "/facts",
                            "/api/pupils/" + pupil + "/steps", "/api/pupils/" + pupil + "/facts", of + "/plan",
                            of + "/term",
                            of + "/report",
                            of + "/stand-in", "/api/pupils/" + pupil + "/record", "/api/pupils/" + pupil + "/report",
                            "/api/pupils/" + pupil + "/work",
                            "/api/pupils/" + pupil + "/work/pages", "/api/markings", "/api/markings/" + marking,
                            "/api/markings/" + marking + "/class",
                            "/api/sets", "/api/log", "/api/lessons/rung~addition-one-carry", "/api/deleted/piles"));
            afterAChange(teacher, marking);
            System.out.printf("server's memory: %d MB; %d requests failed%n", memory(server), failures.get());
        } finally {
            stop(server);
        }
    }

    /** What each screen waits for: the first time and in the middle of several. */
    private void screens(Device teacher, List<String> paths) throws IOException, InterruptedException {
        for (String path : paths) {
            long[] times = new long[ROUNDS];
            int letters = 0;
            for (int i = 0; i < ROUNDS; i++) {
                long begin = System.nanoTime();
                letters = teacher.send("GET", path, null).length();
                times[i] = System.nanoTime() - begin;
            }
            long first = times[0];
            Arrays.sort(times);
            System.out.printf("  %-44s first %5.0f ms, then %5.0f ms, %6.0f kB%n", path.replaceAll("\\d{2,}", "…"),
                    first / 1e6,
                    times[ROUNDS / 2] / 1e6, letters / 1e3);
        }
    }

    /** A teacher marks an answer and looks at Today at once. */
    private void afterAChange(Device teacher, String marking) throws IOException, InterruptedException {
        String pupil = Device
                .all(teacher.send("GET", "/api/markings/" + marking, null), "\"id\":(\\d+),\"name\":\"Pupil").get(2);
        long[] saved = new long[ROUNDS];
        long[] looked = new long[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long begin = System.nanoTime();
            teacher.send("PUT", "/api/markings/" + marking + "/papers/" + pupil + "/answers/" + (i + 1),
                    "{\"state\":\"right\"}");
            saved[i] = System.nanoTime() - begin;
            begin = System.nanoTime();
            teacher.send("GET", "/api/today", null);
            looked[i] = System.nanoTime() - begin;
        }
        Arrays.sort(saved);
        Arrays.sort(looked);
        System.out.printf("  an answer marked: %.0f ms; Today right after it: %.0f ms%n", saved[ROUNDS / 2] / 1e6,
                looked[ROUNDS / 2] / 1e6);
    }

    /** What is kept of each pupil is worked out once where it is missing; that goes on behind the screens. */
    private void awaitKept(Device teacher) throws IOException, InterruptedException {
        long begin = System.nanoTime();
        long took = Long.MAX_VALUE;
        for (int i = 0; i < 300 && took > 400; i++) {
            long one = System.nanoTime();
            teacher.send("GET", "/api/today", null);
            took = (System.nanoTime() - one) / 1_000_000;
            if (i == 0) {
                System.out.printf("  Today at once after the start: %d ms%n", took);
            }
        }
        System.out.printf("  everything kept %.0f s after the start%n", (System.nanoTime() - begin) / 1e9);
    }

    private Device teacher(String how, String body) throws IOException, InterruptedException {
        Device teacher = new Device(BASE, failures);
        teacher.send("GET", "/api/account", null);
        teacher.send("POST", "/api/account/" + how, body);
        return teacher;
    }

    private Process start() throws IOException, InterruptedException {
        Process server = new ProcessBuilder(command).redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest health = HttpRequest.newBuilder(URI.create(BASE + "/actuator/health")).build();
        while (true) {
            try {
                if (http.send(health, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return server;
                }
            } catch (ConnectException notYet) {
                Thread.sleep(50);
            }
        }
    }

    private static void stop(Process server) throws InterruptedException {
        server.destroy();
        server.waitFor();
    }

    private static long memory(Process server) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + server.pid() + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", ""))).findFirst().orElse(0) / 1024;
    }
}
