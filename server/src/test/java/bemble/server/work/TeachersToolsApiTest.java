package bemble.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What stands beside the paper: the house style, the ways there are, the estimate, the calculator, the log of all. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class TeachersToolsApiTest {
    @Test
    void aHouseStyleIsKeptForItsTeacherAloneAndABadChoiceChangesNothing() {
        try (RunningServer server = RunningServer.start()) {
            Client teacher = new Client(server);
            teacher.get("/api/account");
            Map<String, String> account = Map.of("name", "A", "login", "a", "password", "password a");
            teacher.post("/api/account/first", account);
            teacher.send("PATCH", "/api/style", "{\"carryPlace\":\"under-answer\",\"pace\":\"figure\"}");
            Client.Reply refused =
                    teacher.send("PATCH", "/api/style", "{\"pace\":\"column\",\"carryPlace\":\"nowhere\"}");
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.json().get("errors").get(0).get("field").asString()).isEqualTo("style.carryPlace");
            server.restart();
            teacher.get("/api/account");
            teacher.post("/api/account/sign-in", account);
            JsonNode style = teacher.get("/api/style").json();
            assertThat(style.get("chosen").get("carryPlace").asString()).isEqualTo("under-answer");
            assertThat(style.get("chosen").get("pace").asString()).isEqualTo("figure");
            assertThat(style.get("choices"))
                    .allSatisfy(choice -> assertThat(style.get("chosen").has(choice.get("id").asString())).isTrue());
        }
    }

    @Test
    void everyWayThatIsListedCanBeWorkedAndEveryCheckToo(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, List<String>> operands = Map.of("addition", List.of("47", "38"), "subtraction",
                List.of("403", "128"),
                "multiplication", List.of("46", "37"), "division", List.of("97", "4"), "square-root", List.of("530"));
        JsonNode ways = teacher.get("/api/ways").json();
        assertThat(ways).hasSize(5);
        for (JsonNode each : ways) {
            String operation = each.get("operation").asString();
            for (JsonNode method : each.get("methods")) {
                for (JsonNode check : each.get("checks")) {
                    JsonNode work = teacher.work(Map.of("operation", operation, "operands", operands.get(operation),
                            "method", method.get("id").asString(), "check", check.get("id").asString())).json();
                    assertThat(work.get("method").asString()).isEqualTo(method.get("id").asString());
                    assertThat(work.get("check").get("kind").asString()).isEqualTo(check.get("id").asString());
                    assertThat(work.get("check").get("holds").asBoolean()).isTrue();
                }
            }
        }
    }

    @Test
    void anEstimateIsOfferedAndAnOwnOneHeldAgainstTheAnswer(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, Object> work = Map.of("problem", "4738 + 1967");
        JsonNode offered = teacher.post("/api/estimate", Map.of("work", work, "keptDigits", 2)).json();
        assertThat(offered.get("statement").asString()).isEqualTo("4700 + 2000 = 6700");
        assertThat(offered.has("held")).isFalse();
        assertThat(teacher.post("/api/estimate", Map.of("work", work, "own", "7000")).json().get("held").asString())
                .contains("near each other");
        assertThat(teacher.post("/api/estimate", Map.of("work", work, "own", "much")).message())
                .contains("not a number");
        assertThat(teacher.post("/api/estimate", Map.of("work", work, "keptDigits", 0)).message())
                .contains("1, 2 or 3");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "√7                 | 2.645751311",
        "√529               | 23",
        "1 ÷ 3              | 0.333333333",
        "2 ÷ 4              | 0.5",
        "67.4 + 8.95        | 76.35",
        "99999999999 × 99999999999 | 9999999999800000000001"})
    void theCalculatorShowsTenDigitsCutOff(String problem, String display, RunningServer server) {
        assertThat(
                Client.demo(server).post("/api/calculator", Map.of("problem", problem)).json().get("text").asString())
                        .isEqualTo(display);
    }

    @Test
    void everyOperationIsKeptExportedAndReadBack() {
        List<String> problems = List.of("385 + 67 + 49", "5002 − 1347", "386 × 47", "7506 ÷ 25", "√7 to 3 dp");
        try (RunningServer server = RunningServer.start()) {
            Client teacher = new Client(server);
            teacher.get("/api/account");
            teacher.post("/api/account/first", Map.of("name", "A", "login", "a", "password", "password a"));
            for (String problem : problems) {
                JsonNode entry =
                        teacher.post("/api/log", Map.of("work", Map.of("problem", problem, "slip", "none"))).json();
                assertThat(entry.has("errors")).isTrue();
                teacher.post("/api/log", Map.of("work", Map.of("problem", problem)));
            }
            JsonNode entries = teacher.get("/api/log").json().get("entries");
            assertThat(entries).extracting(entry -> entry.get("problem").asString())
                    .containsExactlyInAnyOrderElementsOf(problems);
            assertThat(entries).allSatisfy(entry -> {
                JsonNode again = teacher.post("/api/work", entry.get("work").toString()).json();
                assertThat(again.get("answer").get("text")).isEqualTo(entry.get("answer"));
                assertThat(entry.get("working").asString()).isNotBlank();
            });
            String file = teacher.get("/api/log/bemble-log.json").text();
            assertThat(teacher.post("/api/log/import", file).text()).isEqualTo("{\"added\":0,\"alreadyThere\":5}");
        }
    }
}
