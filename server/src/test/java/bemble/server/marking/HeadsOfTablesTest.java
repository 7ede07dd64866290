package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What stands over the columns of a table is read or refused, and who is listed twice is told. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class HeadsOfTablesTest {
    private Client teacher;
    private long classId;
    private long pile;

    @BeforeEach
    void begin(RunningServer server) {
        teacher = Client.demo(server);
        classId =
                teacher.post("/api/classes", Map.of("name", "Tables", "pupils", List.of("Ada", "Bo"))).json().get("id")
                        .asLong();
        long set = teacher.post("/api/sets/import?name=Tables", "52 - 38\n403 - 158\n86 - 24\n61 - 27\n", "text/csv")
                .json().get("id").asLong();
        pile = teacher.post("/api/markings", Map.of("classId", classId, "setId", set)).json().get("id").asLong();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"name,4/Ada,7|4 7", "Pupil;3;1/Ada;7;9|1 9 3 7", "Ada,7,8|1 7 2 8",
        "Vorname;Aufgabe 2;Aufgabe 1/Bo;5;6|1 6 2 5", "nom,Q3/Ada,12|3 12", "Child,1.,2./Ada,7,|1 7 2 blank",
        "child no one knows,Q2/Ada,5|2 5"})
    void anAnswerGoesToTheQuestionThatStandsOverIt(String table, String expected) {
        Client.Reply taken = teacher.post("/api/markings/" + pile + "/import", table.replace('/', '\n'), "text/csv");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        List<String> there = new ArrayList<>();
        for (JsonNode paper : teacher.get("/api/markings/" + pile).json().get("papers")) {
            paper.get("answers").forEach(answer -> there.add(answer.get("question").asInt() + " "
                    + (answer.get("given").asString().isEmpty() ? answer.get("state").asString()
                            : answer.get("given").asString())));
        }
        assertThat(String.join(" ", there)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"name,date,1/Ada,3,4|is the number of no question",
        "name,1,1/Ada,3,4|over two columns",
        "name,1/Ada,3/Bo,4/Ada,5|listed twice", "name,9/Ada,3|no question 9", "Ada,3/ada,4|listed twice",
        "name,1/Ada,3,4|has no head", "Zed,3/Ada,4|there is no"})
    void whatCannotBeReadIsToldAndNothingIsTaken(String table, String told) {
        Client.Reply refused = teacher.post("/api/markings/" + pile + "/import", table.replace('/', '\n'), "text/csv");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains(told);
        assertThat(teacher.get("/api/markings/" + pile).json().get("papers").get(0).get("answers")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Pupil/Cai|Cai", "Vorname/Cai|Cai", "first;last/Cai;D|Cai D",
        "Nachname;Vorname/D;Cai|Cai D", "date,name/1 May,Cai|Cai", "Cai/Dee|Cai, Dee", "/Élève/Cai|Cai"})
    void aClassListIsReadByItsHeads(String table, String names) {
        Client.Reply taken =
                teacher.post("/api/classes/" + classId + "/list", table.replace('/', '\n'), "text/csv");
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        List<String> there = new ArrayList<>();
        taken.json().get("pupils").forEach(pupil -> there.add(pupil.get("name").asString()));
        assertThat(there.subList(2, there.size())).containsExactly(names.split(", "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Cai,D|several columns", "name,pupil/Cai,Dee|several columns"})
    void aClassListThatDoesNotSayWhereItsNamesAreIsRefused(String table, String told) {
        Client.Reply refused = teacher.post("/api/classes/" + classId + "/list", table.replace('/', '\n'), "text/csv");
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.text()).contains(told);
    }
}
