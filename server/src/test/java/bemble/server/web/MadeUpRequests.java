package bemble.server.web;

import bemble.server.running.Client;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import tools.jackson.databind.JsonNode;

/** Requests made up from the API's own description, right ones and spoilt ones. */
final class MadeUpRequests {
    private static final List<Object> ODD =
            List.of("", " ", "\u0000", "<script>", "%FF", "null", -1, 0, 1.9, 999_999_999_999L,
                    true, List.of(), Map.of(), "9".repeat(500), "é".repeat(60), "487 + 96", "√529", "addition", "long");

    private final JsonNode description;
    private final RandomGenerator random;

    MadeUpRequests(JsonNode description, long seed) {
        this.description = description;
        this.random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    /** A request as it is sent. */
    record MadeUp(String method, String address, String body, String type) {
        Client.Reply sentBy(Client client) {
            return client.send(method, address, body, type);
        }

        @Override
        public String toString() {
            return method + " " + address + " " + body;
        }
    }

    /** A request to an address of the description. */
    MadeUp of(String method, String path, JsonNode operation) {
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
        return new MadeUp(method.toUpperCase(Locale.ROOT), whole, body, type);
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
