package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The command as a stranger types it, in a copy of the checkout with an awkward name, from somewhere else. */
@Tag("slow")
class CommandTest {
    private static final Set<String> LEFT_OUT = Set.of(".git", "node_modules", "target", "data", "demo-data", "docs");
    private static final long PATIENCE_MILLIS = 300_000;
    @TempDir
    private static Path folder;
    private static Path checkout;
    private static Path elsewhere;
    private final List<Process> begun = new ArrayList<>();

    @BeforeAll
    static void copyTheCheckout() throws IOException {
        checkout = folder.resolve("school on the quày");
        elsewhere = Files.createDirectory(folder.resolve("elsewhere"));
        Path root = Path.of("..").toAbsolutePath().normalize();
        Files.walkFileTree(root, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path path, BasicFileAttributes attributes) throws IOException {
                boolean leftOut = LEFT_OUT.contains(path.getFileName().toString()) && !path.equals(root);
                if (!leftOut) {
                    Files.createDirectories(checkout.resolve(root.relativize(path).toString()));
                }
                return leftOut ? FileVisitResult.SKIP_SUBTREE : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path path, BasicFileAttributes attributes) throws IOException {
                Files.copy(path, checkout.resolve(root.relativize(path).toString()),
                        StandardCopyOption.COPY_ATTRIBUTES);
                return FileVisitResult.CONTINUE;
            }
        });
        // What is built is taken along, so that nothing is built again.
        Path built = Files.createDirectories(checkout.resolve("server/target")).resolve("bemble.jar");
        Files.copy(Path.of("target/bemble.jar"), built);
    }

    @AfterEach
    void stopWhatStillRuns() {
        begun.forEach(process -> {
            // The script waits for the application it started, so both go.
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
        });
    }

    private record Ended(int code, String text) {}

    private Process begin(Map<String, String> environment, String... arguments) {
        List<String> command = new ArrayList<>(List.of(checkout.resolve("bemble").toString()));
        command.addAll(Arrays.asList(arguments));
        ProcessBuilder builder = new ProcessBuilder(command).directory(elsewhere.toFile()).redirectErrorStream(true)
                .redirectOutput(folder.resolve("terminal-" + begun.size()).toFile());
        builder.environment().putAll(environment);
        try {
            Process process = builder.start();
            begun.add(process);
            return process;
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    private Ended run(String... arguments) throws Exception {
        return ended(begin(Map.of(), arguments));
    }

    private Ended ended(Process process) throws Exception {
        assertThat(process.waitFor(PATIENCE_MILLIS, TimeUnit.MILLISECONDS)).as(terminal(process)).isTrue();
        return new Ended(process.exitValue(), terminal(process));
    }

    private String terminal(Process process) throws IOException {
        return Files.readString(folder.resolve("terminal-" + begun.indexOf(process)));
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Starts a server and waits until the terminal says that it is ready. */
    private Process ready(int port, String... arguments) throws Exception {
        List<String> all = new ArrayList<>(Arrays.asList(arguments));
        all.addAll(List.of("--port", Integer.toString(port)));
        Process process = begin(Map.of(), all.toArray(String[]::new));
        long end = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (!terminal(process).contains("Bemble is ready: http://127.0.0.1:" + port)) {
            assertThat(process.isAlive() && System.currentTimeMillis() < end).as(terminal(process)).isTrue();
            Thread.sleep(100);
        }
        return process;
    }

    private static String get(int port, String path) throws Exception {
        return send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build());
    }

    private static String send(HttpRequest request) throws Exception {
        HttpResponse<String> response = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        assertThat(response.statusCode()).isEqualTo(200);
        return response.body();
    }

    /** Asks it to end; Ctrl+C would do the same, but is ignored by whatever a background task starts. */
    private void stop(Process process) throws Exception {
        long before = System.currentTimeMillis();
        process.destroy();
        assertThat(process.waitFor(10, TimeUnit.SECONDS)).isTrue();
        assertThat(System.currentTimeMillis() - before).isLessThan(7_000);
        assertThat(terminal(process)).doesNotContain("Exception", "\tat ");
    }

    @Test
    void demoServesThePageWorksAProblemAndStops() throws Exception {
        int port = freePort();
        Process demo = ready(port, "demo");
        assertThat(terminal(demo)).contains(checkout.resolve("demo-data").toString(), "Ctrl+C stops it");
        assertThat(get(port, "/")).contains("<title>Bemble</title>");
        assertThat(send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/work"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString("{\"problem\": \"487 + 96\"}")).build())).contains("\"583\"");
        Ended second = run("demo", "--port", Integer.toString(freePort()));
        assertThat(second.text()).contains("Another Bemble is using the data").doesNotContain("\tat ");
        stop(demo);
    }

    @Test
    void startKeepsASchoolsDataToItsOwnerAndTheDemoLeavesThemAlone() throws Exception {
        int port = freePort();
        Process start = ready(port, "start", "--data", "own;data");
        Path data = elsewhere.resolve("own;data");
        assertThat(get(port, "/api/account")).contains("\"first\":true");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data))).isEqualTo("rwx------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve("bemble.mv.db"))))
                .isEqualTo("rw-------");
        assertThat(data.resolve("bemble.log")).exists();
        // Without a folder of one's own it is the checkout's, wherever the command was typed.
        Ended taken = run("start", "--port", Integer.toString(port));
        assertThat(checkout.resolve("data/bemble.mv.db")).exists();
        assertThat(taken.code()).isEqualTo(1);
        assertThat(taken.text()).contains("Port " + port + " is taken", "--port").doesNotContain("\tat ");
        stop(start);
        Ended demo = run("demo", "--data", data.toString());
        assertThat(demo.code()).isEqualTo(1);
        assertThat(demo.text()).contains("holds a school's own data");
    }

    @Test
    void everyCommandExplainsItself() throws Exception {
        for (String command : List.of("demo", "start", "reset-password", "rebuild-records", "test", "bench",
                "screenshots")) {
            Ended help = run(command, "--help");
            assertThat(help.code()).isZero();
            assertThat(help.text()).startsWith("./bemble " + command);
        }
        assertThat(run("--help").text()).contains("./bemble demo");
    }

    @Test
    void whatCannotBeStartedIsSaidInASentence() throws Exception {
        Ended unknown = run("start", "--prot", "9000");
        assertThat(unknown.code()).isEqualTo(2);
        assertThat(unknown.text()).contains("There is no option --prot").contains("--port N");
        assertThat(run("start", "--port", "many").text()).contains("many is no port");
        assertThat(run("start", "--port").text()).contains("--port needs a value");
        Files.writeString(elsewhere.resolve("a-file"), "no folder");
        Ended unwritable = run("start", "--data", "a-file/data");
        assertThat(unwritable.code()).isEqualTo(1);
        assertThat(unwritable.text()).contains("cannot be written").doesNotContain("\tat ");
    }

    @Test
    void withoutAJavaOrWithAnOldOneItSaysWhatIsNeeded() throws Exception {
        Path tools = Files.createDirectory(folder.resolve("no-java"));
        for (String tool : List.of("bash", "dirname", "sed", "find", "env")) {
            Files.createSymbolicLink(tools.resolve(tool), Path.of("/usr/bin/" + tool));
        }
        Map<String, String> path = Map.of("PATH", tools.toString());
        assertThat(ended(begin(path, "demo")).text()).contains("needs Java 17").contains("no java on this machine");
        standIn(tools.resolve("java"), "echo 'openjdk version \"11.0.2\" 2019-01-15' >&2");
        assertThat(ended(begin(path, "demo")).text()).contains("needs Java 17").contains("version 11");
    }

    @Test
    void aMissingChromiumIsInstalledBeforeTheTests() throws Exception {
        Path tools = Files.createDirectories(folder.resolve("no chromium"));
        for (String tool : List.of("bash", "dirname", "env", "id")) {
            Files.createSymbolicLink(tools.resolve(tool), Path.of("/usr/bin/" + tool));
        }
        standIn(tools.resolve("sudo"), "exec \"$@\"");
        standIn(tools.resolve("apt-get"), "echo \"apt-get $*\" >&2; [ \"$1\" = update ]");
        assertThat(ended(begin(Map.of("PATH", tools.toString()), "test")).text()).contains("Installing Chromium")
                .containsPattern("apt-get install .*chromium");
    }

    private static void standIn(Path command, String does) throws IOException {
        Files.writeString(command, "#!/usr/bin/env bash\n" + does + "\n");
        Files.setPosixFilePermissions(command, PosixFilePermissions.fromString("rwxr-xr-x"));
    }
}
