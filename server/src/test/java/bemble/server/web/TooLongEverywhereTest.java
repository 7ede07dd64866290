package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Every field whose length the description bounds is sent one longer than that: it is refused beside the field, in words. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class TooLongEverywhereTest {
    private static final int DEEPEST = 6;

    private final Client teacher;
    private final JsonNode description;

    TooLongEverywhereTest(RunningServer server) {
        teacher = Client.demo(server);
        description = teacher.get("/api/description").json();
    }

    /**
     * A field of a request that is too long.
     *
     * @param path its name, as faults have it
     * @param body the request, with nothing but that field
     */
    private record TooLong(String path, Object body, boolean isList) {
        TooLong within(String name) {
            return new TooLong(name + (path.startsWith("[") ? "" : ".") + path, Map.of(name, body), isList);
        }

        TooLong inList() {
            return new TooLong("[0]." + path, List.of(body), isList);
        }
    }

    private JsonNode resolved(JsonNode schema) {
        return schema.has("$ref") ? description.at(schema.get("$ref").asString().substring(1)) : schema;
    }

    private List<TooLong> fieldsOf(JsonNode given, int depth) {
        List<TooLong> found = new ArrayList<>();
        if (depth > DEEPEST) {
            return found;
        }
        for (var property : resolved(given).path("properties").properties()) {
            String name = property.getKey();
            JsonNode schema = resolved(property.getValue());
            if (schema.has("maxLength") && !schema.has("enum")) {
                found.add(new TooLong(name, Map.of(name, "7".repeat(schema.get("maxLength").asInt() + 1)), false));
            }
            if (schema.has("maxItems")) {
                found.add(new TooLong(name,
                        Map.of(name, Collections.nCopies(schema.get("maxItems").asInt() + 1, null)), true));
            }
            if (schema.has("items")) {
                fieldsOf(schema.get("items"), depth + 1).forEach(each -> found.add(each.inList().within(name)));
            } else {
                fieldsOf(schema, depth + 1).forEach(each -> found.add(each.within(name)));
            }
        }
        return found;
    }

    /** What has to stand in the address besides. */
    private static String query(JsonNode operation) {
        List<String> required = new ArrayList<>();
        for (JsonNode parameter : operation.path("parameters")) {
            if (parameter.get("in").asString().equals("query") && parameter.path("required").asBoolean()) {
                boolean isDay = parameter.get("schema").path("format").asString("").equals("date");
                required.add(parameter.get("name").asString() + "=" + (isDay ? "2026-03-02" : "1"));
            }
        }
        return required.isEmpty() ? "" : "?" + String.join("&", required);
    }

    @Test
    void whatIsMissingInTheAddressIsNamed() {
        Client.Reply reply = teacher.send("PUT", "/api/classes/1/term", "{}", "application/json");
        assertThat(reply.status()).isEqualTo(400);
        assertThat(reply.message()).contains("“revision” is missing");
    }

    @Test
    void whatIsTooLongIsRefusedBesideItsField() {
        Map<String, Integer> refused = new HashMap<>();
        for (var path : description.get("paths").properties()) {
            for (var operation : path.getValue().properties()) {
                JsonNode schema = operation.getValue().path("requestBody").path("content").path("application/json")
                        .path("schema");
                for (TooLong field : fieldsOf(schema, 0)) {
                    String address = path.getKey().replaceAll("\\{[^}]*}", "1") + query(operation.getValue());
                    Client.Reply reply = teacher.send(operation.getKey().toUpperCase(Locale.ROOT), address,
                            Client.JSON.writeValueAsString(field.body()), "application/json");
                    String of = operation.getKey() + " " + address + " " + field.path();
                    // A pupil at a screen is asked who they are first; a file has a test of its own.
                    if (!path.getKey().startsWith("/api/in") && !path.getKey().endsWith("/file")) {
                        assertRefused(reply, field, of);
                    }
                    refused.merge(reply.status() + " " + (field.isList() ? "list" : "text"), 1, Integer::sum);
                }
            }
        }
        assertThat(refused.get("422 text")).as("refusals: " + refused).isGreaterThan(60);
        assertThat(refused.get("422 list")).as("refusals: " + refused).isGreaterThan(20);
    }

    private static void assertRefused(Client.Reply reply, TooLong field, String of) {
        if (reply.status() == 400) {
            assertThat(reply.message()).as(of).as("a number that has to be there is asked for first")
                    .contains("does not have the form it needs");
            return;
        }
        assertThat(reply.status()).as(of + ": " + reply.text()).isEqualTo(422);
        List<JsonNode> faults = new ArrayList<>();
        reply.json().get("errors").forEach(faults::add);
        assertThat(faults).as(of).allSatisfy(
                fault -> assertThat(fault.get("message").asString()).isNotBlank().doesNotContain("{", "}", "must be"));
        assertThat(faults.stream().map(fault -> fault.get("field").asString())).as(of + ": " + reply.text())
                .contains(field.path());
    }
}
