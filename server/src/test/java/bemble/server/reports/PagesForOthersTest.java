package bemble.server.reports;

import static org.assertj.core.api.Assertions.assertThat;
import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What pages for parents, a stand-in and colleagues say. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class PagesForOthersTest {
    private static Client teacher;

    @BeforeAll
    static void begin(RunningServer shared) {
        teacher = Client.demo(shared);
    }

    @Test
    void pagesForOthersSayWhatATeacherConfirmedAndNothingElse() {
        JsonNode curlews = teacher.schoolClass("Curlews");
        for (JsonNode pupil : curlews.get("pupils")) {
            String path = "/api/pupils/" + pupil.get("id").asLong();
            String page = pages(path + "/report");
            JsonNode record = teacher.get(path + "/record").json();
            for (JsonNode slip : record.get("slips")) {
                assertThat(page).as("no shorthand of those who mark").doesNotContain(slip.get("name").asString());
            }
            assertThat(page).contains("What goes well", "Two minutes at home").doesNotContain("secure", "rung",
                    "Blocks:");
            assertThat(page).doesNotContainIgnoringCase("careless").doesNotContainIgnoringCase("failed");
        }
        long id = curlews.get("id").asLong();
        String head = pages("/api/classes/" + id + "/report");
        Client.all(curlews.get("pupils"), "name").forEach(name -> assertThat(head).doesNotContain(name));
        assertThat(new String(teacher.file("/api/classes/" + id + "/stand-in.pdf"), 0, 5, StandardCharsets.UTF_8))
                .isEqualTo("%PDF-");
    }

    @Test
    void aTeachersOwnWordsStandFirstAndAnySectionCanBeLeftOut() {
        long pupil = teacher.schoolClass("Curlews").get("pupils").get(1).get("id").asLong();
        String path = "/api/pupils/" + pupil + "/report";
        JsonNode before = teacher.get(path).json();
        assertThat(before.get("sections")).isNotEmpty();
        String page = before.get("page").asString();
        teacher.put("/api/page-words/" + page,
                Map.of("words", "Thank you for coming.\nShe sings while she works.", "without",
                        List.of("Two minutes at home")));
        String after = pages(path);
        assertThat(after).contains("Thank you for coming.", "She sings while she works.", "What goes well")
                .doesNotContain("Two minutes at home");
        assertThat(after.indexOf("Thank you")).isLessThan(after.indexOf("What goes well"));
        assertThat(teacher
                .send("PUT", "/api/page-words/" + page, "{\"words\":\"" + "a".repeat(2001) + "\",\"without\":[]}")
                .message())
                        .contains("2000 letters");
        assertThat(pages(path)).as("what was refused changed nothing").contains("Thank you for coming.");
        teacher.put("/api/page-words/" + page, Map.of("words", "", "without", List.of()));
        assertThat(pages(path)).contains("Two minutes at home").doesNotContain("Thank you for coming.");
    }

    @Test
    void aStandInHasTheQuestionsWithTheirAnswersAsTheSheetsWillHaveThem() {
        long id = teacher.schoolClass("Terns").get("id").asLong();
        JsonNode plan = teacher.get("/api/classes/" + id + "/plan").json();
        JsonNode day = plan.get("days").get(0);
        JsonNode group = day.get("groups").get(0);
        List<String> page = Client
                .printed(teacher.get("/api/classes/" + id + "/stand-in?day=" + day.get("date").asString()).json());
        assertThat(String.join(" ", page)).contains("Sit with:", "Whoever is done early", "How we write it");
        long set = teacher
                .post("/api/classes/" + id + "/plan/groups/" + group.get("key").asString() + "/set?day="
                        + day.get("date").asString(), Map.of())
                .json().get("setId").asLong();
        for (JsonNode question : teacher.get("/api/sets/" + set).json().get("content").get("questions")) {
            assertThat(page).contains(question.get("problem").asString());
        }
    }

    private static String pages(String path) {
        StringBuilder all = new StringBuilder();
        teacher.get(path).json().get("pages").forEach(page -> all.append(page.asString()));
        return all.toString();
    }

    @Test
    void twoColleaguesJudgeAPieceAndBothStay() {
        long pupil = teacher.schoolClass("Curlews").get("pupils").get(2).get("id").asLong();
        String work = "/api/pupils/" + pupil + "/work";
        JsonNode piece = teacher.get(work).json().get("pieces").get(0);
        Map<String, Object> first =
                Map.of("marking", piece.get("marking").asLong(), "question", piece.get("question").asInt(),
                        "judge", "Ms Sandpiper", "says", "Knows why a ten is exchanged.");
        teacher.post(work, first);
        assertThat(teacher.post(work, first).message()).contains("has judged this already");
        Map<String, Object> second =
                Map.of("marking", piece.get("marking").asLong(), "question", piece.get("question").asInt(),
                        "judge", "Mr Plover", "says", "Right, but by rote.");
        JsonNode judged = teacher.post(work, second).json().get("pieces").get(0).get("judgements");
        assertThat(Client.all(judged, "says")).containsExactly("Knows why a ten is exchanged.", "Right, but by rote.");
        List<String> page = Client.printed(teacher.get(work + "/pages").json());
        assertThat(String.join(" ", page)).contains("Ms Sandpiper: Knows why a ten is exchanged.",
                "Mr Plover: Right, but by rote.",
                piece.get("problem").asString());
        assertThat(page).anyMatch(text -> text.startsWith("____"));
        assertThat(new String(teacher.file(work + ".pdf"), 0, 5, StandardCharsets.UTF_8)).isEqualTo("%PDF-");
    }
}
