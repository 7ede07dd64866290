package bemble.server.sets;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Wishes at random, sensible and not: they are met, or refused by name; nothing else ever comes back. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class WishesFuzzTest {
    private static final Map<String, List<String>> FEATURES = Map.of(
            "addition", List.of("addends", "digits", "carries", "chain", "newPlace", "unevenLengths"),
            "subtraction", List.of("digits", "subtrahendDigits", "exchanges", "acrossZeros", "unevenLengths"),
            "multiplication", List.of("topDigits", "bottomDigits", "carries", "zeroInBottom"),
            "division", List.of("dividendDigits", "divisorDigits", "remainder", "zeroInQuotient"),
            "square-root", List.of("radicandDigits", "perfect", "decimals", "zeroInRoot"));
    private static final Set<String> YES_NO =
            Set.of("newPlace", "unevenLengths", "zeroInBottom", "remainder", "zeroInQuotient", "perfect", "zeroInRoot");

    @ParameterizedTest
    @ValueSource(strings = {"addition", "subtraction", "multiplication", "division", "square-root"})
    void wishesAreMetOrRefusedByName(String operation, RunningServer server) {
        Random random = new Random(operation.hashCode());
        Client anybody = new Client(server);
        int met = 0;
        for (int i = 0; i < 60; i++) {
            Map<String, Object> want = want(operation, random);
            Map<String, Object> request = Map.of("operation", operation, "count", 3, "seed", i, "want", want);
            Client.Reply reply = anybody.post("/api/sets/draft", request);
            String what = Client.JSON.writeValueAsString(request) + " → " + reply.text();
            assertThat(reply.status()).as(what).isIn(200, 422);
            if (reply.status() == 200) {
                met++;
                assertThat(reply.json().get("problems")).as(what).hasSize(3)
                        .allSatisfy(problem -> meets(problem.get("features"), want, what));
            } else {
                Set<String> fields = new HashSet<>();
                reply.json().get("errors").forEach(error -> {
                    fields.add(error.get("field").asString());
                    assertThat(error.get("message").asString()).as(what).endsWith(".");
                });
                assertThat(fields).as(what).isNotEmpty().allMatch(field -> field.equals("count") || field.equals("want")
                        || field.startsWith("want.") && want.containsKey(field.substring("want.".length())));
            }
        }
        assertThat(met).as("wishes that could be met").isGreaterThan(10);
    }

    private static Map<String, Object> want(String operation, Random random) {
        Map<String, Object> want = new LinkedHashMap<>();
        List<String> features = new ArrayList<>(FEATURES.get(operation));
        for (String feature : features) {
            if (random.nextInt(3) == 0) {
                continue;
            }
            boolean isSize = feature.toLowerCase(Locale.ROOT).contains("digits");
            int least = isSize ? 1 + random.nextInt(4)
                    : feature.equals("addends") ? 2 + random.nextInt(2) : random.nextInt(3);
            want.put(feature, YES_NO.contains(feature) ? (Object) random.nextBoolean()
                    : random.nextBoolean() ? (Object) least : Map.of("min", least, "max", least + random.nextInt(4)));
        }
        return want;
    }

    private static void meets(JsonNode features, Map<String, Object> want, String what) {
        want.forEach((feature, wish) -> {
            JsonNode found = features.get(feature);
            if (wish instanceof Boolean yes) {
                assertThat(found.asBoolean()).as(feature + ": " + what).isEqualTo(yes);
            } else if (wish instanceof Integer count) {
                assertThat(found.asInt()).as(feature + ": " + what).isEqualTo(count);
            } else if (wish instanceof Map<?, ?> stretch) {
                assertThat(found.asInt()).as(feature + ": " + what)
                        .isBetween((Integer) stretch.get("min"), (Integer) stretch.get("max"));
            }
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"[]", "3", "{", "{\"operation\": 3}", "{\"operation\": \"addition\", \"count\": \"many\"}",
        "{\"operation\": \"addition\", \"count\": 3, \"seed\": 1e99}",
        "{\"operation\": \"addition\", \"count\": 3, \"want\": []}",
        "{\"operation\": \"addition\", \"count\": 3, \"want\": {\"digits\": {\"min\": null, \"max\": []}}}",
        "{\"operation\": \"knitting\", \"count\": 3}", "{\"operation\": \"addition\", \"count\": -1}",
        "{\"operation\": \"addition\", \"count\": 3, \"want\": {\"digits\": -2}}",
        "{\"operation\": \"addition\", \"count\": 3, \"want\": {\"carries\": {\"min\": 99999999999}}}"})
    void whatIsNoRequestGetsAPlainAnswer(String body, RunningServer server) {
        Client.Reply reply = new Client(server).post("/api/sets/draft", body);
        assertThat(reply.status()).as(reply.text()).isBetween(400, 422);
        assertThat(reply.type()).contains("problem+json");
        assertThat(reply.message()).isNotBlank().doesNotContain("Exception").doesNotContain("bemble.");
    }
}
