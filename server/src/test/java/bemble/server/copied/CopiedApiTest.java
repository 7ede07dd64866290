package bemble.server.copied;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Workings that pupils wrote on paper, copied by their teacher into the pile. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class CopiedApiTest {
    private static final String PRODUCT = "23 × 14";
    private static final int PRODUCT_ASKED = 2;
    private static Client teacher;
    private long pile;
    private long pupil;

    @BeforeAll
    static void begin(RunningServer shared) {
        teacher = Client.demo(shared);
    }

    @BeforeEach
    void takeAPile() {
        style("lines");
        JsonNode made = teacher.post("/api/classes", Map.of("name", "Copies", "pupils", List.of("Ada", "Bo"))).json();
        pupil = made.get("pupils").get(0).get("id").asLong();
        pile = pile(made.get("id").asLong(), "58 + 67\n23 x 14\n");
    }

    @AfterEach
    void asBefore() {
        style("none");
    }

    private static void style(String marks) {
        assertThat(teacher.send("PATCH", "/api/style", "{\"methodMarks\":\"" + marks + "\"}").status()).isEqualTo(200);
    }

    private static long pile(long classId, String problems) {
        long set = teacher.post("/api/sets/import?name=Copies", problems, "text/csv").json().get("id").asLong();
        return teacher.post("/api/markings", Map.of("classId", classId, "setId", set)).json().get("id").asLong();
    }

    private Client.Reply open(long markingId, int question) {
        return teacher.post("/api/markings/" + markingId + "/copied", Map.of("pupilId", pupil, "question", question));
    }

    private Client.Reply take(long paper) {
        return teacher.post("/api/markings/" + pile + "/copied/" + paper, "");
    }

    private void write(long paper, List<Map<String, Object>> figures) {
        assertThat(teacher.post("/api/attempts/" + paper + "/figures", Map.of("from", 0, "figures", figures)).status())
                .isEqualTo(200);
    }

    private void type(int question, String given) {
        assertThat(teacher.send("PUT", "/api/markings/" + pile + "/papers/" + pupil + "/answers/" + question,
                "{\"state\":\"given\",\"given\":\"" + given + "\"}").status()).isEqualTo(200);
    }

    /** What a hand writes for a problem, but for what is printed. */
    private static List<Map<String, Object>> working(Map<String, ?> work, boolean withAnswer) {
        Set<String> written = new HashSet<>();
        teacher.post("/api/paper", Map.of("work", work)).json().get("squares").forEach(square -> {
            if (!square.has("given")) {
                written.add(square.get("block").asString() + square.get("line").asString() + square.get("place"));
            }
        });
        List<Map<String, Object>> figures = new ArrayList<>();
        teacher.work(work).json().get("sheet").get("marks").forEach(mark -> {
            String line = mark.get("line").asString();
            if (mark.get("kind").asString().equals("digit") && !mark.has("until")
                    && written.contains(mark.get("block").asString() + line + mark.get("place"))
                    && (withAnswer || !line.equals("answer"))) {
                figures.add(Map.of("at", 1, "kind", "digit", "block", mark.get("block").asString(), "line", line,
                        "place", mark.get("place").asInt(), "anchor", mark.get("anchor").asString(), "text",
                        mark.get("text").asString(), "rubbed", false));
            }
        });
        assertThat(figures).isNotEmpty();
        return figures;
    }

    private JsonNode answer(int question) {
        for (JsonNode answer : teacher.get("/api/markings/" + pile).json().get("papers").get(0).get("answers")) {
            if (answer.get("question").asInt() == question) {
                return answer;
            }
        }
        throw new AssertionError("no answer to " + question);
    }

    @Test
    void aWorkingIsJudgedByItsFiguresAndStandsWhereTheChildsOwnWorkIsShown() {
        type(1, "9");
        long paper = open(pile, PRODUCT_ASKED).json().get("paper").asLong();
        JsonNode empty = teacher.get("/api/attempts/" + paper).json();
        assertThat(empty.get("problem").asString()).isEqualTo(PRODUCT);
        assertThat(empty.get("label").asString()).isEqualTo("Ada, Copies");
        assertThat(empty.get("copied").get("pupil").asLong()).isEqualTo(pupil);
        write(paper, working(Map.of("problem", PRODUCT, "slip", "placeholder-forgotten"), true));
        assertThat(take(paper).status()).isEqualTo(204);

        JsonNode wrong = answer(PRODUCT_ASKED);
        assertThat(wrong.get("given").asString()).isEqualTo("115");
        assertThat(wrong.get("marks").get("given").asInt()).isBetween(1, wrong.get("marks").get("of").asInt() - 1);
        Patience.until(() -> !answer(PRODUCT_ASKED).get("presumed").isEmpty());
        assertThat(answer(PRODUCT_ASKED).get("presumed").get(0).get("slip").asString())
                .isEqualTo("placeholder-forgotten");
        assertThat(answer(1).get("given").asString()).isEqualTo("9");

        assertThat(open(pile, PRODUCT_ASKED).json().get("paper").asLong()).isEqualTo(paper);
        long second = open(pile, 1).json().get("paper").asLong();
        assertThat(second).isNotEqualTo(paper);
        write(second, working(Map.of("problem", "58 + 67"), true));
        assertThat(take(second).status()).isEqualTo(204);
        assertThat(answer(1).get("verdict").asString()).isEqualTo("right");

        teacher.send("PUT", "/api/markings/" + pile + "/day",
                "{\"workedOn\":\"" + LocalDate.now().minusDays(3) + "\"}");
        assertThat(teacher.get("/api/pupils/" + pupil + "/work").text()).contains("58 + 67");
        assertThat(String.join(" ", Client.printed(teacher.get("/api/pupils/" + pupil + "/report").json())))
                .contains("Ada worked this alone, and it is right:");
    }

    @Test
    void withoutAnAnswerOnItTheOneInThePileStays() {
        List<Map<String, Object>> rows = working(Map.of("problem", PRODUCT), false);
        long paper = open(pile, PRODUCT_ASKED).json().get("paper").asLong();
        write(paper, rows);
        Client.Reply refused = take(paper);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.message()).contains("Write it on the answer line");
        type(PRODUCT_ASKED, "312");
        assertThat(take(paper).status()).isEqualTo(204);
        assertThat(answer(PRODUCT_ASKED).get("given").asString()).isEqualTo("312");
        assertThat(answer(PRODUCT_ASKED).get("marks").get("given").asInt()).isPositive();
    }

    @Test
    void onAnotherSheetItIsAnotherCopyAndTheFirstStaysInTheLog() {
        long paper = open(pile, 1).json().get("paper").asLong();
        write(paper, working(Map.of("problem", "58 + 67"), true));
        long set = teacher.post("/api/sets/import?name=Other", "46 + 27\n", "text/csv").json().get("id").asLong();
        String code = teacher.post("/api/sets/" + set + "/prints", Map.of("versions", List.of("A"))).json()
                .get("prints").get(0).get("code").asString();
        teacher.send("PUT", "/api/markings/" + pile + "/papers/" + pupil,
                "{\"sheet\":\"" + code + "\",\"absent\":false}");
        assertThat(take(paper).message()).contains("another sheet now, without 58 + 67 as question 1");
        long other = open(pile, 1).json().get("paper").asLong();
        assertThat(teacher.get("/api/attempts/" + other).json().get("problem").asString()).isEqualTo("46 + 27");
        assertThat(teacher.post("/api/log/tidy", Map.of("search", "Ada, Copies", "pupils", true)).json().get("ids"))
                .as("what is copied is not tidied away").isEmpty();
        assertThat(teacher.get("/api/attempts/" + paper).status()).isEqualTo(200);
    }

    @Test
    void whatDoesNotBelongTogetherIsRefusedInPlainWords() {
        assertThat(open(pile, 3).message()).isEqualTo("The sheet has questions 1 to 2, and no question 3.");
        assertThat(open(pile, 0).status()).isEqualTo(422);
        long paper = open(pile, 1).json().get("paper").asLong();
        JsonNode other = teacher.post("/api/classes", Map.of("name", "Copies too", "pupils", List.of("Cy"))).json();
        long another = pile(other.get("id").asLong(), "58 + 67\n");
        assertThat(teacher.post("/api/markings/" + another + "/copied/" + paper, "").status()).isEqualTo(404);
        assertThat(open(another, 1).status()).isEqualTo(404);
        long own = teacher.post("/api/attempts", Map.of("work", Map.of("problem", "7 + 8"), "settings",
                teacher.get("/api/attempts/" + paper).json().get("settings"))).json().get("id").asLong();
        assertThat(take(own).message()).contains("no copy from this pile");
    }
}
