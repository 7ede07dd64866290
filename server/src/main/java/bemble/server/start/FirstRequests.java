package bemble.server.start;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Asks a server for what teachers ask for first. Done once, while the archive of classes for a fast start is made, so that
 * the classes needed for it are in there too.
 */
final class FirstRequests {
    private static final List<String> PROBLEMS = List.of("4738 + 1967", "5002 - 1347", "347 × 26", "8412 ÷ 24");
    private final HttpClient http = HttpClient.newHttpClient();
    private final String server;

    FirstRequests(String port) {
        this.server = "http://127.0.0.1:" + port;
    }

    void send() {
        try {
            get("/");
            get("/api/session");
            for (String problem : PROBLEMS) {
                post("/api/work", "{\"problem\":\"" + problem + "\"}");
                post("/api/diagnose/set",
                        "{\"items\":[" + Stream.of("3152", "3665", "17")
                                .map(given -> "{\"problem\":\"" + problem + "\",\"given\":\"" + given + "\"}")
                                .collect(Collectors.joining(",")) + "]}");
            }
        } catch (IOException noMatter) {
            // The archive is then only less complete.
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void get(String path) throws IOException, InterruptedException {
        http.send(HttpRequest.newBuilder(URI.create(server + path)).build(), HttpResponse.BodyHandlers.discarding());
    }

    private void post(String path, String body) throws IOException, InterruptedException {
        http.send(HttpRequest.newBuilder(URI.create(server + path)).header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)).build(), HttpResponse.BodyHandlers.discarding());
    }
}
