package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.problem.ProblemText;
import bemble.server.diagnosis.FailingAnswers;
import bemble.server.running.Client;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A fault in one judgement: that paper says so, and all else of the pile is there. */
@Tag("slow")
class NotJudgedTest {
    @Test
    void aPaperThatCannotBeJudgedClosesNothing() {
        try (RunningServer server = RunningServer.startWith(
                empty -> FailingAnswers.of(empty, ProblemText.kept("703 - 96")), "--bemble.demo=true",
                "--logging.level.bemble=off")) {
            Client teacher = Client.demo(server);
            JsonNode schoolClass =
                    teacher.post("/api/classes", Map.of("name", "Faults", "pupils", List.of("Ada", "Bo"))).json();
            long ada = schoolClass.get("pupils").get(0).get("id").asLong();
            long bo = schoolClass.get("pupils").get(1).get("id").asLong();
            long set = teacher.post("/api/sets/import?name=Faults", "805 - 679\n703 - 96\n58 + 67\n", "text/csv").json()
                    .get("id").asLong();
            long pile = teacher.post("/api/markings", Map.of("classId", schoolClass.get("id").asLong(), "setId", set))
                    .json().get("id").asLong();
            Client again = teacher;
            type(again, pile, ada, "1 1");
            type(again, pile, ada, "2 2");
            type(again, pile, bo, "1 9");
            type(again, pile, bo, "3 115");
            JsonNode opened = open(again, pile);
            JsonNode fault = opened.get("papers").get(0);
            assertThat(fault.get("trouble").asString()).contains("could not be worked out");
            assertThat(fault.get("answers").get(1).get("verdict").asString()).isEqualTo("wrong");
            JsonNode whole = opened.get("papers").get(1);
            assertThat(whole.has("trouble")).isFalse();
            assertThat(whole.get("answers").get(1).get("presumed").get(0).get("slip").asString())
                    .isEqualTo("carry-forgotten");
            JsonNode shows = again.get("/api/markings/" + pile + "/class").json();
            assertThat(shows.get("pupils").get(0).get("say").asString()).contains("could not be worked out");
            assertThat(shows.get("pupils").get(0).get("wrong").asInt()).isEqualTo(2);
            for (String page : List.of("/strips/pages", "/marks/pages", "/key/pages")) {
                assertThat(again.get("/api/markings/" + pile + page).status()).as(page).isIn(200, 422);
            }
            assertThat(again.get("/api/classes/" + schoolClass.get("id").asLong() + "/record").status()).isEqualTo(200);
            assertThat(again.get("/api/pupils/" + ada + "/record").status()).isEqualTo(200);
            // What is typed goes on being kept, and what another version can judge is judged by it.
            server.restartWith(nothing -> {});
            Client later = Client.demo(server);
            Patience.until(() -> !open(later, pile).get("papers").get(0).has("trouble")
                    && open(later, pile).get("papers").get(0).get("judged").asBoolean());
        }
    }

    private static JsonNode open(Client teacher, long pile) {
        Client.Reply reply = teacher.get("/api/markings/" + pile);
        assertThat(reply.status()).as(reply.text()).isEqualTo(200);
        return reply.json();
    }

    private static void type(Client teacher, long pile, long pupil, String line) {
        assertThat(teacher.post("/api/markings/" + pile + "/papers/" + pupil + "/entries",
                Map.of("key", "key-of-" + pupil + "-" + line.charAt(0), "line", line)).status()).isEqualTo(200);
    }
}
