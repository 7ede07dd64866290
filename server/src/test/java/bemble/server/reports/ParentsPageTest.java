package bemble.server.reports;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What goes home is what was seen, child by child: of one who was away, is new, guesses, is strong, or has one trouble. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ParentsPageTest {
    private static final List<String> NAMES = List.of("Ray B", "Nell C", "Gus D", "Zoe E");
    private static final List<String> QUESTIONS = List.of("503 - 148", "704 - 256", "602 - 347", "805 - 439",
            "406 - 158", "901 - 623");
    private static final List<String> RIGHT = List.of("355", "448", "255", "366", "248", "278");

    private Client teacher;
    private JsonNode pupils;

    @BeforeEach
    void aSheetIsMarked(RunningServer server) {
        teacher = Client.demo(server);
        JsonNode made = teacher.post("/api/classes", Map.of("name", "Pages", "pupils", NAMES)).json();
        pupils = made.get("pupils");
        long set = teacher.post("/api/sets/import?name=Pages", String.join("\n", QUESTIONS) + "\n", "text/csv").json()
                .get("id").asLong();
        long pile = teacher.post("/api/markings", Map.of("classId", made.get("id").asLong(), "setId", set)).json()
                .get("id").asLong();
        // Ray was not here; Nell has all right; Gus guesses; Zoe has two right.
        type(pile, 1, RIGHT);
        type(pile, 2, IntStream.range(0, 6).mapToObj(i -> String.valueOf(11 + i)).toList());
        type(pile, 3, List.of("355", "448", "1", "2", "3", "4"));
    }

    private void type(long pile, int pupil, List<String> answers) {
        long id = pupils.get(pupil).get("id").asLong();
        for (int i = 0; i < answers.size(); i++) {
            assertThat(teacher.post("/api/markings/" + pile + "/papers/" + id + "/entries",
                    Map.of("key", "key-" + pile + "-" + id + "-" + i, "line", i + 1 + " " + answers.get(i))).status())
                            .isEqualTo(200);
        }
    }

    private String page(int pupil) {
        return String.join(" ",
                Client.printed(teacher.get("/api/pupils/" + pupils.get(pupil).get("id").asLong() + "/report").json()))
                .replaceAll("\\s+", " ");
    }

    @Test
    void nothingIsSaidThatWasNotSeen() {
        assertThat(page(0)).contains("Ray was not here for the sheets that are marked")
                .doesNotContain("goes well", "on the way", "practising", "at home");
        assertThat(page(1)).contains("What goes well", "all 6 marked answers were right, worked alone");
        assertThat(page(2)).contains("Of 6 marked answers none was right yet").doesNotContain("goes well");
        assertThat(page(3)).contains("2 of 6 marked answers were right");
    }

    @Test
    void whatIsToBeDoneAtHomeHasTheTroubleOfTheStepAndAnotherWayIsRightToo() {
        assertThat(page(3)).contains("taking away from a number with a zero in the middle", "no sticks",
                "If you learnt it otherwise, that is right too.").doesNotContain("52 with 5 sticks");
    }
}
