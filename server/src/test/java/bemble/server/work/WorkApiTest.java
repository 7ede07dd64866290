package bemble.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(DemoServer.class)
class WorkApiTest {
    private final Client anybody;

    WorkApiTest(RunningServer server) {
        anybody = new Client(server);
    }

    @Test
    void anybodyCanHaveAnAdditionWorked() {
        JsonNode work = anybody.work(Map.of("problem", "67.4 + 8.95")).json();
        assertThat(work.get("operation").asString()).isEqualTo("addition");
        assertThat(work.get("answer").toString()).isEqualTo("{\"value\":\"76.35\",\"text\":\"76.35\"}");
        assertThat(work.get("record").get("columns").get(0).toString()).isEqualTo(
                "{\"place\":-2,\"digits\":[5],\"carryIn\":0,\"total\":5,\"digit\":5,\"carryOut\":0}");
        assertThat(work.get("check").get("statement").asString()).isEqualTo("8.95 + 67.4 = 76.35");
        JsonNode step = work.get("steps").get(2);
        assertThat(step.get("expects").toString()).isEqualTo("[\"3\",\"1\"]");
        JsonNode carry = work.get("sheet").get("marks").get(step.get("marks").get(2).asInt());
        assertThat(carry.get("role").asString()).isEqualTo("carry");
        assertThat(carry.has("until")).isFalse();
    }

    @Test
    void aClassTypesDigitsAloneWhateverStandsRoundThem() {
        JsonNode work = anybody.work(Map.of("problem", "5002 − 1347", "method", "counting-up",
                "style", Map.of("grouping", "separator"))).json();
        JsonNode marks = work.get("sheet").get("marks");
        Map<String, String> keys = new HashMap<>();
        work.get("steps").forEach(step -> step.get("asked").forEach(asked -> keys.put(
                marks.get(asked.get("mark").asInt()).get("text").asString(), asked.get("keys").toString())));
        assertThat(keys).containsEntry("+50", "[\"5\",\"0\"]").containsEntry("+3000", "[\"3\",\"0\",\"0\",\"0\"]");
    }

    @Test
    void aProductOfOneRowHasASumThatIsNull() {
        JsonNode record = anybody.work(Map.of("problem", "386 × 7")).json().get("record");
        assertThat(record.has("sum")).isTrue();
        assertThat(record.get("sum").isNull()).isTrue();
        assertThat(anybody.work(Map.of("problem", "97 ÷ 4")).json().get("answer").toString())
                .isEqualTo("{\"value\":\"24\",\"remainder\":\"1\",\"text\":\"24 r 1\"}");
    }

    @Test
    void aSlipIsWrittenWithTheBrokenRuleMarked() {
        JsonNode work = anybody.work(Map.of("problem", "687 + 58", "slip", "carry-forgotten")).json();
        assertThat(work.get("answer").get("text").asString()).isEqualTo("635");
        assertThat(work.get("check").get("holds").asBoolean()).isFalse();
        assertThat(work.get("sheet").get("marks")).anyMatch(mark -> mark.get("role").asString().equals("wrong")
                && mark.get("place").asInt() == 1 && mark.get("text").asString().equals("3"));
    }

    @Test
    void twoSlipsAreMadeBesideEachOther() {
        JsonNode both = anybody.work(
                Map.of("problem", "5003 - 1847", "slip", "smaller-from-larger", "with", "fact-near-miss")).json();
        assertThat(both.get("slip").asString()).isEqualTo("smaller-from-larger");
        assertThat(both.get("with").asString()).isEqualTo("fact-near-miss");
        String alone =
                anybody.work(Map.of("problem", "5003 - 1847", "slip", "smaller-from-larger")).json().get("answer")
                        .get("text").asString();
        assertThat(both.get("answer").get("text").asString()).isNotIn(alone, "3156");
        assertThat(both.get("sheet").get("marks")).anyMatch(mark -> mark.get("role").asString().equals("wrong"));
        // As findings name them: what a child may have done twice at once is shown by the names that were found.
        assertThat(
                anybody.work(Map.of("problem", "76 x 58", "slip", "placeholder-forgotten", "with", "carry-forgotten"))
                        .json().get("answer").get("text").asString()).isNotEqualTo("4408");
    }

    @Test
    void operandsApartAreReadInPlainDigitsWhateverTheStyle() {
        JsonNode work = anybody.work(Map.of("operation", "addition", "operands", List.of("1234.5", "2"),
                "style", Map.of("point", "comma", "grouping", "separator"))).json();
        assertThat(work.get("answer").get("value").asString()).isEqualTo("1236.5");
        assertThat(work.get("answer").get("text").asString()).isEqualTo("1236,5");
        assertThat(anybody.work(Map.of("problem", "12.345,5 + 2", "style", Map.of("point", "comma", "grouping",
                "separator"))).json().get("answer").get("text").asString()).isEqualTo("12.347,5");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "{\"problem\":\"47a + 3\"}                                        | 422 | problem        | not a digit",
        "{\"problem\":\"\"}                                               | 422 | problem        | Type a problem",
        "{}                                                               | 422 | problem        | Type a problem",
        "{\"operation\":\"power\",\"operands\":[\"2\",\"3\"]}             | 422 | operation      | not an operation",
        "{\"operation\":\"addition\",\"operands\":[\"2\"]}                | 422 | operands       | two numbers",
        "{\"operation\":\"addition\",\"operands\":[\"2\",null]}           | 422 | operands       | missing",
        "{\"problem\":\"1 + 2\",\"method\":\"abacus\"}                    | 422 | method         | column",
        "{\"problem\":\"1 + 2\",\"check\":\"luck\"}                       | 422 | check          | reverse-order",
        "{\"problem\":\"1 + 2\",\"style\":{\"pace\":\"trot\"}}            | 422 | style.pace     | figure",
        "{\"problem\":\"1 + 2\",\"style\":{\"pace\":null}}                | 422 | style.pace     | Nothing is chosen",
        "{\"problem\":\"1 + 2\",\"style\":{\"mood\":\"good\"}}            | 422 | style.mood     | no choice",
        "{\"problem\":\"√2 to 99 dp\"}                                    | 422 | decimals       | 0 to 12",
        "{\"problem\":\"1 + 2\",\"slip\":\"hurry\"}                      | 422 | slip           | no slip called",
        "{\"problem\":\"1 + 2\",\"slip\":\"carry-forgotten\"}            | 422 | slip           | leaves its answer",
        "{\"problem\":\"1 + 2\",\"with\":\"carry-forgotten\"}            | 422 | slip           | Say the first one",
        "{\"problem\":\"58 + 67\",\"slip\":\"last-carry-lost\",\"with\":\"hurry\"} | 422 | with | no slip called",
        "{\"problem\":\"1 + 2\",\"slip\":\"carry-forgotten\",\"with\":\"last-carry-lost\"} | 422 | with | leave its answer",
        "{\"operation\":\"addition\",\"operands\":\"2\"}                  | 400 | operands       | form",
        "{\"problem\":                                                    | 400 | ''             | JSON",
        "[]                                                               | 400 | ''             | JSON"})
    void badInputIsAnsweredInATeachersWords(String body, int status, String field, String words) {
        Client.Reply reply = anybody.post("/api/work", body);
        assertThat(reply.status()).isEqualTo(status);
        assertThat(reply.type()).startsWith("application/problem+json");
        assertThat(reply.json().get("status").asInt()).isEqualTo(status);
        assertThat(reply.json().get("title").asString()).isNotBlank();
        JsonNode error = reply.json().get("errors").get(0);
        assertThat(error.get("field").asString()).isEqualTo(field);
        assertThat(error.get("message").asString()).contains(words).endsWith(".");
        assertThat(reply.json().get("detail").asString()).isEqualTo(error.get("message").asString());
    }

    @Test
    void aSubtrahendThatIsLargerIsOfferedTheOtherWayRound() {
        assertThat(anybody.work(Map.of("problem", "358 - 4206")).json().get("offer").asString())
                .isEqualTo("4206 − 358");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/log", "/api/style", "/api/log/bemble-log.json", "/api/ways", "/api/nowhere"})
    void whatIsStoredNeedsASignIn(String path) {
        Client.Reply reply = anybody.get(path);
        assertThat(reply.status()).isEqualTo(401);
        assertThat(reply.message()).contains("Sign in");
    }

    @Test
    void unknownAddressesAreSaidToBeEmptyAndScreensGetThePage(RunningServer server) {
        Client teacher = Client.demo(server);
        assertThat(teacher.get("/api/nowhere").status()).isEqualTo(404);
        assertThat(teacher.get("/assets/none.js").status()).isEqualTo(404);
        assertThat(anybody.get("/log").text()).contains("<div id=\"root\">");
        assertThat(anybody.get("/log?search=1.5").type()).startsWith("text/html");
    }

    @Test
    void scriptsComePackedAsTheyWereBuilt(RunningServer server) throws IOException {
        Matcher script = Pattern.compile("/assets/index-[^\"]+\\.js").matcher(anybody.get("/").text());
        assertThat(script.find()).isTrue();
        String host = server.address().replaceAll(".*/", "");
        for (String accepted : List.of("gzip", "identity")) {
            String[] reply = server.raw("GET " + script.group() + " HTTP/1.1\r\nHost: " + host + "\r\nAccept-Encoding: "
                    + accepted + "\r\nConnection: close\r\n\r\n").split("\r\n\r\n", 2);
            String head = reply[0].toLowerCase(Locale.ROOT);
            // What is packed on the way has no length to say beforehand.
            assertThat(head).contains("content-length:").contains("immutable").contains("text/javascript");
            assertThat(head.contains("content-encoding: gzip")).isEqualTo(accepted.equals("gzip"));
        }
    }
}
