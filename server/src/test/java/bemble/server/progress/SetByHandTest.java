package bemble.server.progress;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A record of questions that a teacher set by hand: none of them is passed over in silence. */
@ExtendWith(DemoServer.class)
class SetByHandTest {
    @Test
    void everyAnswerIsOnARungOrCountedBesides(RunningServer server) {
        Client teacher = Client.demo(server);
        JsonNode made = teacher.post("/api/classes", Map.of("name", "By hand", "pupils", List.of("Ida B"))).json();
        long pupil = made.get("pupils").get(0).get("id").asLong();
        long set = teacher
                .post("/api/sets/import?name=Mixed", "4738 + 2596\n6212 - 3474\n84 x 4\n7 x 8\n3.5 + 2.7\n", "text/csv")
                .json().get("id").asLong();
        long pile = teacher.post("/api/markings", Map.of("classId", made.get("id").asLong(), "setId", set)).json()
                .get("id").asLong();
        JsonNode empty = teacher.get("/api/pupils/" + pupil + "/record").json();
        assertThat(empty.get("rungs")).isEmpty();
        assertThat(empty.has("besides")).isFalse();

        List<String> answers = List.of("7334", "2738", "336", "54", "6.2");
        for (int i = 0; i < answers.size(); i++) {
            assertThat(teacher.post("/api/markings/" + pile + "/papers/" + pupil + "/entries",
                    Map.of("key", "by-hand-" + i, "line", i + 1 + " " + answers.get(i))).status()).isEqualTo(200);
        }
        JsonNode record = teacher.get("/api/pupils/" + pupil + "/record").json();
        assertThat(record.get("rungs").findValuesAsString("id")).containsExactly("addition-a-chain",
                "subtraction-two-exchanges", "multiplication-by-one-digit-one-carry");
        assertThat(record.get("besides").asString()).startsWith(
                "Besides: 1 of 2 answers right in questions that stand on no step, such as 3.5 + 2.7.");
    }
}
