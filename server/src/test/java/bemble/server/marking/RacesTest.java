package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.AtOnce;
import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Two windows at the same instant: whatever is answered as done is there, and nothing is there twice. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class RacesTest {
    private static final int ROUNDS = Integer.getInteger("bemble.races", 12);
    private static RunningServer server;
    private static Client one;
    private static Client other;
    private static long classId;
    private static List<Long> pupils;
    private static long set;

    @BeforeAll
    static void begin(RunningServer shared) {
        server = shared;
        one = Client.demo(server);
        other = Client.demo(server);
        JsonNode schoolClass =
                one.post("/api/classes", Map.of("name", "Races", "pupils", List.of("Ada", "Bo", "Cai"))).json();
        classId = schoolClass.get("id").asLong();
        pupils = IntStream.range(0, 3).mapToObj(i -> schoolClass.get("pupils").get(i).get("id").asLong()).toList();
        set = one.post("/api/sets/import?name=Races", "52 - 38\n403 - 158\n86 - 24\n", "text/csv").json().get("id")
                .asLong();
    }

    private static long pile() {
        return one.post("/api/markings", Map.of("classId", classId, "setId", set)).json().get("id").asLong();
    }

    private static Client.Reply type(Client who, long pile, int pupil, String key, String line, Object... more) {
        Map<String, Object> body = new HashMap<>(Map.of("key", key, "line", line));
        for (int i = 0; i < more.length; i += 2) {
            body.put(more[i].toString(), more[i + 1]);
        }
        return who.post("/api/markings/" + pile + "/papers/" + pupils.get(pupil) + "/entries", body);
    }

    private static String key() {
        return UUID.randomUUID().toString();
    }

    /** What stands for a question; empty where nothing does. */
    private static String given(long pile, int pupil, int question) {
        for (JsonNode answer : one.get("/api/markings/" + pile).json().get("papers").get(pupil).get("answers")) {
            if (answer.get("question").asInt() == question) {
                return answer.get("state").asString().equals("given") ? answer.get("given").asString()
                        : answer.get("state").asString();
            }
        }
        return "";
    }

    @Test
    void ofTwoAnswersOverTheSameOneIsKeptAndTheOtherIsAskedAbout() {
        long pile = pile();
        for (int round = 0; round < ROUNDS; round++) {
            int pupil = round % 3;
            int question = 1 + round % 3;
            int seen = seen(pile, pupil, question);
            String first = Integer.toString(100 + round);
            String second = Integer.toString(500 + round);
            List<Integer> statuses = AtOnce.all(
                    () -> type(one, pile, pupil, key(), question + " " + first, "seen", seen).status(),
                    () -> type(other, pile, pupil, key(), question + " " + second, "seen", seen).status());
            assertThat(statuses).containsExactlyInAnyOrder(200, 409);
            assertThat(given(pile, pupil, question)).isEqualTo(statuses.get(0) == 200 ? first : second);
        }
    }

    private static int seen(long pile, int pupil, int question) {
        for (JsonNode answer : one.get("/api/markings/" + pile).json().get("papers").get(pupil).get("answers")) {
            if (answer.get("question").asInt() == question) {
                return answer.get("revision").asInt();
            }
        }
        return 0;
    }

    @Test
    void theRestIsRightNeverGoesOverAnAnswerThatWasTyped() {
        for (int round = 0; round < ROUNDS; round++) {
            long pile = pile();
            List<Integer> statuses = AtOnce.all(() -> type(one, pile, 0, key(), "=").status(),
                    () -> type(other, pile, 0, key(), "3 555", "seen", 0).status());
            assertThat(statuses.get(0)).isEqualTo(200);
            assertThat(given(pile, 0, 3)).isEqualTo(statuses.get(1) == 200 ? "555" : "right");
            assertThat(statuses.get(1)).isIn(200, 409);
            assertThat(given(pile, 0, 1)).isEqualTo("right");
        }
    }

    @Test
    void aLineTypedWhileTheOneBeforeIsTakenBackIsThereOrIsAskedAbout() {
        long pile = pile();
        for (int round = 0; round < ROUNDS; round++) {
            String before = key();
            assertThat(type(one, pile, 1, before, "2 111").status()).isEqualTo(200);
            int seen = seen(pile, 1, 2);
            String line = "2 " + (200 + round);
            List<Integer> statuses = AtOnce.all(
                    () -> one.send("DELETE", "/api/markings/" + pile + "/entries/" + before, null).status(),
                    () -> type(other, pile, 1, key(), line, "seen", seen).status());
            assertThat(statuses.get(0)).isEqualTo(200);
            assertThat(given(pile, 1, 2)).as("%s", statuses).isEqualTo(statuses.get(1) == 200 ? line.substring(2) : "");
            // What stands there now has another revision than what was taken back, whatever was typed.
            assertThat(seen(pile, 1, 2)).isNotEqualTo(seen);
            assertThat(type(one, pile, 1, key(), "2 <").status()).isEqualTo(200);
        }
    }

    @Test
    void oneKeyBelongsToOneEntryAlone() {
        long pile = pile();
        String key = key();
        assertThat(type(one, pile, 0, key, "1 14").status()).isEqualTo(200);
        assertThat(type(one, pile, 0, key, "1 14").status()).as("sent again").isEqualTo(200);
        assertThat(type(one, pile, 1, key, "1 14").status()).as("another pupil").isEqualTo(422);
        assertThat(type(one, pile(), 0, key, "1 14").status()).as("another pile").isEqualTo(422);
        assertThat(type(one, pile, 0, key, "1 15").status()).as("another line").isEqualTo(422);
        for (int round = 0; round < ROUNDS; round++) {
            String same = key();
            long there = pile();
            List<Integer> statuses = AtOnce.all(() -> type(one, pile, 2, same, "1 9").status(),
                    () -> type(other, there, 2, same, "1 9").status());
            assertThat(statuses).contains(200);
            assertThat(given(there, 2, 1)).isEqualTo(statuses.get(1) == 200 ? "9" : "");
        }
    }

    @Test
    void sheetsThatTwoWindowsAddAreBothThere() {
        List<String> codes = new ArrayList<>();
        for (JsonNode print : one.post("/api/sets/" + set + "/prints", Map.of("versions", List.of("B", "C"))).json()
                .get("prints")) {
            codes.add(print.get("code").asString());
        }
        for (int round = 0; round < ROUNDS; round++) {
            long pile = pile();
            assertThat(AtOnce.all(() -> type(one, pile, 0, key(), "#" + codes.get(0)).status(),
                    () -> type(other, pile, 1, key(), "#" + codes.get(1)).status())).containsOnly(200);
            JsonNode marking = one.get("/api/markings/" + pile).json();
            assertThat(marking.get("papers").get(0).get("sheet").asString()).isEqualTo(codes.get(0));
            assertThat(marking.get("papers").get(1).get("sheet").asString()).isEqualTo(codes.get(1));
        }
    }

    @Test
    void aWeekThatTwoWindowsChangeIsKeptOnce() {
        for (int round = 0; round < ROUNDS; round++) {
            String address = "/api/classes/" + classId + "/plan";
            one.send("DELETE", address, null);
            String content = Client.JSON.writeValueAsString(
                    Map.of("content", Map.of("days", List.of(), "conflicts", List.of()), "revision", 0));
            assertThat(AtOnce.all(() -> one.send("PUT", address, content).status(),
                    () -> other.send("PUT", address, content).status())).containsExactlyInAnyOrder(200, 409);
        }
    }

    @Test
    void aFigureIsOnThePaperThatIsHandedInOrIsRefused() {
        JsonNode session = one.post("/api/screens",
                Map.of("classId", classId, "setId", set, "led", false, "asksDigits", false)).json();
        for (int round = 0; round < ROUNDS; round++) {
            int pupil = round % 3;
            Client child = new Client(server);
            child.get("/api/account");
            child.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", pupils.get(pupil)));
            JsonNode question = child.get("/api/in").json().get("own").get("questions").get(0);
            String paper = "/api/in/papers/" + question.get("paper").asLong() + "/figures";
            int before = child.get(paper.replace("/figures", "")).json().get("figures").size();
            Map<String, Object> figure =
                    Map.of("from", before, "figures", List.of(Map.of("at", round, "kind", "mark", "rubbed", false)));
            boolean ends = round % 4 == 3;
            List<Integer> statuses = AtOnce.all(() -> child.post(paper, figure).status(),
                    () -> ends ? one.post("/api/screens/" + session.get("id").asLong() + "/end", Map.of()).status()
                            : child.post("/api/in/hand-in", Map.of()).status());
            assertThat(statuses.get(1)).isEqualTo(200);
            assertThat(statuses.get(0)).isIn(200, 422);
            int after = child.get(paper.replace("/figures", "")).json().get("figures").size();
            assertThat(after - before).isEqualTo(statuses.get(0) == 200 ? 1 : 0);
            assertThat(child.post(paper, Map.of("from", after, "figures", figure.get("figures"))).status())
                    .as("nothing is written after the end").isEqualTo(422);
            one.post("/api/screens/" + session.get("id").asLong() + "/reopen", Map.of());
            one.post("/api/screens/" + session.get("id").asLong() + "/pupils/" + pupils.get(pupil) + "/back", Map.of());
        }
    }
}
