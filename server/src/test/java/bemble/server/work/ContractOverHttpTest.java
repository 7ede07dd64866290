package bemble.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The worked cases and the slips that teachers meet, asked for from outside: worked, diagnosed, and marked as papers. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ContractOverHttpTest {
    private static final Path VECTORS = Path.of("..", "core", "src", "test", "resources", "vectors");
    /** What somebody writes; a sign, a rule or a head is drawn, and what a broken rule left out is not there. */
    private static final Set<String> WRITTEN = Set.of("digit", "number", "strike");
    private static final Set<String> NOT_BY_HAND = Set.of("given", "frame", "missing");

    private final Client anybody;

    ContractOverHttpTest(RunningServer server) {
        anybody = new Client(server);
    }

    private static Stream<JsonNode> in(String file, String section) throws IOException {
        return StreamSupport.stream(new JsonMapper().readTree(Files.readString(VECTORS.resolve(file + ".json")))
                .get(section).spliterator(), false);
    }

    static Stream<JsonNode> workedCases() throws IOException {
        return in("examples", "work");
    }

    static Stream<JsonNode> namedSlips() throws IOException {
        return in("examples", "slips");
    }

    static Stream<JsonNode> slipsMet() throws IOException {
        return in("slips-met", "slips");
    }

    /** The parts of a request that say which problem it is, by which method. */
    private static Map<String, Object> asked(JsonNode vector) {
        Map<String, Object> asked = new HashMap<>();
        for (String field : List.of("operation", "operands", "method", "decimals")) {
            if (vector.has(field)) {
                asked.put(field, vector.get(field));
            }
        }
        return asked;
    }

    private static Map<String, Object> with(Map<String, Object> asked, String field, Object value) {
        Map<String, Object> more = new HashMap<>(asked);
        more.put(field, value);
        return more;
    }

    /** What a hand has left on the paper in the end. */
    private static List<Map<String, Object>> written(JsonNode work) {
        int upTo = StreamSupport.stream(work.get("steps").spliterator(), false)
                .filter(step -> step.get("part").asString().equals("check")).mapToInt(step -> step.get("n").asInt())
                .min().orElse(Integer.MAX_VALUE);
        List<Map<String, Object>> written = new ArrayList<>();
        for (JsonNode mark : work.get("sheet").get("marks")) {
            if (WRITTEN.contains(mark.get("kind").asString()) && !NOT_BY_HAND.contains(mark.get("role").asString())
                    && !mark.has("until") && mark.get("step").asInt() < upTo) {
                Map<String, Object> figure = new LinkedHashMap<>();
                for (String field : List.of("block", "line", "place", "anchor", "kind", "text")) {
                    figure.put(field, mark.get(field));
                }
                written.add(figure);
            }
        }
        return written;
    }

    private JsonNode marked(Map<String, Object> asked, JsonNode work) {
        return anybody.post("/api/mark", with(asked, "written", written(work))).json();
    }

    @ParameterizedTest
    @MethodSource("workedCases")
    void aWorkedCaseComesOutAsGivenAndItsPaperIsRight(JsonNode vector) {
        Map<String, Object> asked = asked(vector);
        JsonNode work = anybody.work(asked).json();
        vector.get("answer").properties().forEach(
                field -> assertThat(work.get("answer").get(field.getKey())).as(field.getKey())
                        .isEqualTo(field.getValue()));
        assertThat(work.get("record")).isEqualTo(vector.get("record"));
        assertThat(work.get("check").get("holds").asBoolean()).isTrue();

        JsonNode marked = marked(asked, work);
        assertThat(marked.get("verdict").asString()).isEqualTo("right");
        assertThat(marked.get("figures"))
                .noneMatch(figure -> Set.of("wrong", "missing", "extra").contains(figure.get("verdict").asString()));

        JsonNode judged = anybody.post("/api/diagnose", with(asked, "given", work.get("answer").get("text"))).json();
        assertThat(judged.get("verdict").asString()).isEqualTo("correct");
        assertThat(judged.get("findings")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("namedSlips")
    void aSlipWrittenIsTheOneFoundInItsAnswerAndOnItsPaper(JsonNode vector) {
        Map<String, Object> asked = asked(vector);
        String slip = vector.get("slip").asString();
        assertThat(anybody.work(asked).json().get("answer").get("text")).isEqualTo(vector.get("correct"));

        JsonNode judged = anybody.post("/api/diagnose", with(asked, "given", vector.get("given"))).json();
        assertThat(judged.get("verdict").asString()).isEqualTo("wrong");
        assertThat(names(judged)).as("%s of %s", slip, judged).contains(slip);
        if (slip.equals("fact-near-miss")) {
            return;
        }
        JsonNode work = anybody.work(with(asked, "slip", slip)).json();
        assertThat(work.get("answer").get("text")).isEqualTo(vector.get("given"));
        assertThat(work.get("sheet").get("marks")).anyMatch(mark -> mark.has("should")
                && !mark.get("should").equals(mark.get("text")));

        JsonNode marked = marked(asked, work);
        assertThat(marked.get("verdict").asString()).isEqualTo("wrong");
        assertThat(marked.get("answer").get("verdict").asString()).isNotEqualTo("right");
        assertThat(names(marked)).as("%s on the paper of %s", slip, asked).contains(slip);
    }

    @ParameterizedTest
    @MethodSource("slipsMet")
    void aSlipThatTeachersMeetHasAnExplanation(JsonNode vector) {
        Map<String, Object> asked = new HashMap<>(Map.of("problem", vector.get("problem")));
        if (vector.has("method")) {
            asked.put("method", vector.get("method"));
        }
        JsonNode judged = anybody.post("/api/diagnose", with(asked, "given", vector.get("given"))).json();
        assertThat(judged.get("verdict").asString()).isEqualTo("wrong");
        assertThat(judged.get("findings")).as(vector.toString()).isNotEmpty();
        // Each finding can be shown: what such a hand writes comes to this very answer.
        JsonNode first = judged.get("findings").get(0);
        assertThat(first.get("working").get("answer").get("text")).as(first.toString().substring(0, 80))
                .isEqualTo(vector.get("given"));
        assertThat(names(marked(asked, first.get("working")))).as(vector.toString())
                .contains(first.get("slip").asString());
    }

    /** All that is named in what was found, the second of two slips too. */
    private static List<String> names(JsonNode judged) {
        List<String> names = new ArrayList<>();
        judged.get("findings").forEach(finding -> {
            names.add(finding.get("slip").asString());
            if (finding.has("with")) {
                names.add(finding.get("with").asString());
            }
        });
        return names;
    }
}
