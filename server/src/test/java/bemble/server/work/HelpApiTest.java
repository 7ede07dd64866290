package bemble.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What helps with a working: pictures, ways to a fact, what to look for, the whole in words. */
@ExtendWith(DemoServer.class)
class HelpApiTest {
    @Test
    void aWorkingBecomesAPictureAndAPageOfItsStages(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, String> work = Map.of("problem", "403 - 128");
        Client.Reply svg = teacher.post("/api/worked-pictures", Map.of("work", work, "step", 4, "form", "SVG"));
        assertThat(svg.text()).startsWith("<svg").contains(">5<").doesNotContain(">check<");
        Client.Reply png = teacher.post("/api/worked-pictures", Map.of("work", work, "step", 4, "form", "PNG"));
        assertThat(png.text().substring(1, 4)).isEqualTo("PNG");
        String long40 = "1234567890".repeat(4);
        Client.Reply large = teacher.post("/api/worked-pictures",
                Map.of("work", Map.of("problem", long40 + " x " + long40), "step", 4000, "form", "PNG"));
        assertThat(large.status()).as("no picture is larger than fits into memory").isEqualTo(200);
        assertThat(teacher.post("/api/worked-pictures", Map.of("work", work, "step", 0, "form", "SVG")).message())
                .contains("counted from 1");
        assertThat(teacher.post("/api/worked-pictures", Map.of("step", 1, "form", "SVG")).message())
                .contains("Say what is to be worked");
        assertThat(teacher.file("/api/worked-pictures/stages.pdf?problem=403-128")).startsWith('%', 'P', 'D', 'F');
        assertThat(teacher.get("/api/worked-pictures/stages.pdf?problem=403-").message()).contains("number");
    }

    @ParameterizedTest
    @ValueSource(strings = {"358 + 276", "1.5 + 2", "9999999 + 1", "503 - 147", "5 - 5", "76 x 58", "0 x 7", "97 / 4",
        "3 / 8",
        "sqrt 529", "sqrt 0", "sqrt 0.5 to 2 dp", "9999999999999999999999999999999999999999 - 1"})
    void everyPictureIsDrawnInsideItsFrameOrSaysWhyNot(String problem, RunningServer server) {
        Client teacher = Client.demo(server);
        for (JsonNode method : methods(teacher, problem)) {
            Client.Reply reply =
                    teacher.post("/api/pictures", Map.of("problem", problem, "method", method.get("id").asString()));
            assertThat(reply.status()).as(reply.text()).isEqualTo(200);
            assertThat(reply.json()).isNotEmpty().allSatisfy(picture -> {
                assertThat(picture.get("frames").isEmpty()).as(picture.get("id") + " of " + problem)
                        .isEqualTo(picture.has("whyNot"));
                for (JsonNode frame : picture.get("frames")) {
                    assertThat(frame.get("words").asString()).isNotBlank();
                    assertThat(frame.get("shapes")).allSatisfy(shape -> {
                        double right = shape.get("x").asDouble() + shape.get("width").asDouble();
                        assertThat(right).as(shape + " of " + picture.get("id")).isBetween(0.0,
                                picture.get("width").asDouble());
                        double foot = shape.get("y").asDouble() + shape.get("height").asDouble();
                        assertThat(foot).as(shape + " of " + picture.get("id")).isBetween(0.0,
                                picture.get("height").asDouble());
                    });
                }
            });
        }
    }

    private static List<JsonNode> methods(Client teacher, String problem) {
        String operation = teacher.work(Map.of("problem", problem)).json().get("operation").asString();
        List<JsonNode> methods = new ArrayList<>();
        teacher.get("/api/ways").json().forEach(ways -> {
            if (ways.get("operation").asString().equals(operation)) {
                ways.get("methods").forEach(methods::add);
            }
        });
        return methods;
    }

    @Test
    void whatToLookForCanBeAskedForAsItIsListed(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, Object> work =
                new LinkedHashMap<>(Map.of("problem", "4206 - 1358", "style", Map.of("pace", "figure")));
        JsonNode list = teacher.post("/api/slips", work).json();
        String right = teacher.work(work).json().get("answer").get("value").asString();
        assertThat(list.get("slips")).hasSizeGreaterThan(3).allSatisfy(slip -> {
            work.put("slip", slip.get("id").asString());
            assertThat(teacher.work(work).json().get("answer").get("value").asString()).isNotEqualTo(right);
        });
        assertThat(list.get("odd")).isNotEmpty().allSatisfy(odd -> {
            JsonNode worked = teacher.post("/api/work", odd.get("work").toString()).json();
            assertThat(worked.get("answer").get("value").asString()).isEqualTo(right);
        });
    }

    @ParameterizedTest
    @CsvSource({"+,8&numbers=7,Make a ten", "−,14&numbers=6,By way of ten", "÷,24&numbers=5,The multiples of 5"})
    void waysToAFactAreTold(String sign, String numbers, String way, RunningServer server) {
        String path = "/api/facts?sign=" + URLEncoder.encode(sign, StandardCharsets.UTF_8) + "&numbers=" + numbers;
        assertThat(Client.demo(server).get(path).json().findValuesAsString("name")).contains(way);
    }

    @Test
    void wordsAreSavedWithAnEntryExportedAndReadBackIn() {
        // A server of its own, so that no other test finds an entry that is kept.
        try (RunningServer server = RunningServer.start("--bemble.demo=true")) {
            Client teacher = Client.demo(server);
            Map<String, Object> work = Map.of("problem", "586 + 679");
            assertThat(teacher.post("/api/explanation", work).json().get("text").asString())
                    .contains("So 586 + 679 is 1265.");
            long id = teacher.post("/api/log", Map.of("work", work)).json().get("id").asLong();
            String own = "=I put 6 and 9 together.\n\nThat makes a ten.";
            Map<String, Object> remarks =
                    new LinkedHashMap<>(Map.of("label", "Terns", "note", "", "kept", true, "explanation", own));
            assertThat(remark(teacher, id, remarks).json().get("explanation").asString()).isEqualTo(own);
            remarks.remove("explanation");
            assertThat(remark(teacher, id, remarks).json().get("explanation").asString()).as("left as it is")
                    .isEqualTo(own);
            remarks.put("explanation", "x".repeat(400_001));
            assertThat(remark(teacher, id, remarks).status()).isEqualTo(422);

            String file = teacher.get("/api/log/bemble-log.json").text();
            assertThat(file).contains("=I put 6 and 9 together.");
            assertThat(teacher.get("/api/log/bemble-log.csv").text()).contains("'=I put 6 and 9");
            String older = file.replaceAll(",\\s*\"explanation\" : \"[^\"]*\"", "");
            assertThat(older).doesNotContain("explanation");
            assertThat(teacher.post("/api/log/import", older).status()).as("a file from before there were words")
                    .isEqualTo(200);
            assertThat(teacher.post("/api/log/import", file).status()).isEqualTo(200);
            assertThat(teacher.get("/api/log/" + id).json().get("explanation").asString()).isEqualTo(own);
        }
    }

    private static Client.Reply remark(Client teacher, long id, Map<String, Object> remarks) {
        return teacher.send("PATCH", "/api/log/" + id, Client.JSON.writeValueAsString(remarks));
    }
}
