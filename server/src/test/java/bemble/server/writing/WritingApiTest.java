package bemble.server.writing;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Papers over HTTP: marked, helped with, kept figure by figure, taken out and in again. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class WritingApiTest {
    private static final Map<String, Object> PLAIN = Map.of("settingOut", false, "withCheck", false, "led", false,
            "marking", "end", "joinedAt", 0, "ownWay", false);

    private final RunningServer server;
    private final Client anybody;

    WritingApiTest(RunningServer server) {
        this.server = server;
        this.anybody = new Client(server);
    }

    private static Map<String, Object> figure(String line, int place, String text) {
        return Map.of("block", "sum", "line", line, "place", place, "anchor", "middle", "kind", "digit", "text", text);
    }

    private static Map<String, Object> done(long at, Map<String, Object> figure) {
        Map<String, Object> done = new HashMap<>(figure);
        done.put("at", at);
        done.put("rubbed", false);
        return done;
    }

    private static List<String> verdicts(JsonNode marked) {
        List<String> verdicts = new ArrayList<>();
        marked.get("figures")
                .forEach(figure -> verdicts.add(figure.get("line").asString() + " " + figure.get("place").asInt()
                        + " " + figure.get("text").asString() + " " + figure.get("verdict").asString()));
        return verdicts;
    }

    @Test
    void anybodyHasAPaperMarked() {
        JsonNode marked = anybody.post("/api/mark", Map.of("problem", "687 + 58", "written", List.of(
                Map.of("block", "sum", "line", "answer", "place", 0, "text", "5"), figure("answer", 1, "3"),
                figure("answer", 2, "6")))).json();
        assertThat(marked.get("verdict").asString()).isEqualTo("wrong");
        assertThat(verdicts(marked)).contains("answer 0 5 right", "answer 1 3 wrong", "answer 2 6 wrong",
                "carries 1  unwritten");
        assertThat(marked.get("answer").toString()).isEqualTo("{\"text\":\"635\",\"verdict\":\"wrong\"}");
        assertThat(marked.get("first").get("place").asInt()).isEqualTo(1);
        assertThat(marked.get("first").get("say").asString())
                .isEqualTo(
                        "In the tens column stands 3 where 4 belongs. Tens: 1 ten carried, 8 tens and 5 tens are 14 tens.");
        JsonNode finding = marked.get("findings").get(0);
        assertThat(finding.get("slip").asString()).isEqualTo("carry-forgotten");
        assertThat(finding.get("say").asString()).isEqualTo("Fits this paper: a child who never adds a carry.");
        assertThat(finding.get("working").get("answer").get("text").asString()).isEqualTo("635");
        assertThat(finding.get("confidence").asDouble()).isBetween(0.5, 1.0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "{'problem':'7 + 8'}|Say what stands on the paper; an empty list where nothing does.",
        "{'problem':'7 +','written':[]}|A number is missing after the last +.",
        "{'problem':'7 + 8','written':[{'line':'answer','place':0}]}|Say in which block the figure stands.",
        "{'problem':'7 + 8','written':[{'block':'sum','line':'answer'}]}|Say in which column the figure stands.",
        "{'problem':'7 + 8','written':[{'block':'sum','line':'answer','place':0,'anchor':'top'}]}|A square has no part called “top”.",
        "{'problem':'7 + 8','written':[{'block':'sum','line':'answer','place':0,'kind':'arc'}]}|Choose digit, number or strike.",
        "{'problem':'7 + 8','written':[null]}|A figure is missing here.",
        "{'problem':'7 + 8','written':[],'check':'swap'}|does not check this"})
    void whatCannotBeMarkedIsRefusedInPlainWords(String body, String message) {
        Client.Reply reply = anybody.post("/api/mark", body.replace('\'', '"'));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.text()).contains(message);
    }

    @Test
    void tooManyFiguresAreRefused() {
        List<Map<String, Object>> many = Collections.nCopies(5001, figure("answer", 0, "1"));
        Client.Reply reply = anybody.post("/api/mark", Map.of("problem", "7 + 8", "written", many));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.message()).contains("5000 are taken at most");
    }

    @Test
    void aNudgeGivesAwayNoMoreThanItsSize() {
        Map<String, Object> paper =
                Map.of("problem", "47 + 38", "written", List.of(figure("answer", 0, "5")), "soFar", true);
        JsonNode square = anybody.post("/api/nudge", paper).json();
        assertThat(square.get("line").asString()).isEqualTo("carries");
        assertThat(square.has("ask")).isFalse();
        assertThat(square.has("text")).isFalse();
        JsonNode question = anybody.post("/api/nudge?size=QUESTION", paper).json();
        assertThat(question.get("ask").asString()).endsWith("?");
        assertThat(question.has("text")).isFalse();
        assertThat(anybody.post("/api/nudge?size=FIGURE", paper).json().get("text").asString()).isEqualTo("1");
    }

    @Test
    void aPaperIsKeptFigureByFigureAndGoesOnInAnotherWindow() {
        Client teacher = Client.demo(server);
        JsonNode begun =
                teacher.post("/api/attempts", Map.of("work", Map.of("problem", "47 + 38"), "settings", PLAIN)).json();
        String address = "/api/attempts/" + begun.get("id").asLong();
        List<Object> two = List.of(done(900, figure("answer", 0, "5")), done(2100, figure("answer", 1, "7")));
        assertThat(teacher.post(address + "/figures", Map.of("from", 0, "figures", two)).json().get("count").asInt())
                .isEqualTo(2);
        // The answer was lost on its way and they are sent once more.
        assertThat(teacher.post(address + "/figures", Map.of("from", 0, "figures", two)).json().get("count").asInt())
                .isEqualTo(2);
        Client.Reply otherwise = teacher.post(address + "/figures",
                Map.of("from", 1, "figures", List.of(done(3000, figure("answer", 1, "9")))));
        assertThat(otherwise.status()).isEqualTo(409);
        assertThat(otherwise.json().get("current").size()).isEqualTo(2);
        assertThat(teacher.post(address + "/mark", Map.of()).json().get("verdict").asString()).isEqualTo("wrong");
        List<Object> corrected = List.of(done(4000, figure("answer", 1, "8")));
        teacher.post(address + "/figures", Map.of("from", 2, "figures", corrected));
        assertThat(teacher.post(address + "/mark", Map.of()).json().get("verdict").asString()).isEqualTo("right");
        JsonNode kept = teacher.get(address).json();
        assertThat(kept.get("figures").size()).isEqualTo(3);
        assertThat(kept.get("state").asString()).isEqualTo("right");
        assertThat(kept.get("answer").asString()).isEqualTo("85");
        assertThat(anybody.get(address).status()).isEqualTo(401);
    }

    @Test
    void aPaperCopiedOtherwiseIsJudgedByWhatWasCopied() {
        Client teacher = Client.demo(server);
        JsonNode begun =
                teacher.post("/api/attempts", Map.of("work", Map.of("problem", "254 + 318"), "settings", PLAIN)).json();
        String address = "/api/attempts/" + begun.get("id").asLong();
        teacher.post(address + "/figures", Map.of("from", 0, "figures", List.of(done(1, figure("answer", 0, "3")),
                done(2, figure("answer", 1, "6")), done(3, figure("answer", 2, "5")))));
        assertThat(teacher.post(address + "/mark", Map.of()).json().get("verdict").asString()).isEqualTo("wrong");
        Map<String, Object> copied = new HashMap<>(PLAIN);
        copied.put("copiedAs", "245 + 318");
        teacher.send("PUT", address + "/settings", Client.JSON.writeValueAsString(copied));
        assertThat(teacher.post(address + "/mark", Map.of()).json().get("verdict").asString()).isEqualTo("right");
        copied.put("copiedAs", "245 +");
        assertThat(teacher.send("PUT", address + "/settings", Client.JSON.writeValueAsString(copied)).status())
                .isEqualTo(422);
    }

    @Test
    void papersGoOutWithTheLogAndComeInAgain() {
        try (RunningServer empty = RunningServer.start("--bemble.demo=true")) {
            Client teacher = Client.demo(empty);
            JsonNode run = teacher.post("/api/attempts/run", Map.of("papers", List.of(
                    Map.of("work", Map.of("problem", "47 + 38"), "settings", PLAIN, "question", 1),
                    Map.of("work", Map.of("problem", "12 + 12"), "settings", PLAIN, "question", 2)))).json();
            String address = "/api/attempts/" + run.get("first").asLong();
            teacher.post(address + "/figures",
                    Map.of("from", 0, "figures", List.of(done(5, figure("answer", 0, "5")))));
            teacher.post(address + "/mark", Map.of());
            String file = teacher.get("/api/log/bemble-log.json").text();
            assertThat(teacher.get("/api/log/bemble-log.csv").text()).contains("unfinished").contains("open");
            teacher.send("DELETE", "/api/log/" + run.get("first").asLong(), null);
            assertThat(teacher.get(address).status()).isEqualTo(404);
            teacher.post("/api/log/import", file);
            assertThat(teacher.get(address).json().get("figures").size()).isEqualTo(1);

            String fresh = file.replaceAll("\"reference\" : \"([0-9a-f]{8})", "\"reference\" : \"00000000");
            JsonNode imported = teacher.post("/api/log/import", fresh).json();
            assertThat(imported.get("added").asInt()).isPositive();
            JsonNode papers = teacher.get("/api/attempts?run=" + run.get("run").asString()).json();
            assertThat(papers.size()).isEqualTo(4);
            assertThat(papers.get(1).get("figures").toString()).isEqualTo(papers.get(0).get("figures").toString());
            assertThat(teacher.post("/api/log/import", fresh.replace("\"digit\"", "\"doodle\"")).status())
                    .isEqualTo(422);
        }
    }
}
