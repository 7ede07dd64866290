package bemble.server.progress;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The record of a class and its plan. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class RecordApiTest {
    private static Client teacher;

    @BeforeAll
    static void begin(RunningServer shared) {
        teacher = Client.demo(shared);
    }

    /** A pile of a new set, written on a day; everything on the first pupil's paper is so. */
    private static long pile(JsonNode schoolClass, String day, List<String> problems, String state) {
        long id = pile(schoolClass, day, problems, (Integer) null);
        long pupil = schoolClass.get("pupils").get(0).get("id").asLong();
        teacher.post("/api/markings/" + id + "/papers/" + pupil + "/rest", Map.of("state", state));
        return id;
    }

    /** A pile of a new set, written on a day; a quiz where it has a pass mark. */
    private static long pile(JsonNode schoolClass, String day, List<String> problems, Integer passMark) {
        long demoSet = teacher.demoSet();
        ObjectNode content = (ObjectNode) teacher.get("/api/sets/" + demoSet).json().get("content");
        content.put("title", "Carries " + day);
        content.put("passMark", passMark);
        content.set("questions", Client.JSON.valueToTree(problems.stream()
                .map(problem -> Map.of("problem", problem, "story", "", "part", "alone")).toList()));
        JsonNode set = teacher.post("/api/sets", content).json();
        JsonNode marking = teacher.post("/api/markings",
                Map.of("classId", schoolClass.get("id").asLong(), "setId", set.get("id").asLong())).json();
        long id = marking.get("id").asLong();
        teacher.put("/api/markings/" + id + "/day", Map.of("workedOn", day));
        return id;
    }

    @Test
    void whatIsMarkedBecomesSecureAfterAWeekAndEveryFigureCanBeOpened() {
        JsonNode puffins =
                teacher.post("/api/classes", Map.of("name", "Puffins", "pupils", List.of("Ida M", "Tom B"))).json();
        long ida = puffins.get("pupils").get(0).get("id").asLong();
        List<String> five = List.of("36 + 48", "27 + 35", "58 + 16", "47 + 29", "19 + 63");
        pile(puffins, "2026-01-05", five, "right");
        assertThat(rung(ida).get("state").asString()).isEqualTo("learning");
        long second = pile(puffins, "2026-01-12", five, "right");
        assertThat(rung(ida).get("state").asString()).as("long ago, so it has come back since").isEqualTo("due");
        assertThat(rung(ida).get("rests")).hasSize(10);
        assertThat(rung(ida).get("rests").get(9).get("marking").asLong()).isEqualTo(second);
        JsonNode record = teacher.get("/api/classes/" + puffins.get("id").asLong() + "/record").json();
        assertThat(Client.all(record.get("rungs"), "title")).containsExactly("one carry");
        assertThat(record.get("pupils").get(1).get("cells").get(0).get("state").asString()).isEqualTo("not-tried");

        teacher.put("/api/markings/" + second + "/papers/" + ida + "/answers/1", Map.of("state", "right", "how", "h"));
        assertThat(rung(ida).get("state").asString()).as("what was helped with does not count").isEqualTo("learning");
        Client.Reply unknown = teacher.send("PUT", "/api/markings/" + second + "/papers/" + ida + "/answers/1",
                "{\"state\":\"right\",\"how\":\"zz\"}");
        assertThat(unknown.message()).contains("no code “zz”").contains("h (helped)").contains("House style");

        teacher.put("/api/pupils/" + ida + "/rungs/addition-one-carry",
                Map.of("state", "secure", "reason", "She explained it to Tom."));
        assertThat(rung(ida).get("state").asString()).isEqualTo("secure");
        assertThat(rung(ida).get("byRule").asString()).isEqualTo("learning");
        assertThat(rung(ida).get("reason").asString()).isEqualTo("She explained it to Tom.");
        assertThat(teacher.send("PUT", "/api/pupils/" + ida + "/rungs/addition-one-carry",
                "{\"state\":\"secure\",\"reason\":\" \"}").message())
                        .contains("why");
        teacher.send("DELETE", "/api/pupils/" + ida + "/rungs/addition-one-carry", null);
        assertThat(rung(ida).get("state").asString()).isEqualTo("learning");
    }

    private static JsonNode rung(long pupil) {
        return teacher.get("/api/pupils/" + pupil + "/record").json().get("rungs").get(0);
    }

    @Test
    void theDemoSchoolHasSomethingTrueToShow() {
        long curlews = teacher.schoolClass("Curlews").get("id").asLong();
        JsonNode record = teacher.get("/api/classes/" + curlews + "/record").json();
        List<String> states = new ArrayList<>();
        record.get("pupils").forEach(row -> states.addAll(Client.all(row.get("cells"), "state")));
        assertThat(states).contains("secure", "learning", "due");
        assertThat(record.get("slips")).isNotEmpty();
        assertThat(record.get("facts")).isNotEmpty();
        JsonNode today = teacher.get("/api/today").json();
        assertThat(today.get("due")).isNotEmpty();
        assertThat(Client.all(today.get("piles"), "title")).contains("Exchange across a zero");
        assertThat(today.get("lessons")).isNotEmpty();
    }

    @Test
    void theWeekIsPlannedChangedByHandAndTurnedIntoSets() {
        long terns = teacher.schoolClass("Terns").get("id").asLong();
        String week = "/api/classes/" + terns + "/plan?week=" + LocalDate.now().plusWeeks(1);
        JsonNode plan = teacher.get(week).json();
        assertThat(plan.get("days")).hasSize(5);
        assertThat(plan.get("revision").asInt()).isZero();
        JsonNode group = plan.get("days").get(0).get("groups").get(0);
        long set = teacher
                .post(week.replace("/plan?", "/plan/groups/" + group.get("key").asString() + "/set?"), Map.of()).json()
                .get("setId").asLong();
        JsonNode made = teacher.get("/api/sets/" + set).json().get("content");
        assertThat(made.get("questions")).hasSize(group.get("questions").asInt());
        assertThat(made.get("title").asString()).contains(
                group.get("title").asString().replaceFirst(", group .*", ""));
        JsonNode kept = teacher.get(week).json();
        assertThat(kept.get("revision").asInt()).isPositive();
        assertThat(kept.get("days").get(0).get("groups").get(0).get("setId").asLong()).isEqualTo(set);

        String emptied =
                "{\"content\":{\"days\":[],\"conflicts\":[]},\"revision\":" + kept.get("revision").asInt() + "}";
        assertThat(teacher.send("PUT", week, emptied).json().get("idle"))
                .hasSize(teacher.schoolClass("Terns").get("pupils").size());
        Client.Reply late = teacher.send("PUT", week, emptied);
        assertThat(late.status()).as("another window has changed it").isEqualTo(409);
        assertThat(teacher.send("DELETE", week, null).json().get("days")).as("made from the record again").hasSize(5);

        Client.Reply wrong = teacher.send("PUT", "/api/classes/" + terns + "/term?revision=0",
                "{\"topics\":[\"addition-one-carry\"],\"weekdays\":[],\"minutes\":0,\"groupMost\":3,\"sheets\":9}");
        assertThat(Client.all(wrong.json().get("errors"), "field")).containsExactly("days", "minutes", "sheets");
        JsonNode before = teacher.get("/api/classes/" + terns + "/term").json();
        int revision = before.get("revision").asInt();
        teacher.put("/api/classes/" + terns + "/term?revision=" + revision,
                Map.of("topics", List.of("subtraction-across-a-zero"), "weekdays", List.of(2, 4),
                        "minutes", 20, "groupMost", 30, "sheets", 3));
        JsonNode ordered = teacher.get(week).json();
        assertThat(ordered.get("days")).hasSize(2);
        List<String> next = new ArrayList<>();
        ordered.get("days").forEach(day -> day.get("groups").forEach(each -> {
            if (!each.get("kind").asString().equals("retry")) {
                next.add(each.get("rung").asString());
            }
        }));
        teacher.put("/api/classes/" + terns + "/term?revision=" + (revision + 1), before.get("chosen"));
        assertThat(next).as("the teacher's own order, never overruled").isNotEmpty()
                .containsOnly("subtraction-across-a-zero");
    }

    @Test
    void aQuizSteersThePlanOnceAllOfItIsMarked() {
        JsonNode skuas = teacher
                .post("/api/classes", Map.of("name", "Skuas", "pupils", List.of("Nell F", "Otto G", "Pia H"))).json();
        long id = skuas.get("id").asLong();
        List<Long> pupils = new ArrayList<>();
        skuas.get("pupils").forEach(pupil -> pupils.add(pupil.get("id").asLong()));
        long quiz = pile(skuas, LocalDate.now().toString(),
                List.of("36 + 48", "27 + 35", "58 + 16", "47 + 29", "19 + 63"), 5);
        teacher.post("/api/markings/" + quiz + "/papers/" + pupils.get(0) + "/rest", Map.of("state", "right"));
        teacher.put("/api/markings/" + quiz + "/papers/" + pupils.get(1) + "/answers/2",
                Map.of("state", "given", "given", "52", "cause", "carry-forgotten"));
        assertThat(planned(id, pupils.get(1)).get("kind").asString()).as("not all of it is marked").isEqualTo("next");
        teacher.post("/api/markings/" + quiz + "/papers/" + pupils.get(1) + "/rest", Map.of("state", "right"));
        JsonNode results = teacher.get("/api/markings/" + quiz + "/class").json().get("pupils");
        assertThat(results.get(0).get("quiz").asString()).isEqualTo("passed, 5 are enough");
        assertThat(results.get(1).get("quiz").asString()).isEqualTo("not passed, 5 are enough");
        assertThat(results.get(2).has("quiz")).as("who was not there has none").isFalse();

        assertThat(rung(pupils.get(0)).get("state").asString()).as("secure is said by the rule alone")
                .isEqualTo("learning");
        assertThat(rung(pupils.get(0)).get("say").asString()).contains("with 5 of 5 right was passed");
        assertThat(planned(id, pupils.get(0)).get("rung").asString()).as("passed, so on")
                .isNotEqualTo("addition-one-carry");
        JsonNode shorter = planned(id, pupils.get(1));
        assertThat(
                List.of(shorter.get("kind").asString(), shorter.get("rung").asString(), shorter.get("slip").asString()))
                        .containsExactly("quiz", "addition-one-carry", "carry-forgotten");
        assertThat(shorter.get("questions").asInt()).isEqualTo(6);
        List<String> because = new ArrayList<>();
        planned(id, pupils.get(2)).get("seats").forEach(seat -> {
            if (seat.get("pupil").asLong() == pupils.get(2)) {
                because.add(seat.get("why").asString() + ": " + seat.get("because").asString());
            }
        });
        assertThat(because).as("on the same sheet, and nothing of a quiz that she has not taken")
                .containsExactly("needs: nothing answered here yet");
        teacher.put("/api/markings/" + quiz + "/papers/" + pupils.get(2), Map.of("absent", true));
        assertThat(planned(id, pupils.get(2)).get("seats").toString()).as("she was away when it was worked on")
                .contains("\"catchesUp\":true");
    }

    /** What next week's plan has for a pupil first. */
    private static JsonNode planned(long classId, long pupil) {
        for (JsonNode day : teacher.get("/api/classes/" + classId + "/plan?week=" + LocalDate.now().plusWeeks(1)).json()
                .get("days")) {
            for (JsonNode group : day.get("groups")) {
                for (JsonNode each : group.get("pupils")) {
                    if (each.get("id").asLong() == pupil) {
                        return group;
                    }
                }
            }
        }
        throw new AssertionError("nothing is planned for this pupil");
    }
}
