package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Diagnosis, classes and marking over HTTP. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class MarkingApiTest {
    private final Client anybody;
    private final Client teacher;

    MarkingApiTest(RunningServer server) {
        this.anybody = new Client(server);
        this.teacher = Client.demo(server);
    }

    @Test
    void anybodyHasAnAnswerDiagnosed() {
        JsonNode judged = anybody.post("/api/diagnose", Map.of("problem", "687 + 58", "given", "635")).json();
        assertThat(judged.get("verdict").asString()).isEqualTo("wrong");
        assertThat(judged.get("firstWrongPlace").asInt()).isEqualTo(1);
        JsonNode finding = judged.get("findings").get(0);
        assertThat(finding.get("slip").asString()).isEqualTo("carry-forgotten");
        assertThat(finding.get("name").asString()).isEqualTo("carry not added");
        assertThat(finding.get("working").get("answer").get("text").asString()).isEqualTo("635");
        assertThat(finding.get("places").toString()).isEqualTo("[1,2]");
        assertThat(anybody
                .post("/api/diagnose", Map.of("operation", "division", "operands", List.of("7506", "25"), "given",
                        "300 r 6"))
                .json().get("verdict").asString()).isEqualTo("correct");
        assertThat(anybody.post("/api/diagnose", Map.of("problem", "7 + 8", "given", "fifteen")).json().get("verdict")
                .asString())
                        .isEqualTo("unreadable");
    }

    @Test
    void theAnswersOfOneWriterAreJudgedTogetherAndTheNextQuestionTellsMost() {
        List<Map<String, String>> items = List.of(Map.of("problem", "58 + 67", "given", "115"),
                Map.of("problem", "387 + 246", "given", "523"), Map.of("problem", "42 + 31", "given", "73"));
        JsonNode writer = anybody.post("/api/diagnose/set", Map.of("items", items)).json();
        JsonNode cause = writer.get("slips").get(0);
        assertThat(cause.get("slip").asString()).isEqualTo("carry-forgotten");
        assertThat(List.of(cause.get("explains").asInt(), cause.get("of").asInt(), cause.get("chances").asInt()))
                .containsExactly(2, 2, 2);
        assertThat(Client.all(writer.get("items"), "verdict")).containsExactly("wrong", "wrong", "correct");
        JsonNode first = anybody.post("/api/diagnose/next", Map.of("operation", "subtraction", "seed", 5)).json();
        assertThat(first.get("done").asBoolean()).isFalse();
        assertThat(first.get("problem").get("operands").size()).isEqualTo(2);
        assertThat(anybody.post("/api/diagnose/next", Map.of("operation", "subtraction", "seed", 5)).text()).isEqualTo(
                Client.JSON.writeValueAsString(first));
        assertThat(anybody.post("/api/diagnose/next", Map.of("operation", "addition", "items", items)).json()
                .get("done").asBoolean())
                        .isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "/api/diagnose|{'problem':'7 +','given':'3'}|A number is missing after the last +.",
        "/api/diagnose/set|{'items':[]}|Give the answers to judge, one at least.",
        "/api/diagnose/set|{'items':[{'problem':'7 + 3a','given':'3'}]}|is not",
        "/api/diagnose/next|{}|Say which operation",
        "/api/diagnose/next|{'operation':'addition','items':[{'problem':'7 − 3','given':'4'}]}|belongs to another operation",
        "/api/sets/draft|{'operation':'addition','count':3,'want':{'facts':['seven']}}|is not a fact",
        "/api/sets/draft|{'operation':'addition','count':3,'want':{'tells':['zeros-skipped']}}|There is no slip called"})
    void whatCannotBeJudgedIsSaid(String path, String body, String message) {
        Client.Reply reply = anybody.post(path, body.replace('\'', '"'));
        assertThat(reply.status()).isBetween(400, 422);
        assertThat(reply.message()).contains(message);
    }

    @Test
    void questionsAreDrawnForFactsAndForTellingSlipsApart() {
        JsonNode drawn =
                anybody.post("/api/sets/draft", Map.of("operation", "multiplication", "count", 5, "seed", 3, "want",
                        Map.of("topDigits", 3, "bottomDigits", 2, "facts", List.of("8x7")))).json().get("problems");
        assertThat(Client.all(drawn, "text")).hasSize(5).allMatch(text -> {
            String[] numbers = text.split(" × ");
            return numbers[0].contains("7") && numbers[1].contains("8")
                    || numbers[0].contains("8") && numbers[1].contains("7");
        });
        JsonNode telling = anybody.post("/api/sets/draft", Map.of("operation", "subtraction", "count", 4, "want",
                Map.of("digits", 3, "tells", List.of("smaller-from-larger", "exchange-not-paid")))).json()
                .get("problems");
        telling.forEach(problem -> {
            String text = problem.get("text").asString();
            List<String> answers =
                    List.of(work(text, null), work(text, "smaller-from-larger"), work(text, "exchange-not-paid"));
            assertThat(answers).as(text).doesNotHaveDuplicates();
        });
    }

    private String work(String problem, String slip) {
        Map<String, String> request = new LinkedHashMap<>(Map.of("problem", problem));
        if (slip != null) {
            request.put("slip", slip);
        }
        return anybody.work(request).json().get("answer").get("text").asString();
    }

    private Client.Reply put(String path, Map<String, ?> body) {
        return teacher.send("PUT", path, Client.JSON.writeValueAsString(body));
    }

    private long made(String name, String... pupils) {
        return teacher.post("/api/classes", Map.of("name", name, "pupils", List.of(pupils))).json().get("id").asLong();
    }

    private long pile(long classId) {
        JsonNode sets = teacher.get("/api/sets?search=Exchange%20across&archived=false").json();
        return teacher.post("/api/markings", Map.of("classId", classId, "setId", sets.get(0).get("id").asLong())).json()
                .get("id").asLong();
    }

    @Test
    void aClassIsKeptWithItsPupilsAndALineThatIsNoNameIsNamed() {
        long id = made("Puffins", "Ida M", " Tom B ", "");
        JsonNode kept = teacher.get("/api/classes/" + id).json();
        assertThat(Client.all(kept.get("pupils"), "name")).containsExactly("Ida M", "Tom B");
        long ida = kept.get("pupils").get(0).get("id").asLong();
        Client.Reply refused = put("/api/classes/" + id,
                Map.of("name", "Puffins", "revision", 0, "pupils", List.of("Ida M", "4711", "ida m")));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(Client.all(refused.json().get("errors"), "message"))
                .anyMatch(message -> message.contains("“4711”, is not a name"))
                .anyMatch(message -> message.contains("stands there twice"));
        JsonNode changed = put("/api/classes/" + id, Map.of("name", "Puffins", "revision", 0, "pupils",
                List.of(Map.of("name", "Sana K", "newcomer", true), "Ida M"))).json();
        assertThat(Client.all(changed.get("pupils"), "name")).containsExactly("Sana K", "Ida M");
        assertThat(changed.get("pupils").get(1).get("id").asLong()).isEqualTo(ida);
        assertThat(teacher.send("DELETE", "/api/classes/" + id, null).status()).isEqualTo(204);
        assertThat(teacher.get("/api/classes/" + id).status()).isEqualTo(404);
        assertThat(teacher.post("/api/classes/" + id + "/restore", "").status()).isEqualTo(200);
        assertThat(anybody.get("/api/classes").status()).isEqualTo(401);
        assertThat(anybody.get("/api/markings").status()).isEqualTo(401);
    }

    private JsonNode firstPaper(long id) {
        return teacher.get("/api/markings/" + id).json().get("papers").get(0);
    }

    @Test
    void papersAreMarkedByExceptionJudgedTogetherAndReported() {
        long id = pile(made("Guillemots", "Ida M", "Tom B"));
        JsonNode marking = teacher.get("/api/markings/" + id).json();
        JsonNode questions = marking.get("sheets").get(0).get("questions");
        long ida = marking.get("papers").get(0).get("pupil").get("id").asLong();
        for (int i = 1; i <= 3; i++) {
            String wrong = work(questions.get(i - 1).get("problem").asString(), "smaller-from-larger");
            put("/api/markings/" + id + "/papers/" + ida + "/answers/" + i, Map.of("state", "given", "given", wrong,
                    "correction", i == 1 ? questions.get(0).get("answer").asString() : ""));
        }
        put("/api/markings/" + id + "/papers/" + ida + "/answers/4", Map.of("state", "unclear"));
        Patience.until(() -> firstPaper(id).get("judged").asBoolean());
        JsonNode paper = firstPaper(id);
        assertThat(Client.all(paper.get("answers"), "verdict")).containsExactly("wrong", "wrong", "wrong", "unclear");
        assertThat(paper.get("answers").get(0).get("correction").asString())
                .isEqualTo(questions.get(0).get("answer").asString());
        assertThat(paper.get("answers").get(0).get("presumed").get(0).get("slip").asString())
                .isEqualTo("smaller-from-larger");
        assertThat(paper.get("answers").get(0).get("presumed").get(0).get("sureness").asString())
                .isEqualTo("all but sure");
        JsonNode rest =
                teacher.post("/api/markings/" + id + "/papers/" + ida + "/rest", Map.of("state", "right")).json();
        assertThat(rest.get("answers").size()).isEqualTo(questions.size());
        put("/api/markings/" + id + "/papers/" + ida + "/answers/2", Map.of("state", "given", "given", "1",
                "cause", "copied-wrongly"));
        JsonNode seen = teacher.get("/api/markings/" + id + "/class").json();
        assertThat(Client.all(seen.get("groups"), "slip")).contains("copied-wrongly");
        assertThat(seen.get("questions").get(0).get("wrong").asInt()).isEqualTo(1);
        put("/api/markings/" + id + "/papers/" + ida + "/answers/2", Map.of("state", "right"));
        JsonNode group = teacher.get("/api/markings/" + id + "/class").json().get("groups").get(0);
        assertThat(group.get("slip").asString()).isEqualTo("smaller-from-larger");
        assertThat(group.get("pupils").toString()).isEqualTo("[\"Ida M\"]");
        assertThat(work(group.get("example").asString(), "smaller-from-larger"))
                .isNotEqualTo(work(group.get("example").asString(), null));
        long set = teacher.post("/api/markings/" + id + "/set", Map.of("slip", "smaller-from-larger")).json().get("id")
                .asLong();
        assertThat(teacher.get("/api/sets/" + set).json().get("content").get("questions").size()).isEqualTo(8);
        JsonNode key = teacher.get("/api/markings/" + id + "/key").json();
        assertThat(key.get("sheets").get(0).get("lines").size()).isEqualTo(questions.size());
        assertThat(key.get("sheets").get(0).get("lines").get(0).get("wrong").get(0).get("codes").size()).isPositive();
        String first = questions.get(0).get("problem").asString();
        assertThat(Client.printed(teacher.get("/api/markings/" + id + "/key/pages").json()))
                .contains("a", "1.", first, questions.get(0).get("answer").asString());
        List<String> strips = Client.printed(teacher.get("/api/markings/" + id + "/strips/pages").json());
        assertThat(strips).contains("Ida M", "And then this one:").doesNotContain("Tom B")
                .anyMatch(text -> text.startsWith("Your own ") && text.endsWith(", right so far:"));
        assertThat(new String(teacher.file("/api/markings/" + id + "/strips.pdf"), 0, 5, StandardCharsets.UTF_8))
                .isEqualTo("%PDF-");
        assertThat(new String(teacher.file("/api/markings/" + id + "/key.pdf"), 0, 5, StandardCharsets.UTF_8))
                .isEqualTo("%PDF-");
    }

    @Test
    void aChildWithAnotherVersionIsMarkedByTheLettersOfTheSameKey() {
        JsonNode prints =
                teacher.post("/api/sets/" + teacher.demoSet() + "/prints", Map.of("versions", List.of("A", "B"))).json()
                        .get("prints");
        String a = prints.get(0).get("code").asString();
        String b = prints.get(1).get("code").asString();
        long id = teacher.post("/api/markings", Map.of("classId", made("Dotterels", "Ida M", "Tom B"), "code", a))
                .json().get("id").asLong();
        JsonNode before = teacher.get("/api/markings/" + id + "/key").json();
        long tom = teacher.get("/api/markings/" + id).json().get("papers").get(1).get("pupil").get("id").asLong();
        assertThat(put("/api/markings/" + id + "/papers/" + tom, Map.of("sheet", b, "absent", false)).status())
                .isEqualTo(200);
        JsonNode key = teacher.get("/api/markings/" + id + "/key").json();
        assertThat(key.get("codes")).as("what stands in the books stays true").isEqualTo(before.get("codes"));
        assertThat(Client.all(key.get("sheets"), "code")).containsExactly(a, b);
        assertThat(key.get("sheets").get(0)).isEqualTo(before.get("sheets").get(0));
        JsonNode line = key.get("sheets").get(1).get("lines").get(0);
        JsonNode wrong = line.get("wrong").get(0);
        JsonNode code = null;
        for (JsonNode each : key.get("codes")) {
            code = each.get("code").equals(wrong.get("codes").get(0)) ? each : code;
        }
        assertThat(line.get("problem")).isNotEqualTo(key.get("sheets").get(0).get("lines").get(0).get("problem"));
        assertThat(wrong.get("answer").asString())
                .isEqualTo(work(line.get("problem").asString(), code.get("slips").get(0).asString()));
        assertThat(Client.printed(teacher.get("/api/markings/" + id + "/key/pages").json()))
                .contains("Answers, sheet " + a, "Answers, sheet " + b);
    }

    @Test
    void answersComeInFromCsvAllOrNone() {
        long id = pile(made("Fulmars", "Ida M", "Tom B"));
        Client.Reply refused = teacher.send("POST", "/api/markings/" + id + "/import",
                "name,1,2\nIda M,79,578\nNobody,1,2\nTom B,79,lots\n", "text/csv");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(Client.all(refused.json().get("errors"), "message"))
                .anyMatch(message -> message.contains("no “Nobody” in Fulmars"))
                .anyMatch(message -> message.contains("“lots” is not a number"));
        assertThat(teacher.get("/api/markings/" + id).json().get("papers").get(0).get("answers").size()).isZero();
        assertThat(teacher
                .send("POST", "/api/markings/" + id + "/import", "name,1,2\nIda M,79,\nTom B,?,12\n", "text/csv").json()
                .get("answers").asInt()).isEqualTo(4);
        JsonNode papers = teacher.get("/api/markings/" + id).json().get("papers");
        assertThat(Client.all(papers.get(0).get("answers"), "state")).containsExactly("given", "blank");
        assertThat(Client.all(papers.get(1).get("answers"), "verdict")).containsExactly("unclear", "wrong");
    }

    @Test
    void aSetIsRehearsedOnASimulatedClass() {
        JsonNode rehearsed =
                teacher.post("/api/rehearse", Map.of("problems", List.of("402 − 158", "53 − 27", "68 − 23"))).json();
        assertThat(rehearsed.get("papers").size()).isEqualTo(16);
        assertThat(Client.all(rehearsed.get("shown"), "name")).contains("column turned round", "ten not paid for");
        assertThat(rehearsed.get("minutes").asInt()).isPositive();
        assertThat(teacher.post("/api/rehearse", Map.of("problems", List.of())).message())
                .contains("Draw or type questions first");
    }

    @Test
    void aSimulatedPupilWritesWhatTheRehearsalSaidFigureByFigure() {
        List<String> problems = List.of("402 − 158", "58 + 67", "46 × 37", "738 ÷ 6", "√529");
        JsonNode papers = teacher.post("/api/rehearse", Map.of("problems", problems)).json().get("papers");
        for (int pupil = 0; pupil < papers.size(); pupil++) {
            long first = teacher
                    .post("/api/rehearse/papers", Map.of("pupil", pupil, "rehearsal", Map.of("problems", problems)))
                    .json()
                    .get("first").asLong();
            JsonNode written = teacher
                    .get("/api/attempts?run=" + teacher.get("/api/attempts/" + first).json().get("run").asString())
                    .json();
            for (int i = 0; i < problems.size(); i++) {
                boolean right = papers.get(pupil).get("right").get(i).asBoolean();
                String state = written.get(i).get("state").asString();
                assertThat(state.equals("right")).as("%s, %s: %s", papers.get(pupil), problems.get(i), state)
                        .isEqualTo(right);
                assertThat(written.get(i).get("figures").size()).isGreaterThan(1);
            }
        }
        Map<String, Object> longest = Map.of("problems", List.of("9".repeat(40) + " × " + "9".repeat(40)));
        assertThat(teacher.post("/api/rehearse/papers", Map.of("pupil", 0, "rehearsal", longest)).message())
                .contains("take too long");
        assertThat(teacher.post("/api/rehearse/papers", Map.of("pupil", 99, "rehearsal", Map.of("problems", problems)))
                .message())
                        .contains("Choose one of them");
    }
}
