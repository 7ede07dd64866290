package bemble.server.running;

import static org.assertj.core.api.Assertions.assertThat;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the API as a browser does, with cookies and the token against forged requests. */
public final class Client {
    public static final ObjectMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private final RunningServer server;

    public Client(RunningServer server) {
        this.server = server;
    }

    /** What came back. */
    public record Reply(int status, String type, String text) {
        public JsonNode json() {
            return JSON.readTree(text);
        }

        public String message() {
            return json().get("errors").get(0).get("message").asString();
        }
    }

    public static Client demo(RunningServer server) {
        Client client = new Client(server);
        client.get("/api/account");
        client.post("/api/account/sign-in", Map.of("login", "demo", "password", "lantern-quay"));
        return client;
    }

    /** The class of that name. */
    public JsonNode schoolClass(String name) {
        for (JsonNode each : get("/api/classes").json()) {
            if (each.get("name").asString().equals(name)) {
                return each;
            }
        }
        throw new AssertionError("no class " + name);
    }

    /** A day of a class's week on which something is planned. */
    public String dayPlanned(String classId) {
        for (JsonNode day : get("/api/classes/" + classId + "/plan").json().get("days")) {
            if (!day.get("groups").isEmpty()) {
                return day.get("date").asString();
            }
        }
        throw new AssertionError("nothing is planned");
    }

    /** The number of a set that the demo school has from the beginning. */
    public long demoSet() {
        for (JsonNode each : get("/api/sets").json()) {
            if (each.get("title").asString().equals("Exchange across a zero")) {
                return each.get("id").asLong();
            }
        }
        throw new AssertionError("the demo school has lost its set");
    }

    public Reply get(String path) {
        return send("GET", path, null);
    }

    /** The first line that comes back to an address that is sent letter by letter as it stands. */
    public String raw(String address) {
        try {
            return server.raw("GET " + address + " HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nCookie: "
                    + cookies.getCookieStore().getCookies().stream()
                            .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                            .collect(Collectors.joining("; "))
                    + "\r\n\r\n").lines().findFirst().orElse("");
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    public Reply post(String path, Object body) {
        return send("POST", path, body instanceof String text ? text : JSON.writeValueAsString(body));
    }

    public Reply post(String path, String body, String type) {
        return send("POST", path, body, type);
    }

    /** The value of a cookie; null where there is none. */
    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst().orElse(null);
    }

    public Reply work(Map<String, ?> request) {
        return post("/api/work", request);
    }

    /** The bytes of a file. */
    public byte[] file(String path) {
        try {
            return http.send(HttpRequest.newBuilder(URI.create(server.address() + path)).build(),
                    HttpResponse.BodyHandlers.ofByteArray()).body();
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        } catch (InterruptedException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** What is sent as it happens, for as long as it is read. */
    public InputStream stream(String path) {
        try {
            return http.send(HttpRequest.newBuilder(URI.create(server.address() + path)).build(),
                    HttpResponse.BodyHandlers.ofInputStream()).body();
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        } catch (InterruptedException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** Puts something that is taken. */
    public JsonNode put(String path, Object body) {
        Reply reply = send("PUT", path, JSON.writeValueAsString(body));
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.json();
    }

    /** A field of each of a list. */
    public static List<String> all(JsonNode list, String field) {
        List<String> values = new ArrayList<>();
        list.forEach(each -> values.add(each.get(field).asString()));
        return values;
    }

    public Reply send(String method, String path, String body) {
        return send(method, path, body, "application/json");
    }

    public Reply send(String method, String path, String body, String type) {
        return send(method, path, type,
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
    }

    /** @param more headers and their values by turns */
    public Reply send(String method, String path, String type, HttpRequest.BodyPublisher body, String... more) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(server.address() + path))
                .header("Content-Type", type).method(method, body);
        if (more.length > 0) {
            request.headers(more);
        }
        cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue).findFirst().ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Reply(response.statusCode(), response.headers().firstValue("Content-Type").orElse(""),
                    response.body());
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        } catch (InterruptedException exception) {
            throw new IllegalStateException(exception);
        }
    }

    /** What is printed on pages that are to be looked at, in the order in which it is drawn. */
    public static List<String> printed(JsonNode report) {
        List<String> texts = new ArrayList<>();
        report.get("pages").forEach(page -> Pattern.compile(">([^<]*)</text>").matcher(page.asString()).results()
                .forEach(text -> texts.add(HtmlUtils.htmlUnescape(text.group(1)))));
        return texts;
    }
}
