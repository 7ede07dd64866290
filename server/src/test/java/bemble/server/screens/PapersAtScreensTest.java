package bemble.server.screens;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What pupils write at screens stays, whatever is tidied, deleted, damaged or done at the same time. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class PapersAtScreensTest {
    private static RunningServer server;
    private static Client teacher;
    private long classId;
    private long setId;
    private JsonNode session;

    @BeforeAll
    static void begin(RunningServer shared) {
        server = shared;
        teacher = Client.demo(server);
    }

    @BeforeEach
    void open() {
        classId = teacher.post("/api/classes", Map.of("name", "Screens", "pupils", List.of("Ada", "Bo"))).json()
                .get("id").asLong();
        setId = teacher.post("/api/sets/import?name=Sums", "58 + 67\n204 - 125\n34 + 19\n70 - 8\n9 + 8\n", "text/csv")
                .json().get("id").asLong();
        session = teacher.post("/api/screens", Map.of("classId", classId, "setId", setId, "led", false)).json();
    }

    /** Only so many sets may be open at screens at a time. */
    @AfterEach
    void end() {
        teacher.post("/api/screens/" + session.get("id") + "/end", "");
    }

    private static Client child() {
        Client child = new Client(server);
        child.get("/api/account");
        return child;
    }

    private JsonNode comeIn(Client child, int pupil) {
        return child.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId",
                session.get("places").get(pupil).get("pupil").get("id").asLong())).json().get("own");
    }

    private static Map<String, Object> figure(String anchor, String text) {
        return Map.of("at", 1, "kind", "digit", "block", "sum", "line", "answer", "place", 0, "anchor", anchor, "text",
                text, "rubbed", false);
    }

    private static Client.Reply write(Client child, JsonNode own, int question, Object... figures) {
        return child.post("/api/in/papers/" + own.get("questions").get(question).get("paper") + "/figures",
                Map.of("from", 0, "figures", List.of(figures)));
    }

    private JsonNode pile(int pupil) {
        return teacher.get("/api/markings/" + session.get("markingId")).json().get("papers").get(pupil).get("answers");
    }

    @Test
    void tidyingTheLogTakesWhatTheListShowsAndNoPaperOfAPile() {
        Client child = child();
        JsonNode own = comeIn(child, 0);
        write(child, own, 0, figure("middle", "5"));
        long mine = teacher.post("/api/log", Map.of("work", Map.of("problem", "311 + 222"))).json().get("id").asLong();
        long other = teacher.post("/api/log", Map.of("work", Map.of("problem", "400 + 77"))).json().get("id").asLong();
        JsonNode tidied = teacher.post("/api/log/tidy", Map.of("search", "311")).json();
        assertThat(tidied.get("ids").toString()).isEqualTo("[" + mine + "]");
        JsonNode pupils = teacher.post("/api/log/tidy", Map.of("search", "Screens, Sums", "pupils", true)).json();
        JsonNode ofPupils = teacher.post("/api/log/tidy", Map.of("search", "Ada, Sums", "pupils", true)).json();
        assertThat(pupils.get("ids")).isEmpty();
        assertThat(ofPupils.get("ids")).isEmpty();
        assertThat(ofPupils.get("inPiles").asInt()).isGreaterThanOrEqualTo(5);
        assertThat(child.get("/api/in").json().get("own").get("questions")).hasSize(5);
        long paper = own.get("questions").get(0).get("paper").asLong();
        assertThat(teacher.send("DELETE", "/api/log/" + paper, null).message())
                .contains("writes this paper at a screen");

        JsonNode deleted = teacher.get("/api/log/deleted").json();
        assertThat(deleted.get("entries").get(0).get("id").asLong()).isEqualTo(mine);
        String at = deleted.get("entries").get(0).get("deletedAt").asString();
        assertThat(teacher.post("/api/log/restore", Map.of("deletedAt", at)).json().get("entries").asInt())
                .isEqualTo(1);
        assertThat(teacher.get("/api/log/" + mine).status()).isEqualTo(200);
        assertThat(teacher.get("/api/log/" + other).status()).isEqualTo(200);
        assertThat(teacher.post("/api/log/restore", Map.of()).message()).contains("which entries");
    }

    @Test
    void whatPupilsWriteInIsNotDeletedUnderTheirHands() {
        JsonNode own = comeIn(child(), 0);
        assertThat(own.get("questions")).hasSize(5);
        for (String path : List.of("/api/markings/" + session.get("markingId"), "/api/sets/" + setId,
                "/api/classes/" + classId)) {
            Client.Reply refused = teacher.send("DELETE", path, null);
            assertThat(refused.status()).as(path).isEqualTo(422);
            assertThat(refused.message()).contains("under the code " + session.get("code").asString())
                    .contains("End the code first");
        }
        teacher.post("/api/screens/" + session.get("id") + "/end", "");
        assertThat(teacher.send("DELETE", "/api/sets/" + setId, null).status()).isEqualTo(200);
        assertThat(teacher.send("DELETE", "/api/markings/" + session.get("markingId"), null).status()).isEqualTo(204);
    }

    @Test
    void whatCannotBeReadAgainIsNotSavedAndADamagedPaperIsHandedInAllTheSame() {
        Client child = child();
        JsonNode own = comeIn(child, 0);
        assertThat(write(child, own, 0, figure("on-the-moon", "5")).message()).contains("no part called “on-the-moon”");
        assertThat(write(child, own, 0,
                Map.of("at", 1, "kind", "digit", "block", "sum", "line", "answer", "place", 2_000_000_000, "text", "5",
                        "rubbed", false)).message()).contains("so far from the ones");
        write(child, own, 0, figure("middle", "7"));
        long paper = own.get("questions").get(0).get("paper").asLong();
        server.sql(
                "update attempt set figures = replace(figures, '}]', '},{\"at\":2,\"kind\":\"digit\",\"block\":\"sum\",\"line\":\"answer\",\"place\":1,"
                        + "\"anchor\":\"on-the-moon\",\"text\":\"2\",\"rubbed\":false}]') where entry_id = " + paper);
        assertThat(child.post("/api/in/hand-in", "").status()).isEqualTo(200);
        Patience.until(() -> pile(0).size() == 5);
        assertThat(pile(0).get(0).get("given").asString()).isEqualTo("7");
        assertThat(teacher.get("/api/log/" + paper).json().get("working").asString()).contains("could not be read");
        assertThat(teacher.post("/api/attempts/" + paper + "/mark", "").json().get("leftOut").asInt()).isEqualTo(1);
    }

    /** Where the house style gives marks for method, what was worked well shows in the pile and in the list of marks. */
    @Test
    void theWorkingOfAWrongAnswerGetsItsMarks() {
        teacher.send("PATCH", "/api/style", "{\"methodMarks\":\"lines\"}");
        try {
            long another =
                    teacher.post("/api/classes", Map.of("name", "Screens with marks", "pupils", List.of("Ada", "Bo")))
                            .json().get("id").asLong();
            end();
            Client.Reply opened =
                    teacher.post("/api/screens", Map.of("classId", another, "setId", setId, "led", false));
            assertThat(opened.status()).as(opened.text()).isEqualTo(200);
            session = opened.json();
            Client child = child();
            JsonNode own = comeIn(child, 0);
            // 34 + 19 with the carry written and forgotten: the ones are right, the tens are not.
            Map<String, Object> ones = figure("middle", "3");
            Map<String, Object> tens = new HashMap<>(figure("middle", "4"));
            tens.put("place", 1);
            write(child, own, 2, ones, tens);
            child.post("/api/in/hand-in", "");
            // The paper's marks come a moment after its answers.
            Patience.until(() -> pile(0).size() == 5 && pile(0).get(2).has("marks"));
            JsonNode marks = pile(0).get(2).get("marks");
            assertThat(marks.get("given").asInt()).isPositive().isLessThan(marks.get("of").asInt());
            String page = teacher.get("/api/markings/" + session.get("markingId") + "/marks/pages").text();
            assertThat(page).contains("Ada").contains(marks.get("given").asInt() + " of " + marks.get("of").asInt());
            // Another answer than the paper's has no paper behind it.
            long pupil = session.get("places").get(0).get("pupil").get("id").asLong();
            String answer = "/api/markings/" + session.get("markingId") + "/papers/" + pupil + "/answers/3";
            assertThat(teacher.send("PUT", answer, "{\"state\":\"given\",\"given\":\"44\"}").status()).isEqualTo(200);
            assertThat(pile(0).get(2).get("marks")).isNull();
        } finally {
            teacher.send("PATCH", "/api/style", "{\"methodMarks\":\"none\"}");
        }
    }

    @Test
    void moreThanAPaperTakesIsRefusedAndPapersWrittenTogetherAllCount() {
        Client child = child();
        JsonNode own = comeIn(child, 0);
        Object[] many =
                IntStream.range(0, 5000)
                        .mapToObj(i -> Map.of("at", i, "kind", "digit", "block", "b".repeat(60), "line", "l".repeat(60),
                                "place", i % 100, "anchor", "middle", "text", "9".repeat(100), "rubbed", false))
                        .toArray();
        long paper = own.get("questions").get(4).get("paper").asLong();
        List<Integer> statuses = new ArrayList<>();
        for (int i = 0; i < 4 && !statuses.contains(422); i++) {
            statuses.add(child
                    .post("/api/in/papers/" + paper + "/figures", Map.of("from", 5000 * i, "figures", List.of(many)))
                    .status());
        }
        assertThat(statuses).startsWith(200).endsWith(422).allMatch(status -> status == 200 || status == 422);
        IntStream.range(0, 4).parallel().forEach(
                question -> assertThat(write(child, own, question, figure("middle", "3")).status()).isEqualTo(200));
        assertThat(teacher.get("/api/screens/" + session.get("id")).json().get("places").get(0).get("begun").asInt())
                .isEqualTo(5);
    }

    @Test
    void ofTwoDevicesUnderOneNameTheFirstToWriteKeepsItUntilTheTeacherSaysOtherwise() {
        Client one = child();
        Client other = child();
        JsonNode own = comeIn(one, 0);
        comeIn(other, 0);
        assertThat(write(one, own, 0, figure("middle", "4")).status()).isEqualTo(200);
        assertThat(write(other, own, 1, figure("middle", "4")).message()).contains("on another device");
        JsonNode place = teacher.get("/api/screens/" + session.get("id")).json().get("places").get(0);
        assertThat(place.has("otherDeviceAt")).isTrue();
        assertThat(place.get("begun").asInt()).isEqualTo(1);
        comeIn(one, 0);
        assertThat(write(one, own, 1, figure("middle", "4")).status()).as("the same device, come in again")
                .isEqualTo(200);
        teacher.post("/api/screens/" + session.get("id") + "/pupils/" + place.get("pupil").get("id") + "/device", "");
        assertThat(write(other, own, 2, figure("middle", "4")).status()).isEqualTo(200);
        assertThat(teacher.get("/api/screens/" + session.get("id")).json().get("places").get(0).has("otherDeviceAt"))
                .isFalse();
    }

    @Test
    void whatWasHandedInWhenBembleStoppedIsTakenInWhenItIsUpAgain() {
        Client child = child();
        JsonNode own = comeIn(child, 1);
        write(child, own, 0, figure("middle", "6"));
        long pupil = session.get("places").get(1).get("pupil").get("id").asLong();
        server.sql("update screen_place set handed_in_at = current_timestamp where pupil_id = " + pupil);
        assertThat(pile(1)).isEmpty();
        server.takeInWhatWaits();
        Patience.until(() -> pile(1).size() == 5);
        assertThat(pile(1).get(0).get("given").asString()).isEqualTo("6");
    }

    /** Who is still writing when the code ends loses nothing, is told so, and the teacher sees who was not finished. */
    @Test
    void endingACodeCollectsWhatIsWritten() {
        Client writing = child();
        JsonNode own = comeIn(writing, 0);
        assertThat(own.get("questions").get(0).get("begun").asBoolean()).isFalse();
        write(writing, own, 0, figure("middle", "5"));
        assertThat(writing.get("/api/in").json().get("own").get("questions").get(0).get("begun").asBoolean()).isTrue();
        comeIn(child(), 1);
        JsonNode ended = teacher.post("/api/screens/" + session.get("id") + "/end", "").json();
        assertThat(ended.get("places").get(0).get("state").asString()).isEqualTo("collected");
        assertThat(ended.get("places").get(1).get("state").asString()).as("who wrote nothing has nothing to collect")
                .isEqualTo("writing");
        Patience.until(() -> pile(0).size() == 5);
        assertThat(pile(0).get(0).get("given").asString()).isEqualTo("5");
        assertThat(pile(0).get(1).get("state").asString()).isEqualTo("not-reached");
        assertThat(pile(1)).isEmpty();
        assertThat(write(writing, own, 1, figure("middle", "6")).message())
                .isEqualTo("Your teacher has ended this set. What you wrote until then is handed in.");
        JsonNode now = writing.get("/api/in").json().get("own");
        assertThat(now.get("ended").asBoolean()).isTrue();
        assertThat(now.get("handedIn").asBoolean()).isTrue();
    }

    @Test
    void whoComesInGetsASessionOfANewNumber() {
        Client child = child();
        comeIn(child, 0);
        String first = child.cookie("bemble-session");
        comeIn(child, 0);
        assertThat(child.cookie("bemble-session")).isNotEqualTo(first);
        Client onlooker = child();
        onlooker.get("/api/in");
        assertThat(onlooker.cookie("bemble-session")).as("who only looks gets no session").isNull();
    }
}
