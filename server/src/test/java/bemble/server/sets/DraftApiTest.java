package bemble.server.sets;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Drawing up questions, without signing in. */
@ExtendWith(DemoServer.class)
class DraftApiTest {
    @Test
    void questionsAreDrawnToWishesAndTheSameAgainFromTheSameSeed(RunningServer server) {
        Client anybody = new Client(server);
        Map<String, Object> request = Map.of("operation", "subtraction", "count", 30, "seed", 11, "want",
                Map.of("digits", 4, "exchanges", Map.of("min", 2, "max", 3), "unevenLengths", true));
        Client.Reply first = anybody.post("/api/sets/draft", request);
        assertThat(first.status()).isEqualTo(200);
        assertThat(anybody.post("/api/sets/draft", request).text()).isEqualTo(first.text());
        assertThat(first.json().get("problems")).hasSize(30).allSatisfy(problem -> {
            assertThat(problem.get("features").get("exchanges").asInt()).isBetween(2, 3);
            assertThat(problem.get("features").get("unevenLengths").asBoolean()).isTrue();
            int minuend = Integer.parseInt(problem.get("operands").get(0).asString());
            int subtrahend = Integer.parseInt(problem.get("operands").get(1).asString());
            assertThat(problem.get("answer").asString()).isEqualTo("" + (minuend - subtrahend));
            assertThat(problem.get("text").asString()).isEqualTo(minuend + " − " + subtrahend);
        });
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            {"count": 5}                                                               | operation            | which operation
            {"operation": "addition"}                                                  | count                | how many
            {"operation": "addition", "count": 201}                                    | count                | 1 to 200
            {"operation": "addition", "count": 5, "want": {"exchanges": 2}}            | want.exchanges       | Choose from: addends
            {"operation": "addition", "count": 5, "want": {"digits": "four"}}          | want.digits          | whole number
            {"operation": "addition", "count": 5, "want": {"digits": 41}}              | want.digits          | 1 to 40
            {"operation": "addition", "count": 5, "want": {"digits": 2.5}}             | want.digits          | whole number
            {"operation": "addition", "count": 5, "want": {"digits": {"least": 2}}}    | want.digits          | min and max
            {"operation": "addition", "count": 5, "want": {"digits": {"min": 4, "max": 2}}} | want.digits     | Turn the two round
            {"operation": "division", "count": 5, "want": {"remainder": 1}}            | want.remainder       | true or false
            {"operation": "subtraction", "count": 5, "want": {"digits": 2, "subtrahendDigits": 1, "exchanges": 3}} | want.digits | exchanges can be 0 to 1
            {"operation": "addition", "count": 200, "want": {"digits": 1}}             | count                | Only 45 different
            """)
    void whatCannotBeDrawnIsSaidInATeachersWords(String request, String field, String message, RunningServer server) {
        Client.Reply refused = new Client(server).post("/api/sets/draft", request);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.type()).contains("problem+json");
        assertThat(refused.json().get("errors").get(0).get("field").asString()).isEqualTo(field);
        assertThat(refused.message()).contains(message);
    }

    @Test
    void anotherLikeThisHasOtherNumbersAndTheSameFeatures(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, Object> work = Map.of("problem", "50302 - 1347");
        JsonNode another = teacher.post("/api/sets/another", Map.of("work", work, "seed", 3)).json();
        assertThat(another.get("inWords").asString()).isEqualTo("2 exchanges, one across a zero, unlike lengths");
        assertThat(another.get("text").asString()).isNotEqualTo("50302 − 1347");
        assertThat(teacher.post("/api/sets/another", Map.of("work", Map.of("problem", "1.5 + 2"), "seed", 3)).message())
                .contains("whole numbers");
    }
}
