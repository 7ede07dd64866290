package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the children of a pile are told: made from their answers, or the teacher's own words. */
@ExtendWith(DemoServer.class)
class FeedbackApiTest {
    private static JsonNode told(Client teacher, long pile) {
        return teacher.get("/api/markings/" + pile + "/feedback").json();
    }

    private static Client.Reply say(Client teacher, long pile, long pupil, String words) {
        return teacher.send("PUT", "/api/markings/" + pile + "/feedback/" + pupil,
                Client.JSON.writeValueAsString(Map.of("words", words)));
    }

    private static void type(Client teacher, long pile, long pupil, String line) {
        assertThat(teacher.post("/api/markings/" + pile + "/papers/" + pupil + "/entries",
                Map.of("key", UUID.randomUUID().toString(), "line", line)).status()).isEqualTo(200);
    }

    @Test
    void eachChildIsToldWhatTheirOwnAnswersSayOrWhatTheTeacherWrites(RunningServer server) {
        Client teacher = Client.demo(server);
        JsonNode made = teacher.post("/api/classes",
                Map.of("name", "Told", "pupils", List.of("Ada F", "Bram L", "Cleo N"))).json();
        long set = teacher.post("/api/sets/import?name=Told", "503 - 148\n62 - 31\n", "text/csv").json().get("id")
                .asLong();
        long pile = teacher.post("/api/markings", Map.of("classId", made.get("id").asLong(), "setId", set)).json()
                .get("id").asLong();
        long ada = made.get("pupils").get(0).get("id").asLong();
        long bram = made.get("pupils").get(1).get("id").asLong();
        assertThat(told(teacher, pile)).isEmpty();
        List.of("1 355", "2 31").forEach(line -> type(teacher, pile, ada, line));
        type(teacher, pile, bram, "1 455");
        assertThat(told(teacher, pile)).as("Cleo answered nothing").hasSize(2);
        assertThat(told(teacher, pile).get(0).get("words").asString())
                .isEqualTo("Both are right, 1 of them across a zero. Make a harder one up, for a neighbour.");
        assertThat(told(teacher, pile).get(1).get("words").asString()).contains("Look again at 1.");

        assertThat(say(teacher, pile, bram, "You set it out well, Bram.").json().get(1).get("own").asBoolean())
                .isTrue();
        Client.Reply tooLong = say(teacher, pile, ada,
                "Well done. You have this time really looked at each and every one of the zeros in it.");
        assertThat(tooLong.status()).isEqualTo(422);
        assertThat(tooLong.message()).contains("twelve words at a time").contains("each and every one");
        assertThat(String.join(" ",
                Client.printed(teacher.get("/api/markings/" + pile + "/strips/pages").json())))
                        .contains("You set it out well, Bram.", "Both are right", "Your own");
        assertThat(say(teacher, pile, bram, " ").json().get(1).get("words").asString()).contains("Look again at 1.");
        assertThat(say(teacher, pile, 999_999, "Hello").status()).isEqualTo(404);
    }
}
