package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Requests made up from the API's own description, right ones and spoilt ones, for every address there is. */
class ApiFuzzTest {
    private static final long SEED = 20_260_311;
    private static final int ROUNDS = 26;
    private static final List<Object> ODD =
            List.of("", " ", "\u0000", "<script>", "%FF", "null", -1, 0, 1.9, 999_999_999_999L,
                    true, List.of(), Map.of(), "9".repeat(500), "é".repeat(60), "487 + 96", "√529", "addition", "long");

    /** What works something out and keeps nothing of it. */
    private static final Set<String> STORES_NOTHING = Set.of("/api/work", "/api/paper", "/api/mark", "/api/nudge",
            "/api/sets/draft", "/api/sets/another", "/api/sets/questions", "/api/sets/telling", "/api/explanation",
            "/api/in/papers/{id}/next", "/api/diagnose", "/api/diagnose/set", "/api/diagnose/next",
            "/api/slips", "/api/estimate", "/api/calculator", "/api/pictures", "/api/rehearse", "/api/in/door",
            "/api/in/leave");

    private static RunningServer server;
    private static JsonNode description;
    private final RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(SEED);

    @BeforeAll
    static void begin() {
        server = RunningServer.start("--bemble.demo=true");
        description = Client.demo(server).get("/api/description").json();
    }

    @AfterAll
    static void end() {
        server.close();
    }

    @Test
    void noRequestMakesAFaultOfTheServersOwn() {
        Client teacher = Client.demo(server);
        Map<Integer, Integer> statuses = new HashMap<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (var path : description.get("paths").properties()) {
                for (var operation : path.getValue().properties()) {
                    if (!path.getKey().startsWith("/api/account") && !isLive(operation.getValue())) {
                        Client.Reply reply = send(teacher, operation.getKey(), path.getKey(), operation.getValue());
                        statuses.merge(reply.status(), 1, Integer::sum);
                    }
                }
            }
        }
        assertThat(statuses.keySet()).as("both right and spoilt requests were sent: " + statuses).contains(200, 422,
                404);
    }

    /** What is answered as done is on the disk, or is refused where the disk takes no more: every request that changes something. */
    @Test
    void onAFullDiskNothingIsAnsweredAsSaved() {
        try (RunningServer full = RunningServer.start("--bemble.demo=true")) {
            full.restart("--bemble.room=1000000TB");
            Client teacher = Client.demo(full);
            int refused = 0;
            for (int round = 0; round < ROUNDS / 4; round++) {
                for (var path : description.get("paths").properties()) {
                    for (var operation : path.getValue().properties()) {
                        if (!operation.getKey().equals("get") && !path.getKey().startsWith("/api/account")
                                && !STORES_NOTHING.contains(path.getKey())) {
                            Client.Reply reply = send(teacher, operation.getKey(), path.getKey(), operation.getValue());
                            assertThat(reply.status()).as("%s %s: %s", operation.getKey(), path.getKey(), reply.text())
                                    .satisfiesAnyOf(status -> assertThat(status).isEqualTo(507),
                                            status -> assertThat(status).isBetween(400, 429));
                            refused += reply.status() == 507 ? 1 : 0;
                        }
                    }
                }
            }
            assertThat(refused).as("requests that would have been kept").isGreaterThan(20);
        }
    }

    @Test
    void whatIsNoRequestOfThisKindIsRefusedInWords() {
        Client teacher = Client.demo(server);
        for (String type : List.of("*/*", "application/x-www-form-urlencoded", "text/plain;charset=nonsense", "x")) {
            for (String path : List.of("/api/sets", "/api/work", "/api/classes", "/api/in", "/api/markings/1/import")) {
                Client.Reply reply = teacher.send("POST", path, "a=1&b=2", type);
                assertThat(reply.status()).as("%s as %s: %s", path, type, reply.text()).isBetween(400, 422);
                assertThat(reply.message()).isNotBlank();
            }
        }
        for (String query : List.of("?search=%C3%28", "?search=%FF", "?search=%", "?offset=%C3", "?most=1&most=2")) {
            assertThat(teacher.raw("/api/log" + query)).as(query).doesNotContain(" 500 ");
        }
    }

    /** What is sent as it happens has no end to wait for. */
    private static boolean isLive(JsonNode operation) {
        return operation.toString().contains("text/event-stream");
    }

    private Client.Reply send(Client teacher, String method, String path, JsonNode operation) {
        String address = path;
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.get("name").asString();
            String value = encoded(
                    random.nextInt(4) == 0 ? odd() : name.equals("id") ? "1" : value(parameter.get("schema"), 0));
            if (parameter.get("in").asString().equals("path")) {
                address = address.replaceAll("\\{" + name + "[^}]*}", value.isBlank() ? "1" : value);
            } else {
                query.add(name + "=" + value);
            }
        }
        JsonNode contents = operation.path("requestBody").path("content");
        String type = contents.isEmpty() ? "application/json" : contents.propertyNames().iterator().next();
        String body =
                contents.isEmpty() ? null : Client.JSON.writeValueAsString(value(contents.get(type).path("schema"), 0));
        String whole = address + (query.isEmpty() ? "" : "?" + String.join("&", query));
        Client.Reply reply = teacher.send(method.toUpperCase(Locale.ROOT), whole, body, type);
        assertThat(reply.status()).as("seed %d: %s %s %s%n%s", SEED, method, whole, body, reply.text())
                .satisfiesAnyOf(status -> assertThat(status).isLessThan(500),
                        status -> assertThat(status).isEqualTo(507));
        assertThat(reply.text()).as("%s %s %s", method, whole, body).doesNotContain("must not be", "must be");
        if (reply.status() >= 400) {
            assertThat(reply.type()).as("%s %s", method, whole).startsWith("application/problem+json");
            assertThat(reply.json().get("errors").get(0).get("message").asString()).as("%s %s", method, whole)
                    .isNotBlank();
        }
        return reply;
    }

    private static String encoded(Object value) {
        // Tomcat itself refuses a 0 byte or a slash in an address.
        return URLEncoder.encode(String.valueOf(value).replaceAll("[\u0000/]", ""), StandardCharsets.UTF_8).replace("+",
                "%20");
    }

    private Object odd() {
        return ODD.get(random.nextInt(ODD.size()));
    }

    /** A problem, one of the few words there are, or as many letters as are taken; now and then something else. */
    private Object text(JsonNode schema) {
        int most = schema.path("maxLength").asInt(0);
        return switch (random.nextInt(6)) {
            case 0, 1 -> odd();
            case 2 -> most > 0 ? "7".repeat(most) : "487 + 96";
            default -> schema.has("enum") ? schema.get("enum").get(random.nextInt(schema.get("enum").size())).asString()
                    : "487 + 96";
        };
    }

    /** A value as the schema has it; now and then one that it has not, or nothing. */
    private Object value(JsonNode given, int depth) {
        JsonNode schema = given.has("$ref") ? description.at(given.get("$ref").asString().substring(1)) : given;
        int luck = random.nextInt(24);
        if (luck == 0) {
            return odd();
        }
        if (luck == 1) {
            return null;
        }
        switch (schema.path("type").asString("object")) {
            case "string" :
                return text(schema);
            case "integer" :
                return random.nextInt(12);
            case "boolean" :
                return random.nextBoolean();
            case "array" :
                List<Object> items = new ArrayList<>();
                for (int i = random.nextInt(3); i > 0; i--) {
                    items.add(value(schema.path("items"), depth + 1));
                }
                return items;
            default :
                Map<String, Object> fields = new LinkedHashMap<>();
                schema.path("properties").properties().forEach(field -> {
                    if (depth < 4 && random.nextInt(8) > 0) {
                        fields.put(field.getKey(), value(field.getValue(), depth + 1));
                    }
                });
                if (schema.has("additionalProperties") && random.nextBoolean()) {
                    fields.put("digits", odd());
                }
                return fields;
        }
    }
}
