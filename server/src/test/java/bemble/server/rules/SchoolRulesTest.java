package bemble.server.rules;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A rule of a pupil's own that gets a name: from then on the school knows it. */
@ExtendWith(DemoServer.class)
class SchoolRulesTest {
    private static final String RULE = "rule:column=nine@upper-0";

    private static boolean fits(JsonNode findings) {
        for (JsonNode finding : findings) {
            if (finding.get("slip").asString().equals(RULE)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void aNameMakesItKnown(RunningServer shared) {
        Client teacher = Client.demo(shared);
        Map<String, Object> work = Map.of("problem", "803 − 271", "slip", RULE);
        String digits = teacher.post("/api/work", work).json().get("answer").get("text").asString();
        Map<String, Object> one = Map.of("problem", "803 − 271", "given", digits);
        assertThat(fits(teacher.post("/api/diagnose", one).json().get("findings")))
                .as("from one answer nothing is worked out").isFalse();

        Client.Reply unnamed =
                teacher.post("/api/rules", Map.of("rule", RULE, "operation", "subtraction", "name", " "));
        assertThat(unnamed.status()).isEqualTo(422);
        assertThat(unnamed.text()).contains("\"name\"").contains("Type a name");
        assertThat(teacher.post("/api/rules", Map.of("rule", "carry-forgotten", "operation", "addition", "name", "x"))
                .status()).isEqualTo(422);
        assertThat(
                teacher.post("/api/rules", Map.of("rule", RULE, "operation", "subtraction", "name", "nine for nought"))
                        .status()).isEqualTo(204);

        JsonNode finding = teacher.post("/api/diagnose", one).json().get("findings");
        assertThat(fits(finding)).as(finding.toString()).isTrue();
        assertThat(finding.toString()).contains("nine for nought");
        assertThat(teacher.post("/api/slips", Map.of("problem", "803 − 271")).text()).contains(RULE);
        JsonNode kept = teacher.get("/api/rules").json().get(0);
        assertThat(kept.get("does").asString()).isNotBlank();

        String path = "/api/rules/" + kept.get("id").asLong();
        assertThat(teacher.send("DELETE", path, "").status()).isEqualTo(204);
        assertThat(fits(teacher.post("/api/diagnose", one).json().get("findings"))).isFalse();
        assertThat(teacher.post(path + "/restore", Map.of()).status()).isEqualTo(204);
        assertThat(fits(teacher.post("/api/diagnose", one).json().get("findings"))).isTrue();
        teacher.send("DELETE", path, "");
    }

    /** On a sheet of several operations each cause has the name that its own operation has for it. */
    @Test
    void causesOfAMixedSheetHaveNames(RunningServer shared) {
        Client teacher = Client.demo(shared);
        List<Map<String, Object>> items =
                List.of(Map.of("problem", "43 + 25", "given", "68"), Map.of("problem", "52 − 38", "given", "26"),
                        Map.of("problem", "731 − 284", "given", "553"), Map.of("problem", "645 − 279", "given", "434"));
        JsonNode cause = teacher.post("/api/diagnose/set", Map.of("items", items)).json().get("slips").get(0);
        assertThat(cause.get("slip").asString()).isEqualTo("smaller-from-larger");
        assertThat(cause.get("name").asString()).isNotEqualTo("smaller-from-larger").contains(" ");
    }
}
