package bemble.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is typed into a pile: done once however often it is sent, for the pupil it was typed for, and taken back. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class TypedLinesTest {
    private static final String LETTERED = "smaller-from-larger";
    private Client teacher;
    private long pile;
    private List<Long> pupils;

    @BeforeEach
    void begin(RunningServer shared) {
        teacher = Client.demo(shared);
        JsonNode schoolClass =
                teacher.post("/api/classes", Map.of("name", "Lines", "pupils", List.of("Ada", "Bo"))).json();
        pupils = IntStream.range(0, 2).mapToObj(i -> schoolClass.get("pupils").get(i).get("id").asLong()).toList();
        long set = teacher.post("/api/sets/import?name=Lines", "52 - 38\n403 - 158\n86 - 24\n61 - 27\n", "text/csv")
                .json().get("id").asLong();
        pile = teacher.post("/api/markings", Map.of("classId", schoolClass.get("id").asLong(), "setId", set)).json()
                .get("id").asLong();
    }

    private Client.Reply enter(int pupil, String key, String line, Object... more) {
        Map<String, Object> body = new HashMap<>(Map.of("key", key, "line", line));
        for (int i = 0; i < more.length; i += 2) {
            body.put(more[i].toString(), more[i + 1]);
        }
        return teacher.post("/api/markings/" + pile + "/papers/" + pupils.get(pupil) + "/entries", body);
    }

    private String enter(int pupil, String line) {
        String key = UUID.randomUUID().toString();
        Client.Reply reply = enter(pupil, key, line);
        assertThat(reply.status()).as(line + ": " + reply.text()).isEqualTo(200);
        return key;
    }

    private JsonNode paper(int pupil) {
        return teacher.get("/api/markings/" + pile).json().get("papers").get(pupil);
    }

    private String standing(int pupil) {
        StringBuilder text = new StringBuilder();
        paper(pupil).get("answers").forEach(answer -> text.append(answer.get("question").asInt())
                .append(answer.get("given").asString().isEmpty()
                        ? " " + answer.get("state").asString() : " " + answer.get("given").asString())
                .append(answer.get("correction").asString().isEmpty() ? "" : ">" + answer.get("correction").asString())
                .append("; "));
        return text.toString();
    }

    private Client.Reply back(String key) {
        return teacher.send("DELETE", "/api/markings/" + pile + "/entries/" + key, null);
    }

    @Test
    void eachFormDoesWhatItSays() {
        enter(0, "1 26 > 14");
        enter(0, "2 -");
        enter(0, "= :h");
        assertThat(standing(0)).isEqualTo("1 26>14; 2 blank; 3 right; 4 right; ");
        enter(0, "3 <");
        enter(0, "4 ?");
        assertThat(standing(0)).isEqualTo("1 26>14; 2 blank; 4 unclear; ");
        enter(1, "1 26");
        enter(1, "3 /");
        assertThat(standing(1)).isEqualTo("1 26; 3 not-reached; 4 not-reached; ");
        enter(1, "!");
        assertThat(paper(1).get("absent").asBoolean()).isTrue();
        JsonNode key = teacher.get("/api/markings/" + pile + "/key").json();
        String letter = "";
        for (JsonNode code : key.get("codes")) {
            letter = code.get("slips").get(0).asString().equals(LETTERED) ? code.get("code").asString() : letter;
        }
        enter(0, "4 " + letter);
        JsonNode answer = paper(0).get("answers").get(2);
        assertThat(answer.get("given").asString()).isEqualTo("46");
        assertThat(answer.get("cause").asString()).isEqualTo(LETTERED);
    }

    @Test
    void whatCannotBeDoneIsRefusedInWordsAndKeepsNothing() {
        for (String line : List.of("4 74=", "9 5", "1 = :nobody", "#NONE-X", "Ida", "1 c2 c", "2 z")) {
            Client.Reply refused = enter(0, UUID.randomUUID().toString(), line);
            assertThat(refused.status()).as(line).isIn(404, 422);
            assertThat(refused.message()).as(line).hasSizeGreaterThan(15);
        }
        assertThat(enter(0, "short", "1 5").status()).isEqualTo(422);
        assertThat(standing(0)).isEmpty();
    }

    @Test
    void marksForMethodAreGivenByNumberAndTakenBack() {
        enter(0, "1 26");
        String fresh = UUID.randomUUID().toString();
        assertThat(enter(0, fresh, "1 m1").message()).contains("gives no marks for method");
        teacher.send("PATCH", "/api/style", "{\"methodMarks\":\"lines\"}");
        try {
            assertThat(enter(0, fresh, "2 m1").message()).contains("Type first what stands there");
            assertThat(enter(0, fresh, "1 m9").message()).contains("Question 1 has 3 marks in all");
            String one = enter(0, "1 m1");
            String two = enter(0, "1 m2");
            assertThat(paper(0).get("answers").get(0).get("marks").toString()).isEqualTo("{\"given\":2,\"of\":3}");
            assertThat(standing(0)).isEqualTo("1 26; ");
            back(two);
            assertThat(paper(0).get("answers").get(0).get("marks").get("given").asInt()).isEqualTo(1);
            back(one);
            assertThat(paper(0).get("answers").get(0).has("marks")).isFalse();
            enter(0, "=");
            enter(0, "2 m2");
            enter(0, "2 146");
            assertThat(paper(0).get("answers").get(1).has("marks")).as("of another answer").isFalse();
        } finally {
            teacher.send("PATCH", "/api/style", "{\"methodMarks\":\"none\"}");
        }
    }

    @Test
    void whatIsSentTwiceIsDoneOnce() {
        String key = UUID.randomUUID().toString();
        IntStream.range(0, 6).parallel().forEach(i -> assertThat(enter(0, key, "!").status()).isEqualTo(200));
        assertThat(paper(0).get("absent").asBoolean()).isTrue();
        assertThat(enter(0, key, "!").status()).isEqualTo(200);
        assertThat(paper(0).get("absent").asBoolean()).isTrue();
    }

    @Test
    void anotherWindowThatWasQuickerIsAskedAboutAndOnesOwnEntryIsNot() {
        String first = UUID.randomUUID().toString();
        assertThat(enter(0, first, "1 26", "seen", 0).status()).isEqualTo(200);
        // Typed before the first save came back: nothing was seen there, and one's own entry is what stands there.
        assertThat(enter(0, UUID.randomUUID().toString(), "1 24", "seen", 0, "follows", first).status()).isEqualTo(200);
        Client.Reply asked = enter(0, UUID.randomUUID().toString(), "1 99", "seen", 0);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.json().get("current").get("given").asString()).isEqualTo("24");
        enter(0, "1 30");
        assertThat(enter(0, UUID.randomUUID().toString(), "1 77", "seen", 0, "follows", first).status()).isEqualTo(409);
    }

    @Test
    void eachEntryIsTakenBackForTheChildItWasTypedFor() {
        String one = enter(0, "1 26");
        String two = enter(0, "1 24 > 14");
        String rest = enter(0, "=");
        String other = enter(1, "2 255");
        assertThat(back(rest).json().get("line").asString()).isEqualTo("=");
        assertThat(standing(0)).isEqualTo("1 24>14; ");
        assertThat(back(two).json().get("paper").get("pupil").get("id").asLong()).isEqualTo(pupils.get(0));
        assertThat(standing(0)).isEqualTo("1 26; ");
        assertThat(back(two).status()).as("taking back twice is taking back once").isEqualTo(200);
        back(one);
        assertThat(standing(0)).isEmpty();
        back(other);
        assertThat(standing(1)).isEmpty();
        String absent = enter(1, "!");
        back(absent);
        assertThat(paper(1).get("absent").asBoolean()).isFalse();
        assertThat(back(UUID.randomUUID().toString()).status()).isEqualTo(404);
    }

    @Test
    void whatWasChangedSinceStays() {
        String rest = enter(0, "=");
        enter(0, "2 255");
        back(rest);
        assertThat(standing(0)).isEqualTo("2 255; ");
    }

    @Test
    void causesAreDecidedAndTakenBackLikeLines() {
        enter(0, "1 26");
        enter(0, "2 355");
        String key = UUID.randomUUID().toString();
        Map<String, Object> decided = Map.of("key", key, "cause", LETTERED, "questions", List.of(1, 2));
        assertThat(teacher.post("/api/markings/" + pile + "/papers/" + pupils.get(0) + "/entries", decided).status())
                .isEqualTo(200);
        assertThat(paper(0).get("answers").get(1).get("cause").asString()).isEqualTo(LETTERED);
        back(key);
        assertThat(paper(0).get("answers").get(1).get("cause")).isNull();
        assertThat(standing(0)).isEqualTo("1 26; 2 355; ");
    }
}
