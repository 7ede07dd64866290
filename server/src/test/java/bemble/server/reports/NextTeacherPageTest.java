package bemble.server.reports;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who takes a class over reads what was seen, and of whom. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class NextTeacherPageTest {
    private static final List<String> QUESTIONS =
            List.of("36 + 48", "27 + 35", "58 + 16", "47 + 29", "19 + 64", "38 + 55");
    private static final List<String> RIGHT = List.of("84", "62", "74", "76", "83", "93");
    private static final List<String> WITHOUT_CARRY = List.of("74", "52", "64", "66", "73", "83");

    private static String page(Client teacher, long classId) {
        return String.join(" ", Client.printed(teacher.get("/api/classes/" + classId + "/next-teacher").json()))
                .replaceAll("\\s+", " ");
    }

    @Test
    void theClassAndEachChildInItAreTold(RunningServer server) {
        Client teacher = Client.demo(server);
        JsonNode made = teacher.post("/api/classes",
                Map.of("name", "Handed on", "pupils", List.of("Ray B", "Nell C", "Gus D"))).json();
        long classId = made.get("id").asLong();
        assertThat(page(teacher, classId)).contains("No answer of this class stands on a step yet");
        long set = teacher.post("/api/sets/import?name=Sums", String.join("\n", QUESTIONS) + "\n", "text/csv").json()
                .get("id").asLong();
        long pile = teacher.post("/api/markings", Map.of("classId", classId, "setId", set)).json().get("id").asLong();
        type(teacher, pile, made.get("pupils").get(1).get("id").asLong(), RIGHT);
        type(teacher, pile, made.get("pupils").get(2).get("id").asLong(), WITHOUT_CARRY);

        Patience.until(() -> page(teacher, classId).contains("Habits to know"));
        String page = page(teacher, classId);
        assertThat(page).contains("Addition: in columns", "Carry not added (addition): Gus D.",
                "Nothing is marked of Ray B.", "0 of 6 right");
        assertThat(page.substring(page.indexOf("Child by child"))).as("what one child does is not said of another")
                .containsOnlyOnce("Carry not added");
        assertThat(new String(teacher.file("/api/classes/" + classId + "/next-teacher.pdf"),
                StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    }

    private static void type(Client teacher, long pile, long pupil, List<String> answers) {
        for (int i = 0; i < answers.size(); i++) {
            assertThat(teacher.post("/api/markings/" + pile + "/papers/" + pupil + "/entries",
                    Map.of("key", "next-" + pile + "-" + pupil + "-" + i, "line", i + 1 + " " + answers.get(i)))
                    .status()).isEqualTo(200);
        }
    }
}
