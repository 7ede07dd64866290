package bemble.server.glance;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is seen at a glance is counted again from what was marked. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class GlanceTest {
    private static Client teacher;

    @BeforeAll
    static void begin(RunningServer shared) {
        teacher = Client.demo(shared);
    }

    private static JsonNode get(String path) {
        Client.Reply reply = teacher.get(path);
        assertThat(reply.status()).as(path + " " + reply.text()).isEqualTo(200);
        return reply.json();
    }

    /** How much was marked right and wrong on each pupil's papers, in all piles. */
    private static Map<Long, int[]> marked() {
        Map<Long, int[]> all = new HashMap<>();
        get("/api/markings").forEach(line -> get("/api/markings/" + line.get("id").asLong()).get("papers")
                .forEach(paper -> {
                    int[] counts = all.computeIfAbsent(paper.get("pupil").get("id").asLong(), any -> new int[2]);
                    paper.get("answers").forEach(answer -> {
                        String verdict = answer.get("verdict").asString();
                        counts[0] += verdict.equals("right") ? 1 : 0;
                        counts[1] += verdict.equals("wrong") ? 1 : 0;
                    });
                }));
        return all;
    }

    /** All stretches of weeks, the latest first. */
    private static List<JsonNode> stretches(String path) {
        List<JsonNode> all = new ArrayList<>(List.of(get(path)));
        while (all.get(all.size() - 1).has("before")) {
            JsonNode earlier = get(path + "?until=" + all.get(all.size() - 1).get("before").asString());
            assertThat(earlier.get("after")).as("the way back").isNotNull();
            all.add(earlier);
        }
        return all;
    }

    @Test
    void eachAnswerIsOneSquareAndWhatIsSecureIsUnderlined() {
        Map<Long, int[]> marked = marked();
        for (String name : List.of("Terns", "Curlews")) {
            JsonNode pupils = teacher.schoolClass(name).get("pupils");
            for (int i = 0; i < pupils.size(); i += 4) {
                long pupil = pupils.get(i).get("id").asLong();
                List<JsonNode> stretches = stretches("/api/pupils/" + pupil + "/steps");
                int[] counts = new int[2];
                stretches.forEach(steps -> steps.get("lines").forEach(line -> line.get("answers").forEach(answer -> {
                    counts[answer.get("right").asBoolean() ? 0 : 1]++;
                    assertThat(answer.get("at").asInt()).isBetween(0, steps.get("days").asInt() - 1);
                })));
                assertThat(counts).as(pupils.get(i).toString()).isEqualTo(marked.get(pupil));
                secureAsInTheRecord(pupil, stretches.get(0));
            }
        }
    }

    private static void secureAsInTheRecord(long pupil, JsonNode latest) {
        Map<String, JsonNode> lines = new HashMap<>();
        latest.get("lines").forEach(line -> lines.put(line.get("rung").asString(), line));
        get("/api/pupils/" + pupil + "/record").get("rungs").forEach(rung -> {
            JsonNode line = lines.get(rung.get("rung").get("id").asString());
            boolean secure = Set.of("secure", "due").contains(rung.get("byRule").asString());
            assertThat(!line.get("secure").isEmpty()
                    && line.get("secure").get(line.get("secure").size() - 1).get("until").asInt() > lastAnswer(latest))
                            .as(line.toString()).isEqualTo(secure);
            assertThat(line.get("say").asString().contains("; secure")).isEqualTo(
                    Set.of("secure", "due").contains(rung.get("state").asString()));
        });
    }

    private static int lastAnswer(JsonNode steps) {
        int last = 0;
        for (JsonNode line : steps.get("lines")) {
            for (JsonNode answer : line.get("answers")) {
                last = Math.max(last, answer.get("at").asInt());
            }
        }
        return last;
    }

    @Test
    void aClassHasALineForEachChildOnTheStep() {
        long terns = teacher.schoolClass("Terns").get("id").asLong();
        JsonNode shown = get("/api/classes/" + terns + "/steps");
        String rung = shown.get("rung").asString();
        assertThat(shown.get("steps").get("lines")).isNotEmpty()
                .allSatisfy(line -> assertThat(line.get("rung").asString()).isEqualTo(rung));
        shown.get("rungs").forEach(choice -> assertThat(get("/api/classes/" + terns + "/steps?rung="
                + choice.get("id").asString()).get("steps").get("lines")).isNotEmpty());
        assertThat(teacher.get("/api/classes/" + terns + "/steps?rung=nobody").message()).contains("Nobody");
        assertThat(teacher.get("/api/classes/" + terns + "/steps?until=1066-10-14").message()).contains("Give a day");
    }

    @Test
    void eachChildStandsOnTheHighestStepThatIsSecure() {
        for (String name : List.of("Terns", "Curlews")) {
            long id = teacher.schoolClass(name).get("id").asLong();
            JsonNode record = get("/api/classes/" + id + "/record");
            get("/api/classes/" + id + "/stairs").get("stairs").forEach(stair -> {
                Map<String, String> stands = new HashMap<>();
                stair.get("treads").forEach(tread -> {
                    tread.get("pupils").forEach(pupil -> assertThat(stands.put(pupil.get("name").asString(),
                            tread.has("rung") ? tread.get("rung").asString() : "")).isNull());
                    assertThat(tread.get("pupils")).containsAll(tread.get("came"));
                });
                record.get("pupils").forEach(row -> assertThat(stands.getOrDefault(
                        row.get("pupil").get("name").asString(), "")).isEqualTo(highest(record, row, stair)));
            });
        }
    }

    private static String highest(JsonNode record, JsonNode row, JsonNode stair) {
        String highest = "";
        for (int i = 0; i < record.get("rungs").size(); i++) {
            JsonNode cell = row.get("cells").get(i);
            if (record.get("rungs").get(i).get("operation").equals(stair.get("operation"))
                    && Set.of("secure", "due").contains(cell.get("state").asString())) {
                highest = cell.get("rung").asString();
            }
        }
        return highest;
    }

    /** A pile of a new class; what is typed for its first pupil, all else right. */
    private static JsonNode pile(String className, List<String> problems, Map<Integer, String> typed) {
        JsonNode made = teacher.post("/api/classes", Map.of("name", className, "pupils", List.of("Ida M", "Tom B")))
                .json();
        ObjectNode content = (ObjectNode) get("/api/sets/" + teacher.demoSet()).get("content");
        content.set("questions", Client.JSON.valueToTree(problems.stream()
                .map(problem -> Map.of("problem", problem, "story", "", "part", "alone")).toList()));
        long set = teacher.post("/api/sets", content).json().get("id").asLong();
        long pile = teacher.post("/api/markings", Map.of("classId", made.get("id").asLong(), "setId", set)).json()
                .get("id").asLong();
        String papers = "/api/markings/" + pile + "/papers/";
        long ida = made.get("pupils").get(0).get("id").asLong();
        typed.forEach((question, given) -> assertThat(teacher.send("PUT", papers + ida + "/answers/" + question,
                Client.JSON.writeValueAsString(Map.of("state", "given", "given", given))).status()).isEqualTo(200));
        made.get("pupils").forEach(pupil -> teacher.post(papers + pupil.get("id").asLong() + "/rest",
                Map.of("state", "right")));
        return Client.JSON.valueToTree(Map.of("class", made, "pile", pile));
    }

    private static JsonNode square(JsonNode facts, String table, int row, int column) {
        for (JsonNode each : facts.get("tables")) {
            for (JsonNode square : each.get("squares")) {
                if (each.get("id").asString().equals(table) && square.get("row").asInt() == row
                        && square.get("column").asInt() == column) {
                    return square;
                }
            }
        }
        throw new AssertionError(table);
    }

    @Test
    void aFactMissedStandsInItsSquareWithWhatWasSaidAndIsPractised() {
        JsonNode made = pile("Facts", List.of("48 x 7", "28 x 7", "58 x 3", "62 x 4", "31 x 4", "12 x 4"),
                Map.of(1, "334", 2, "194"));
        long ida = made.get("class").get("pupils").get(0).get("id").asLong();
        long classId = made.get("class").get("id").asLong();
        // What fits a wrong answer is looked for behind the screens.
        Patience.until(() -> square(get("/api/pupils/" + ida + "/facts"), "times", 7, 8).get("misses").size() == 2);
        JsonNode facts = get("/api/pupils/" + ida + "/facts");
        for (JsonNode square : List.of(square(facts, "times", 7, 8), square(facts, "times", 8, 7))) {
            assertThat(square.get("state").asString()).as(square.toString()).isEqualTo("wrong");
            assertThat(square.get("said").asString()).isEqualTo("54");
            assertThat(square.get("misses")).hasSize(2);
        }
        assertThat(square(facts, "times", 2, 4).get("state").asString()).as("62 x 4 and 12 x 4").isEqualTo("seldom");
        assertThat(square(facts, "times", 9, 9).get("state").asString()).isEqualTo("not-met");
        JsonNode ofClass = get("/api/classes/" + classId + "/facts");
        assertThat(square(ofClass, "times", 7, 8).get("missing").asInt()).isEqualTo(1);
        assertThat(square(ofClass, "times", 7, 8).get("met").asInt()).isEqualTo(2);

        Client.Reply round = teacher.post("/api/facts/rounds", Map.of("facts", List.of("7x8"), "whose", "Ida M"));
        assertThat(round.status()).isEqualTo(201);
        JsonNode set = get("/api/sets/" + round.json().get("setId").asLong());
        assertThat(set.get("content").get("title").asString()).isEqualTo("Two minutes of facts for Ida M");
        assertThat(set.get("questions")).hasSize(24);
        for (List<String> wrong : List.of(List.of("7x8", "8+5"), List.of("45+6"), List.of("x"))) {
            assertThat(teacher.post("/api/facts/rounds", Map.of("facts", wrong, "whose", "")).message())
                    .contains("facts of one table");
        }
    }

    @Test
    void aPileIsDrawnAsItWasMarkedThoseOfOneCauseTogether() {
        JsonNode made = pile("Bands", List.of("36 + 48", "27 + 35", "58 + 16", "47 + 29"),
                Map.of(1, "74", 2, "52", 3, "64", 4, "66"));
        JsonNode picture = get("/api/markings/" + made.get("pile").asLong() + "/class").get("picture");
        assertThat(picture.get("bands")).hasSize(2);
        JsonNode band = picture.get("bands").get(0);
        assertThat(band.get("title").asString()).isEqualTo("carry not added");
        assertThat(band.get("rows").get(0).get("say").asString()).isEqualTo(
                "Ida M: wrong are 1 as 74, 2 as 52, 3 as 64, 4 as 66");
        assertThat(band.get("rows").get(0).get("squares"))
                .allSatisfy(square -> assertThat(square.get("ofBand").asBoolean()).isTrue());
        assertThat(picture.get("bands").get(1).get("title").asString()).isEqualTo("no wrong answer");
        assertThat(picture.get("wrong").toString()).isEqualTo("[1,1,1,1]");
        assertThat(picture.get("of").toString()).isEqualTo("[2,2,2,2]");
        JsonNode cause = get("/api/markings/" + made.get("pile").asLong() + "/class").get("groups").get(0);
        assertThat(
                teacher.work(Map.of("problem", cause.get("shownIn").asString(), "slip", cause.get("slip").asString()))
                        .status()).as("it can be looked at").isEqualTo(200);
    }

    @Test
    void everySlipOfARecordCanBeLookedAt() {
        Set<String> shown = new TreeSet<>();
        for (String name : List.of("Terns", "Curlews")) {
            JsonNode record = get("/api/classes/" + teacher.schoolClass(name).get("id").asLong() + "/record");
            record.get("slips").forEach(slip -> {
                JsonNode found = get("/api/slips/" + slip.get("slip").asString() + "/shown?operation="
                        + slip.get("operation").asString());
                assertThat(found.has("problem")).as(slip.toString()).isTrue();
                assertThat(teacher.work(Map.of("problem", found.get("problem").asString(), "slip",
                        slip.get("slip").asString())).status()).isEqualTo(200);
                shown.add(slip.get("slip").asString());
            });
        }
        assertThat(shown).hasSizeGreaterThan(3);
        assertThat(teacher.get("/api/slips/no-such/shown?operation=addition").status()).isEqualTo(404);
        assertThat(teacher.get("/api/slips/carry-forgotten/shown?operation=sums").message())
                .contains("not an operation");
    }
}
