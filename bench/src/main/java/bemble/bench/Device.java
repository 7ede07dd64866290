package bemble.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Somebody at a device of their own, with its cookies. */
final class Device {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;
    private final AtomicInteger failures;

    /** @param failures counts the answers that are refusals or faults */
    Device(String base, AtomicInteger failures) {
        this.base = base;
        this.failures = failures;
    }

    HttpClient http() {
        return http;
    }

    String send(String method, String path, String body) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .method(method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue).findFirst().ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400) {
            failures.incrementAndGet();
        }
        return answer.body();
    }

    /** What a pattern's group finds in a text, each in turn. */
    static List<String> all(String text, String pattern) {
        List<String> found = new ArrayList<>();
        Matcher matches = Pattern.compile(pattern).matcher(text);
        while (matches.find()) {
            found.add(matches.group(1));
        }
        return found;
    }

    /** Makes a set of ten differences; gives its number. */
    static String newSet(Device teacher) throws IOException, InterruptedException {
        String questions =
                IntStream.range(0, 10).mapToObj(i -> "{\"problem\":\"" + (4002 + 131 * i) + " − " + (1358 + 77 * i)
                        + "\",\"story\":\"\",\"part\":\"alone\"}").collect(Collectors.joining(","));
        return all(teacher.send("POST", "/api/sets", "{\"title\":\"Bench\",\"tag\":\"\",\"seed\":1,\"questions\":["
                + questions
                + "],\"layout\":{\"paper\":\"a4\",\"columns\":2,\"square\":7,\"setOut\":true,\"carryBoxes\":false,\"checkRow\":false,"
                + "\"nameLine\":true,\"largePrint\":false,\"sentences\":true}}"), "\"id\":(\\d+)").get(0);
    }
}
