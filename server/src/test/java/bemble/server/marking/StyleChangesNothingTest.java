package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A style that is changed says how things are written from now on; what was kept means what it meant. */
@Tag("slow")
class StyleChangesNothingTest {
    private static final List<Map<String, String>> STYLES =
            List.of(Map.of("point", "comma", "grouping", "none"), Map.of("point", "comma", "grouping", "separator"),
                    Map.of("point", "comma", "grouping", "thin-space"),
                    Map.of("point", "point", "grouping", "separator"),
                    Map.of("point", "point", "grouping", "none"));
    private static RunningServer server;
    private static Client teacher;
    private static long classId;
    private static List<Long> pupils;

    @BeforeAll
    static void begin() {
        server = RunningServer.start("--bemble.demo=true");
        teacher = Client.demo(server);
        JsonNode made = teacher.post("/api/classes", Map.of("name", "Styles", "pupils", List.of("Ada", "Bo"))).json();
        classId = made.get("id").asLong();
        pupils = List.of(made.get("pupils").get(0).get("id").asLong(), made.get("pupils").get(1).get("id").asLong());
    }

    @AfterAll
    static void end() {
        server.close();
    }

    private static void style(Map<String, String> style) {
        Client.Reply changed = teacher.send("PATCH", "/api/style", Client.JSON.writeValueAsString(style));
        assertThat(changed.status()).as(changed.text()).isEqualTo(200);
    }

    private static void type(long pile, int pupil, String line) {
        Client.Reply kept = teacher.post("/api/markings/" + pile + "/papers/" + pupils.get(pupil) + "/entries",
                Map.of("key", UUID.randomUUID().toString(), "line", line));
        assertThat(kept.status()).as(line + ": " + kept.text()).isEqualTo(200);
    }

    private static long pile() {
        long set = teacher.post("/api/sets/import?name=Styles",
                "1.125 + 2.25\n1250 + 2250\n97 / 4\n4.2 - 1.35\n", "text/csv").json().get("id").asLong();
        return teacher.post("/api/markings", Map.of("classId", classId, "setId", set)).json().get("id").asLong();
    }

    /** What was said of every answer of every pile, record and paper, numbers without how they are written. */
    private static Map<String, String> said() {
        Map<String, String> said = new TreeMap<>();
        teacher.get("/api/markings").json().forEach(line -> {
            long id = line.get("id").asLong();
            teacher.get("/api/markings/" + id).json().get("papers").forEach(paper -> paper.get("answers")
                    .forEach(answer -> said.put(
                            id + " " + paper.get("pupil").get("name").asString() + " " + answer.get("question").asInt(),
                            answer.get("verdict").asString() + " " + plain(answer.get("given")) + " "
                                    + plain(answer.get("correction")))));
        });
        teacher.get("/api/classes").json().forEach(each -> each.get("pupils").forEach(pupil -> teacher
                .get("/api/pupils/" + pupil.get("id").asLong() + "/record").json().get("rungs")
                // Causes come by and by, as papers are judged behind the screens.
                .forEach(rung -> rung.get("rests").forEach(rest -> said.put(
                        "record " + pupil.get("id").asLong() + " " + rest.get("marking").asLong() + " "
                                + rest.get("question").asInt(),
                        rest.get("right").asBoolean() + " "
                                + plain(rest.get("given")))))));
        return said;
    }

    private static String plain(JsonNode text) {
        return text.asString().replace(',', '.');
    }

    @Test
    void whateverIsChosenLater() {
        style(STYLES.get(4));
        long pile = pile();
        for (String line : List.of("1 3.375", "2 3,400 > 3500", "3 24 rem 1", "4 3.15 > 2.85")) {
            type(pile, 0, line);
        }
        style(STYLES.get(0));
        for (String line : List.of("1 3.475", "2 3400", "3 24,5", "4 3,15 > 2,85")) {
            type(pile, 1, line);
        }
        Map<String, String> before = said();
        assertThat(before.get(pile + " Ada 1")).startsWith("right 3.375");
        assertThat(before.get(pile + " Ada 2")).startsWith("wrong 3400 3500");
        assertThat(before.get(pile + " Ada 3")).startsWith("right 24 r 1");
        assertThat(before.get(pile + " Bo 4")).startsWith("wrong 3.15 2.85");
        for (Map<String, String> style : STYLES) {
            style(style);
            assertThat(said()).as(style.toString()).isEqualTo(before);
        }
    }

    @Test
    void whatIsKeptIsShownAsTheTeacherWritesItNow() {
        style(STYLES.get(4));
        long pile = pile();
        type(pile, 0, "1 3.475");
        style(STYLES.get(2));
        type(pile, 0, "4 3.15");
        JsonNode answers = teacher.get("/api/markings/" + pile).json().get("papers").get(0).get("answers");
        assertThat(answers.get(0).get("given").asString()).isEqualTo("3,475");
        assertThat(answers.get(1).get("given").asString()).as("a point from the number pad").isEqualTo("3,15");
    }
}
