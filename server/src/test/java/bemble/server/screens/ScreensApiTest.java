package bemble.server.screens;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A set opened for a class: who comes in, what they write, what is handed in, and what the teacher sees of it. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ScreensApiTest {
    private static RunningServer server;
    private static Client teacher;
    private static JsonNode terns;
    private static long set;

    @BeforeAll
    static void begin(RunningServer shared) {
        server = shared;
        teacher = Client.demo(server);
        terns = teacher.schoolClass("Terns");
        set = teacher.demoSet();
    }

    private static JsonNode open(boolean led, boolean asksDigits) {
        return teacher.post("/api/screens", Map.of("classId", terns.get("id").asLong(), "setId", set, "led", led,
                "asksDigits", asksDigits)).json();
    }

    private static Client child() {
        Client child = new Client(server);
        child.get("/api/account");
        return child;
    }

    private static long pupil(JsonNode session, int which) {
        return session.get("places").get(which).get("pupil").get("id").asLong();
    }

    /** Writes an answer, digit by digit from the ones, on the answer line of a paper. */
    private static void write(Client child, long paper, String answer) {
        JsonNode attempt = child.get("/api/in/papers/" + paper).json();
        List<JsonNode> squares = answerLine(child, attempt.get("work"));
        List<Map<String, Object>> figures = new ArrayList<>();
        for (int i = 0; i < answer.length(); i++) {
            JsonNode square = squares.get(i);
            figures.add(Map.of("at", 10 * i, "kind", "digit", "block", square.get("block").asString(), "line",
                    square.get("line").asString(),
                    "place", square.get("place").asInt(), "anchor", "middle", "text",
                    answer.substring(answer.length() - 1 - i, answer.length() - i),
                    "rubbed", false));
        }
        Client.Reply kept = child.post("/api/in/papers/" + paper + "/figures",
                Map.of("from", attempt.get("figures").size(), "figures", figures));
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    }

    /** The squares of the answer line, the ones first. */
    private static List<JsonNode> answerLine(Client child, JsonNode work) {
        List<JsonNode> squares = new ArrayList<>();
        child.post("/api/paper", Map.of("work", Client.JSON.convertValue(work, Map.class))).json().get("squares")
                .forEach(square -> {
                    if (square.get("name").asString().endsWith("answer line")) {
                        squares.add(square);
                    }
                });
        squares.sort(Comparator.comparingInt(square -> square.get("place").asInt()));
        assertThat(squares).isNotEmpty();
        return squares;
    }

    private static JsonNode taken(JsonNode session, Predicate<JsonNode> so) {
        return taken(session, 0, so);
    }

    /** What stands on a pupil's paper in the pile, once that is so: it is taken in behind the hand-in. */
    private static JsonNode taken(JsonNode session, int pupil, Predicate<JsonNode> so) {
        Supplier<JsonNode> answers = () -> teacher.get("/api/markings/" + session.get("markingId").asLong()).json()
                .get("papers").get(pupil).get("answers");
        Patience.until(() -> so.test(answers.get()));
        return answers.get();
    }

    @Test
    void whatAPupilHandsInIsMarkedInThePileAndACorrectionStaysBesideIt() {
        JsonNode session = open(false, false);
        long id = session.get("id").asLong();
        Client child = child();
        JsonNode door = child
                .post("/api/in/door", Map.of("code", session.get("code").asString().toLowerCase(Locale.ROOT))).json();
        assertThat(door.get("pupils")).hasSize(terns.get("pupils").size());
        JsonNode own =
                child.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", pupil(session, 0)))
                        .json().get("own");
        long first = own.get("questions").get(0).get("paper").asLong();
        assertThat(child.get("/api/in/papers/" + first).text()).as("nobody is told the answer")
                .doesNotContain("\"right\"");
        write(child, first, "9");
        JsonNode place = teacher.get("/api/screens/" + id).json().get("places").get(0);
        assertThat(place.get("state").asString()).isEqualTo("writing");
        assertThat(place.get("at").asInt()).isEqualTo(1);
        assertThat(place.get("begun").asInt()).isEqualTo(1);
        assertThat(child.get("/api/in").json().get("own").get("questions").get(0).get("begun").asBoolean())
                .as("kept over a reload").isTrue();
        child.post("/api/in/hand-in", Map.of());
        Patience.until(() -> child.get("/api/in").json().get("own").has("says"));
        assertThat(child.get("/api/in").json().get("own").get("says").asString()).as("counted from their own answers")
                .matches("(1 of \\d+ is right|You worked at 1 of \\d+ questions).*");
        JsonNode answers = taken(session, each -> !each.isEmpty());
        assertThat(answers.get(0).get("given").asString()).isEqualTo("9");
        assertThat(answers.get(0).get("verdict").asString()).isEqualTo("wrong");
        assertThat(answers.get(1).get("verdict").asString()).isEqualTo("blank");
        assertThat(
                child.post("/api/in/papers/" + first + "/figures", Map.of("from", 1, "figures", List.of())).message())
                        .contains("handed in");

        teacher.post("/api/screens/" + id + "/pupils/" + pupil(session, 0) + "/back", Map.of());
        for (String done : List.of("back", "device")) {
            Client.Reply nobody = teacher.post("/api/screens/" + id + "/pupils/999999/" + done, Map.of());
            assertThat(nobody.status()).isEqualTo(404);
            assertThat(nobody.message()).contains("was not opened for that pupil");
        }
        write(child, first, "8");
        child.post("/api/in/hand-in", Map.of());
        JsonNode again = taken(session, each -> each.get(0).get("correction").asString().equals("8")).get(0);
        assertThat(again.get("given").asString()).as("the first answer stays").isEqualTo("9");
        assertThat(again.get("correction").asString()).isEqualTo("8");

        teacher.post("/api/screens/" + id + "/end", Map.of());
        assertThat(child().post("/api/in/door", Map.of("code", session.get("code").asString())).status())
                .isEqualTo(422);
        assertThat(child.get("/api/in").json().get("own").get("ended").asBoolean()).isTrue();
    }

    @Test
    void theTeachersOwnWorkIsFoundAmongPapersOfPupils() {
        JsonNode mine = teacher.post("/api/log", Map.of("work", Map.of("problem", "6021 − 3987"))).json();
        JsonNode session = open(false, false);
        for (int i = 0; i < 3; i++) {
            child().post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", pupil(session, i)));
        }
        JsonNode own = teacher.get("/api/log?pupils=false&most=500").json();
        JsonNode theirs = teacher.get("/api/log?pupils=true&most=500").json();
        assertThat(own.get("total").asInt() + theirs.get("total").asInt())
                .isEqualTo(teacher.get("/api/log").json().get("total").asInt());
        assertThat(own.get("entries")).extracting(entry -> entry.get("id")).contains(mine.get("id"));
        assertThat(theirs.get("entries")).extracting(entry -> entry.get("written").asString()).hasSizeGreaterThan(20)
                .contains("open");
        assertThat(teacher.get("/api/today").json().get("last").get("problem").asString()).isEqualTo("6021 − 3987");
        teacher.post("/api/screens/" + session.get("id").asLong() + "/end", Map.of());
        teacher.send("DELETE", "/api/log/" + mine.get("id").asLong(), null);
    }

    @Test
    void aTalkWithParentsShowsThePaperAsTheChildWroteIt() {
        JsonNode dunlins = teacher.post("/api/classes", Map.of("name", "Dunlins", "pupils", List.of("Ida M"))).json();
        JsonNode session =
                teacher.post("/api/screens", Map.of("classId", dunlins.get("id").asLong(), "setId", set, "led", false,
                        "asksDigits", false)).json();
        long ida = pupil(session, 0);
        Client child = child();
        JsonNode own =
                child.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", ida)).json().get("own");
        JsonNode question = own.get("questions").get(0);
        String report = "/api/pupils/" + ida + "/report";
        assertThat(teacher.get(report).text()).doesNotContain("worked this alone, and it is right");
        String answer = teacher.post("/api/work", Map.of("problem", question.get("problem").asString())).json()
                .get("answer").get("value").asString();
        write(child, question.get("paper").asLong(), answer);
        child.post("/api/in/hand-in", Map.of());
        Patience.until(() -> teacher.get(report).text().contains("worked this alone, and it is right"));
        // The log is the same for all tests.
        assertThat(teacher.send("DELETE", "/api/pupils/" + ida, null).status()).isEqualTo(204);
    }

    @Test
    void whatIsLedIsNotCountedAsAlone() {
        JsonNode session = open(true, false);
        Client child = child();
        child.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", pupil(session, 1)));
        child.post("/api/in/hand-in", Map.of());
        assertThat(taken(session, 1, each -> !each.isEmpty()).get(0).get("how").asString()).isEqualTo("h");
    }

    @Test
    void digitsGoWithTheirNameAndWhoGuessesWaits() {
        JsonNode session = open(false, true);
        String code = session.get("code").asString();
        String digits = session.get("places").get(2).get("digits").asString();
        Client child = child();
        Map<String, Object> wrong =
                Map.of("code", code, "pupilId", pupil(session, 2), "digits", digits.equals("111") ? "112" : "111");
        assertThat(child.post("/api/in", wrong).message()).contains("do not go with this name");
        assertThat(child.get("/api/in").json().has("own")).isFalse();
        assertThat(child.post("/api/in", Map.of("code", code, "pupilId", pupil(session, 2), "digits", digits)).status())
                .isEqualTo(200);
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            statuses.add(child.post("/api/in", wrong).status());
        }
        assertThat(statuses).contains(429);
        assertThat(session.toString()).doesNotContain("password");
    }

    @Test
    void whoWatchesIsToldOfEachChange() throws Exception {
        JsonNode session = open(false, false);
        try (BufferedReader live = new BufferedReader(
                new InputStreamReader(teacher.stream("/api/screens/" + session.get("id").asLong() + "/live"),
                        StandardCharsets.UTF_8))) {
            assertThat(next(live)).contains("\"state\":\"away\"").doesNotContain("writing");
            child().post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", pupil(session, 3)));
            // Changes that come together are told as one, and others may be told before.
            String told;
            do {
                told = next(live);
            } while (!told.contains("\"state\":\"writing\""));
        }
    }

    private static String next(BufferedReader live) throws Exception {
        String line;
        do {
            line = live.readLine();
        } while (!line.startsWith("data:"));
        return line;
    }

    @Test
    void whatCannotBeOpenedIsSaid() {
        assertThat(teacher
                .post("/api/screens",
                        Map.of("classId", terns.get("id").asLong(), "setId", 999_999, "led", false, "asksDigits",
                                false))
                .status()).isEqualTo(404);
        JsonNode empty = teacher.post("/api/classes", Map.of("name", "Nobody", "pupils", List.of())).json();
        assertThat(teacher
                .post("/api/screens",
                        Map.of("classId", empty.get("id").asLong(), "setId", set, "led", false, "asksDigits", false))
                .message()).contains("nobody to open it for");
        assertThat(child().post("/api/in/door", Map.of("code", "QQQQQ")).message()).contains("Look at the board");
    }
}
