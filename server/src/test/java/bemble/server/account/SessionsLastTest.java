package bemble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who is in is still in after Bemble was started anew. */
@Tag("slow")
class SessionsLastTest {
    @Test
    void aTeacherAndAChildInTheMiddleOfAPaperAreStillInAfterARestart() {
        try (RunningServer server = RunningServer.start("--bemble.demo=true")) {
            Client teacher = Client.demo(server);
            JsonNode schoolClass =
                    teacher.post("/api/classes", Map.of("name", "Lasting", "pupils", List.of("Ada"))).json();
            JsonNode session = teacher.post("/api/screens", Map.of("classId", schoolClass.get("id").asLong(), "setId",
                    teacher.demoSet(), "led", false, "asksDigits", false)).json();
            Client child = new Client(server);
            child.get("/api/account");
            child.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId",
                    schoolClass.get("pupils").get(0).get("id").asLong()));
            long paper = child.get("/api/in").json().get("own").get("questions").get(0).get("paper").asLong();
            server.restart();
            assertThat(teacher.get("/api/account").json().has("teacher")).isTrue();
            assertThat(teacher.post("/api/classes", Map.of("name", "After", "pupils", List.of("Bo"))).status())
                    .isEqualTo(200);
            assertThat(child.get("/api/in").json().get("own").get("pupil").asString()).isEqualTo("Ada");
            assertThat(child.post("/api/in/papers/" + paper + "/figures",
                    Map.of("from", 0, "figures", List.of(Map.of("at", 1, "kind", "mark", "rubbed", false)))).status())
                            .isEqualTo(200);
            // What a version before has kept, and this one cannot read, ends a session and stops nothing.
            server.sql("update spring_session_attributes set attribute_bytes = x'ACED000574'");
            assertThat(teacher.get("/api/account").status()).isEqualTo(200);
            assertThat(teacher.get("/api/classes").status()).isEqualTo(401);
            assertThat(child.get("/api/in").json().has("own")).isFalse();
            assertThat(Client.demo(server).get("/api/classes").status()).isEqualTo(200);
        }
    }
}
