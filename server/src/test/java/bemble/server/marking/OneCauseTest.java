package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A child with one slip, through paper, pile, key, group and record, with point and with comma: one cause, the true one. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class OneCauseTest {
    private static Client teacher;

    @BeforeAll
    static void begin(RunningServer shared) {
        teacher = Client.demo(shared);
    }

    private static void style(Map<String, Object> chosen) {
        assertThat(teacher.send("PATCH", "/api/style", Client.JSON.writeValueAsString(chosen)).status()).isEqualTo(200);
    }

    private static long pile(JsonNode schoolClass, List<String> problems) {
        ObjectNode content = (ObjectNode) teacher.get("/api/sets/" + teacher.demoSet()).json().get("content");
        content.put("title", "One cause");
        content.set("questions", Client.JSON.valueToTree(problems.stream()
                .map(problem -> Map.of("problem", problem, "story", "", "part", "alone")).toList()));
        JsonNode set = teacher.post("/api/sets", content).json();
        long id = teacher
                .post("/api/markings",
                        Map.of("classId", schoolClass.get("id").asLong(), "setId", set.get("id").asLong()))
                .json().get("id").asLong();
        teacher.put("/api/markings/" + id + "/day", Map.of("workedOn", LocalDate.now().toString()));
        return id;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "point | carry-forgotten           | 58 + 67; 387 + 246; 476 + 385; 264 + 158; 42 + 31; 395 + 47",
        "comma | carry-forgotten           | 5.8 + 6.7; 3.87 + 2.46; 47.6 + 38.5; 26.4 + 15.8; 4.2 + 3.1; 39.5 + 4.7",
        "point | smaller-from-larger       | 52 − 38; 403 − 158; 731 − 284; 645 − 279; 86 − 24; 912 − 367",
        "comma | smaller-from-larger       | 5.2 − 3.8; 40.3 − 15.8; 7.31 − 2.84; 64.5 − 27.9; 8.6 − 2.4; 91.2 − 36.7",
        "point | placeholder-forgotten     | 43 × 27; 56 × 34; 205 × 13; 78 × 45; 36 × 52; 61 × 24",
        "point | quotient-zero-forgotten   | 812 ÷ 4; 1236 ÷ 6; 3248 ÷ 8; 96 ÷ 4; 2142 ÷ 7; 915 ÷ 3"})
    void everyPlaceNamesIt(String point, String slip, String list) {
        Map<String, Object> chosen = Map.of("point", point);
        style(chosen);
        try {
            JsonNode terns = teacher.post("/api/classes",
                    Map.of("name", "Gannets " + point + slip, "pupils", List.of("Rook B", "Sable D"))).json();
            List<String> problems = List.of(list.strip().split("; "));
            long pile = pile(terns, problems);
            long child = terns.get("pupils").get(0).get("id").asLong();
            Map<Integer, String> wrong = wrongAnswers(problems, slip, chosen);
            assertThat(wrong.size()).isGreaterThan(3);
            String paper = "/api/markings/" + pile + "/papers/" + child;
            wrong.forEach(
                    (question, given) -> teacher.put(paper + "/answers/" + question,
                            Map.of("state", "given", "given", given)));
            teacher.post(paper + "/rest", Map.of("state", "right"));

            for (JsonNode each : teacher.get("/api/markings/" + pile).json().get("papers")) {
                if (each.get("pupil").get("id").asLong() == child) {
                    each.get("answers").forEach(answer -> inThePile(answer, wrong, slip));
                }
            }
            JsonNode group = teacher.get("/api/markings/" + pile + "/class").json().get("groups").get(0);
            assertThat(group.get("slip").asString()).isEqualTo(slip);
            assertThat(group.get("pupils").get(0).asString()).isEqualTo("Rook B");
            inTheKey(teacher.get("/api/markings/" + pile + "/key").json(), wrong, slip);
            List<String> recorded = new ArrayList<>();
            teacher.get("/api/pupils/" + child + "/record").json().get("slips")
                    .forEach(each -> recorded.add(each.get("slip").asString()));
            assertThat(recorded).containsExactly(slip);
            onPaper(problems.get(wrong.keySet().iterator().next() - 1), slip, chosen);
        } finally {
            style(Map.of("point", "point"));
        }
    }

    /** What the child answers, by the number of the question, where that is wrong; as it is written in the style. */
    private static Map<Integer, String> wrongAnswers(List<String> problems, String slip, Map<String, Object> style) {
        Map<Integer, String> wrong = new LinkedHashMap<>();
        for (int i = 0; i < problems.size(); i++) {
            Client.Reply reply = slipped(problems.get(i), slip);
            if (reply.status() == 200) {
                String digits = reply.json().get("answer").get("text").asString();
                int whole = digits.length() - decimals(problems.get(i));
                wrong.put(i + 1, whole == digits.length() ? digits
                        : (whole < 1 ? "0" : digits.substring(0, whole))
                                + (style.get("point").equals("comma") ? "," : ".") + digits.substring(whole));
            }
        }
        return wrong;
    }

    /** The same digits as whole numbers: slips are written for those, and the point is set afterwards. */
    private static Client.Reply slipped(String problem, String slip) {
        return teacher.post("/api/work", Map.of("problem", problem.replace(".", ""), "style", Map.of(), "slip", slip));
    }

    private static int decimals(String problem) {
        String first = problem.split(" ")[0];
        return first.contains(".") ? first.length() - first.indexOf('.') - 1 : 0;
    }

    private static String in(String problem, Map<String, Object> style) {
        return style.get("point").equals("comma") ? problem.replace('.', ',') : problem;
    }

    private static void inThePile(JsonNode answer, Map<Integer, String> wrong, String slip) {
        int question = answer.get("question").asInt();
        assertThat(answer.get("verdict").asString()).as("question " + question)
                .isEqualTo(wrong.containsKey(question) ? "wrong" : "right");
        if (wrong.containsKey(question)) {
            assertThat(answer.get("presumed").get(0).get("slip").asString()).as("question " + question).isEqualTo(slip);
            assertThat(answer.get("say").asString()).isEmpty();
        }
    }

    private static void inTheKey(JsonNode key, Map<Integer, String> wrong, String slip) {
        String code = "";
        for (JsonNode each : key.get("codes")) {
            for (JsonNode of : each.get("slips")) {
                code = of.asString().equals(slip) ? each.get("code").asString() : code;
            }
        }
        assertThat(code).isNotEmpty();
        int named = 0;
        for (int question : wrong.keySet()) {
            for (JsonNode each : key.get("sheets").get(0).get("lines").get(question - 1).get("wrong")) {
                named += each.get("answer").asString().equals(wrong.get(question))
                        && each.get("codes").toString().contains("\"" + code + "\"") ? 1 : 0;
            }
        }
        assertThat(named).as("wrong answers that the key has with the code").isEqualTo(wrong.size());
    }

    /** The same child's paper with all its working. */
    private static void onPaper(String problem, String slip, Map<String, Object> style) {
        JsonNode work = slipped(problem, slip).json();
        List<Map<String, Object>> written = new ArrayList<>();
        for (JsonNode mark : work.get("sheet").get("marks")) {
            String role = mark.get("role").asString();
            boolean figure =
                    List.of("digit", "number", "strike").contains(mark.get("kind").asString()) && !mark.has("until")
                            && !List.of("given", "padding", "frame", "missing").contains(role)
                            && !mark.get("block").asString().startsWith("check.");
            if (figure) {
                written.add(Map.of("block", mark.get("block").asString(), "line", mark.get("line").asString(), "place",
                        mark.get("place").asInt() - decimals(problem),
                        "anchor", mark.get("anchor").asString(), "kind", mark.get("kind").asString(), "text",
                        mark.get("text").asString()));
            }
        }
        JsonNode marked = teacher
                .post("/api/mark", Map.of("problem", in(problem, style), "style", style, "written", written)).json();
        assertThat(marked.get("verdict").asString()).isEqualTo("wrong");
        assertThat(marked.get("findings").get(0).get("slip").asString()).isEqualTo(slip);
    }
}
