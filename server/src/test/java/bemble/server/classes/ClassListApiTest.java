package bemble.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.net.http.HttpRequest;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A class's list is corrected, pasted, taken in and changed in two windows, and no child’s history is lost by it. */
@ExtendWith(DemoServer.class)
class ClassListApiTest {
    private static Client teacher;
    private static RunningServer server;

    @BeforeAll
    static void begin(RunningServer shared) {
        server = shared;
        teacher = Client.demo(shared);
    }

    private static JsonNode made(String name, String... pupils) {
        return teacher.post("/api/classes", Map.of("name", name, "pupils", List.of(pupils))).json();
    }

    private static List<String> names(JsonNode schoolClass) {
        List<String> names = new ArrayList<>();
        schoolClass.get("pupils").forEach(pupil -> names.add(pupil.get("name").asString()));
        return names;
    }

    private static long id(JsonNode schoolClass, int pupil) {
        return schoolClass.get("pupils").get(pupil).get("id").asLong();
    }

    private static Map<String, Object> line(Long id, String name) {
        Map<String, Object> line = new HashMap<>(Map.of("name", name));
        if (id != null) {
            line.put("id", id);
        }
        return line;
    }

    private static Client.Reply change(JsonNode schoolClass, Object... lines) {
        return teacher.send("PUT", "/api/classes/" + schoolClass.get("id"),
                Client.JSON.writeValueAsString(Map.of("name",
                        schoolClass.get("name").asString(), "revision", schoolClass.get("revision").asInt(), "pupils",
                        Arrays.asList(lines))));
    }

    /** Marks one answer of a pupil. */
    private static long marked(JsonNode schoolClass, long pupil) {
        long pile = teacher
                .post("/api/markings", Map.of("classId", schoolClass.get("id").asLong(), "setId", teacher.demoSet()))
                .json().get("id").asLong();
        teacher.send("PUT", "/api/markings/" + pile + "/papers/" + pupil + "/answers/1",
                "{\"state\":\"given\",\"given\":\"74\"}");
        return pile;
    }

    private static int answers(long pupil) {
        return teacher.get("/api/pupils/" + pupil).json().get("answers").asInt();
    }

    @Test
    void classesStandInTheOrderOfTheirNumbers() {
        List.of("year 10a", "Year 9", "year 4b").forEach(name -> made(name, "Bo"));
        List<String> all = new ArrayList<>();
        teacher.get("/api/classes").json().forEach(each -> all.add(each.get("name").asString()));
        assertThat(all).containsSubsequence("year 4b", "Year 9", "year 10a");
    }

    @Test
    void aCorrectedNameKeepsTheChildsHistory() {
        JsonNode schoolClass = made("Names", "Ada", "Bo");
        long ada = id(schoolClass, 0);
        long pile = marked(schoolClass, ada);
        JsonNode renamed = change(schoolClass, line(ada, "Ada M"), line(id(schoolClass, 1), "Bo")).json();
        assertThat(names(renamed)).containsExactly("Ada M", "Bo");
        assertThat(id(renamed, 0)).isEqualTo(ada);
        JsonNode paper = teacher.get("/api/markings/" + pile).json().get("papers").get(0);
        assertThat(paper.get("pupil").get("name").asString()).isEqualTo("Ada M");
        assertThat(paper.get("answers")).hasSize(1);
        assertThat(change(renamed, line(ada, "Ada M"), line(ada, "Ada N"), line(id(renamed, 1), "Bo")).message())
                .contains("has two lines");
        assertThat(change(renamed, line(999_999L, "Zoe")).message()).contains("not of this class");
    }

    @Test
    void aPastedListAsksWhereANewChildAndANewSpellingLookAlike() {
        JsonNode schoolClass = made("Pasted", "Ada", "Bo");
        Client.Reply asked = change(schoolClass, line(null, "Ada M"), "bo");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.message()).contains("Is “Ada M” somebody new, or Ada?");
        JsonNode question = asked.json().get("questions").get(0);
        assertThat(question.get("line").asInt()).isZero();
        assertThat(question.get("candidates").get(0).get("id").asLong()).isEqualTo(id(schoolClass, 0));
        assertThat(names(teacher.get("/api/classes/" + schoolClass.get("id")).json())).as("nothing is changed yet")
                .containsExactly("Ada", "Bo");
        JsonNode both = change(schoolClass, line(null, "Ada"), line(null, "Bo"), line(null, "Ada M")).json();
        assertThat(names(both)).as("nobody leaves, so who comes is new").containsExactly("Ada", "Bo", "Ada M");
        JsonNode swapped =
                change(both, line(null, "Ada"), Map.of("name", "Cy", "newcomer", true), line(null, "Ada M")).json();
        assertThat(names(swapped)).containsExactly("Ada", "Cy", "Ada M");
        Client.Reply returns = change(swapped, line(id(swapped, 0), "Ada"), line(id(swapped, 1), "Cy"),
                line(id(swapped, 2), "Ada M"), line(null, "Bo"));
        assertThat(returns.json().get("questions").get(0).get("candidates").get(0).get("id").asLong())
                .as("a returning name").isEqualTo(id(schoolClass, 1));
    }

    @Test
    void whoWasTakenOutIsFoundComesBackAndCanBeErased() {
        JsonNode schoolClass = made("Leaving", "Ada", "Bo");
        long bo = id(schoolClass, 1);
        long pile = marked(schoolClass, bo);
        JsonNode without = change(schoolClass, line(id(schoolClass, 0), "Ada")).json();
        String path = "/api/classes/" + schoolClass.get("id");
        assertThat(teacher.get(path + "/former").json().get(0).get("id").asLong()).isEqualTo(bo);
        assertThat(answers(bo)).isEqualTo(1);
        assertThat(teacher.get("/api/pupils/" + bo + "/record").status()).isEqualTo(200);
        assertThat(teacher.get("/api/markings/" + pile).text()).as("the paper stays in its pile").contains("\"Bo\"");
        assertThat(new String(teacher.file(path + "/class.json"), StandardCharsets.UTF_8)).contains("\"name\":\"Bo\"")
                .contains("\"left\":true");
        assertThat(names(teacher.post("/api/pupils/" + bo + "/back", "").json())).containsExactly("Ada", "Bo");
        assertThat(answers(bo)).isEqualTo(1);
        JsonNode now = teacher.get(path).json();
        assertThat(now.get("revision").asInt()).isGreaterThan(without.get("revision").asInt());
        change(now, line(id(now, 0), "Ada"));
        assertThat(teacher.send("DELETE", "/api/pupils/" + bo, null).status()).isEqualTo(204);
        assertThat(teacher.get(path + "/former").json()).isEmpty();
        assertThat(server.count("select count(*) from marked_answer where pupil_id = " + bo)).isZero();
    }

    @Test
    void ofTwoWindowsTheSecondIsToldAndTakesNobodyOut() {
        JsonNode schoolClass = made("Two windows", "Ada");
        change(schoolClass, line(id(schoolClass, 0), "Ada"), line(null, "Bo"));
        Client.Reply stale = change(schoolClass, line(id(schoolClass, 0), "Ada"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(names(stale.json().get("current"))).containsExactly("Ada", "Bo");
        assertThat(names(teacher.get("/api/classes/" + schoolClass.get("id")).json())).containsExactly("Ada", "Bo");
        String term = "/api/classes/" + schoolClass.get("id") + "/term";
        String body = teacher.get(term).json().get("chosen").toString();
        assertThat(teacher.send("PUT", term + "?revision=0", body).json().get("revision").asInt()).isEqualTo(1);
        Client.Reply staleTerm =
                teacher.send("PUT", term + "?revision=0", body.replace("\"minutes\":20", "\"minutes\":30"));
        assertThat(staleTerm.status()).isEqualTo(409);
        assertThat(staleTerm.json().get("current").get("revision").asInt()).isEqualTo(1);
        assertThat(teacher.get(term).json().get("chosen").get("minutes").asInt()).isEqualTo(20);
    }

    private static Client.Reply take(JsonNode schoolClass, byte[] file) {
        return teacher.send("POST", "/api/classes/" + schoolClass.get("id") + "/list", "text/csv",
                HttpRequest.BodyPublishers.ofByteArray(file));
    }

    @ParameterizedTest
    @CsvSource({"UTF-8,'',';'", "UTF-8,EFBBBF,','", "UTF-16LE,FFFE,'\t'", "UTF-16BE,FEFF,';'"})
    void aListIsReadAsSpreadsheetsWriteIt(String charset, String mark, String separator) {
        JsonNode schoolClass = made("Files " + charset + mark, "Zoë");
        byte[] letters = ("name" + separator + "born\r\nÅsa Ø" + separator + "2018\r\nJosé B" + separator + "2018\r\n")
                .getBytes(Charset.forName(charset));
        byte[] begin = HexFormat.of().parseHex(mark);
        byte[] file = Arrays.copyOf(begin, begin.length + letters.length);
        System.arraycopy(letters, 0, file, begin.length, letters.length);
        assertThat(names(take(schoolClass, file).json())).containsExactly("Zoë", "Åsa Ø", "José B");
    }

    @Test
    void whatCannotBeReadIsRefusedByItsLineAndNobodyBecomesSomebodyElse() {
        JsonNode schoolClass = made("Refused", "Ida M");
        Client.Reply latin = take(schoolClass, "Ada\nJosé B\n".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(latin.status()).isEqualTo(422);
        assertThat(latin.message()).contains("Line 2").contains("CSV UTF-8");
        Client.Reply twice = take(schoolClass, "name\nAda\nADA\nada\n".getBytes(StandardCharsets.UTF_8));
        assertThat(twice.text()).contains("“ADA” stands there twice, in line 2 and line 3").contains("line 4");
        assertThat(take(schoolClass, "Bo\0\n".getBytes(StandardCharsets.UTF_8)).message()).contains("Line 1");
        assertThat(names(teacher.get("/api/classes/" + schoolClass.get("id")).json())).containsExactly("Ida M");
        assertThat(names(made("Marked", "\uFEFFAda", "Bo\u00a0"))).as("what nobody sees is no part of a name")
                .containsExactly("Ada", "Bo");
    }
}
