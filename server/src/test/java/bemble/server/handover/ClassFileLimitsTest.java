package bemble.server.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A class's file whose texts are as long as they may be, and one letter longer. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ClassFileLimitsTest {
    private static final String FILE =
            """
                    {"format": "bemble-class-1", "name": "Knots", "pupils": [{"name": "Ida K.",
                      "answers": [{"day": "2026-03-02", "sheet": "Sheet", "question": 1, "problem": "487 + 96", "right": false,
                        "given": "573", "correction": "", "alone": true, "cause": "carry-forgotten", "confirmed": true, "fact": "8+7",
                        "judgements": [{"day": "2026-03-03", "judge": "Mr Plover", "says": "Clear."}]}],
                      "rungs": [{"rung": "addition-one-carry", "state": "secure", "say": "Seen.", "ruled": true}],
                      "quizzes": [{"day": "2026-03-02", "sheet": "Sheet", "passMark": 1, "problems": ["487 + 96"]}]}]}
                    """;

    private final Client teacher;

    ClassFileLimitsTest(RunningServer server) {
        teacher = Client.demo(server);
    }

    /** What became of a file: the faults it was refused with, or none where it was taken. */
    private String refusal(JsonNode file) {
        Client.Reply reply = teacher.post("/api/classes/file", file.toString());
        if (reply.status() == 422) {
            return reply.text();
        }
        assertThat(reply.status()).as(reply.text()).isIn(200, 202);
        String job = reply.json().path("id").asString("");
        if (!reply.json().has("state")) {
            return "";
        }
        Patience.until(() -> !List.of("WAITING", "RUNNING").contains(state(job)));
        JsonNode ended = teacher.get("/api/jobs/" + job).json();
        return ended.get("state").asString().equals("DONE") ? "" : ended.get("errors").toString();
    }

    private String state(String job) {
        return teacher.get("/api/jobs/" + job).json().get("state").asString();
    }

    private static JsonNode with(String path, String value) {
        JsonNode file = Client.JSON.readTree(FILE);
        int last = path.lastIndexOf('/');
        ((ObjectNode) file.at(path.substring(0, last))).put(path.substring(last + 1), value);
        return file;
    }

    private void forget() {
        for (JsonNode each : teacher.get("/api/classes").json()) {
            if (each.get("name").asString().equals("Knots")) {
                teacher.send("DELETE", "/api/classes/" + each.get("id").asLong(), null);
            }
        }
    }

    @Test
    void theFileItselfIsTaken() {
        assertThat(refusal(Client.JSON.readTree(FILE))).isEmpty();
        forget();
    }

    @ParameterizedTest
    @CsvSource({
        "/pupils/0/answers/0/sheet, 180, title", "/pupils/0/answers/0/given, 120, answer",
        "/pupils/0/answers/0/correction, 120, correction", "/pupils/0/answers/0/fact, 20, fact",
        "/pupils/0/answers/0/judgements/0/judge, 60, judge", "/pupils/0/answers/0/judgements/0/says, 400, judgement",
        "/pupils/0/rungs/0/say, 400, reason", "/pupils/0/quizzes/0/sheet, 180, title"})
    void aTextIsTakenAsLongAsItMayBeAndRefusedWhereItIsLonger(String path, int most, String named) {
        assertThat(refusal(with(path, "7".repeat(most)))).isEmpty();
        forget();
        assertThat(refusal(with(path, "7".repeat(most + 1)))).contains("too long").contains(named);
    }

    @ParameterizedTest
    @CsvSource({"/format", "/name", "/pupils/0/name", "/pupils/0/answers/0/problem", "/pupils/0/answers/0/cause",
        "/pupils/0/rungs/0/rung", "/pupils/0/rungs/0/state"})
    void whatNothingIsCalledIsRefusedHoweverLongItIs(String path) {
        for (int letters : new int[] {1, 30, 90, 5000}) {
            String refusal = refusal(with(path, "q".repeat(letters)));
            if (letters > 40) {
                assertThat(refusal).as(path + " of " + letters).isNotEmpty().doesNotContain("fault of its own");
            }
            forget();
        }
    }

    @Test
    void moreThanThereCanBeIsRefused() {
        JsonNode judgements = Client.JSON.readTree(FILE).at("/pupils/0/answers/0/judgements");
        ObjectNode file = (ObjectNode) Client.JSON.readTree(FILE);
        ((ObjectNode) file.at("/pupils/0/answers/0")).set("judgements", Client.JSON.valueToTree(
                Stream.of(judgements, judgements, judgements).flatMap(JsonNode::valueStream).toList()));
        assertThat(refusal(file)).contains("two judgements at most");
    }
}
