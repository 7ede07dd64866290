package bemble.server.marking;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.problem.ProblemText;
import bemble.server.diagnosis.FailingAnswers;
import bemble.server.running.Client;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A paper is judged once, and what was said of it outlasts the server; only another version of the judge, or another answer, asks anew. */
@Tag("slow")
class JudgementsKeptTest {
    /** Two papers that differ: of the same answers there is one judgement. */
    private static final List<List<String>> LINES =
            List.of(List.of("1 6312", "2 2815", "3 68"), List.of("1 6312", "2 2815", "3 88"));

    @Test
    void whatWasJudgedIsReadAndNotWorkedOutAgain() {
        try (RunningServer server = RunningServer.start("--bemble.demo=true", "--logging.level.bemble=off")) {
            Client teacher = Client.demo(server);
            JsonNode made = teacher.post("/api/classes", Map.of("name", "Kept", "pupils", List.of("Ada", "Bo"))).json();
            long set = teacher.post("/api/sets/import?name=Kept", "4738 + 1684\n1967 + 1858\n47 + 31\n", "text/csv")
                    .json().get("id").asLong();
            long pile = teacher.post("/api/markings", Map.of("classId", made.get("id").asLong(), "setId", set))
                    .json().get("id").asLong();
            for (int i = 0; i < LINES.size(); i++) {
                long pupil = made.get("pupils").get(i).get("id").asLong();
                for (String line : LINES.get(i)) {
                    teacher.post("/api/markings/" + pile + "/papers/" + pupil + "/entries",
                            Map.of("key", "key-of-" + pupil + "-" + line.charAt(0), "line", line));
                }
            }
            Patience.until(() -> server.count("select count(*) from marked_answer where unjudged") == 0);
            JsonNode papers = papers(teacher, pile);
            JsonNode shows = teacher.get("/api/markings/" + pile + "/class").json();
            assertThat(papers.toString()).contains("carry-forgotten");
            server.sql("update paper_judgement set version = 0 where pupil_id = "
                    + made.get("pupils").get(1).get("id").asLong());

            server.restartWith(empty -> FailingAnswers.of(empty, ProblemText.kept("1967 + 1858")));
            Client later = Client.demo(server);
            Patience.until(() -> papers(later, pile).get(1).has("trouble"));
            assertThat(papers(later, pile).get(0)).isEqualTo(papers.get(0));
            assertThat(later.get("/api/markings/" + pile + "/class").json().get("pupils").get(0))
                    .isEqualTo(shows.get("pupils").get(0));
            long ada = made.get("pupils").get(0).get("id").asLong();
            later.post("/api/markings/" + pile + "/papers/" + ada + "/entries",
                    Map.of("key", "key-of-another-line", "line", "3 77"));
            Patience.until(() -> papers(later, pile).get(0).has("trouble"));
        }
    }

    private static JsonNode papers(Client teacher, long pile) {
        return teacher.get("/api/markings/" + pile).json().get("papers");
    }
}
