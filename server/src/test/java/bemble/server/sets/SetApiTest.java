package bemble.server.sets;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.Patience;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Practice sets kept, copied, printed, and read and written as files. */
@ExtendWith(DemoServer.class)
class SetApiTest {
    private static Map<String, Object> set(String title, String... problems) {
        List<Map<String, Object>> questions = new ArrayList<>();
        for (String problem : problems) {
            questions.add(Map.of("problem", problem, "story", "", "part", "alone"));
        }
        Map<String, Object> set = new LinkedHashMap<>();
        set.put("title", title);
        set.put("tag", "Terns");
        set.put("seed", 5);
        set.put("questions", questions);
        set.put("layout",
                new LinkedHashMap<>(Map.of("paper", "a4", "columns", 2, "square", 7, "setOut", true, "carryBoxes",
                        false, "checkRow", false, "nameLine", true, "largePrint", false, "sentences", true)));
        return set;
    }

    private static long add(Client teacher, Map<String, Object> set) {
        Client.Reply added = teacher.post("/api/sets", set);
        assertThat(added.status()).as(added.text()).isEqualTo(200);
        return added.json().get("id").asLong();
    }

    @Test
    void aSetIsKeptFoundCopiedArchivedAndBroughtBack(RunningServer server) {
        Client teacher = Client.demo(server);
        long id = add(teacher, set("Rope and slates", "605 - 556", "58 + 67"));
        JsonNode kept = teacher.get("/api/sets/" + id).json();
        assertThat(kept.get("questions").get(0).get("inWords").asString()).isEqualTo("1 exchange, across a zero");
        assertThat(kept.get("minutes").asInt()).isPositive();
        assertThat(teacher.get("/api/sets?search=Rope%20AND%20sl").json()).hasSize(1);
        assertThat(teacher.get("/api/sets?search=58%20%2B%2067").json()).isNotEmpty();

        JsonNode again = teacher.post("/api/sets/" + id + "/copy", Map.of("otherNumbers", true)).json();
        assertThat(again.get("content").get("title").asString()).isEqualTo("Rope and slates, again");
        for (int i = 0; i < 2; i++) {
            JsonNode before = kept.get("questions").get(i);
            JsonNode after = again.get("questions").get(i);
            assertThat(after.get("text")).isNotEqualTo(before.get("text"));
            assertThat(after.get("features")).isEqualTo(before.get("features"));
        }

        teacher.post("/api/sets/" + id + "/archive", Map.of("archived", true));
        assertThat(teacher.get("/api/sets?search=rope%20and%20slates").json()).hasSize(1);
        assertThat(teacher.get("/api/sets?search=Rope%20and%20slates&archived=true").json()).hasSize(1);
        teacher.send("DELETE", "/api/sets/" + id, null);
        assertThat(teacher.get("/api/sets/" + id).status()).isEqualTo(404);
        teacher.post("/api/sets/" + id + "/restore", Map.of());
        assertThat(teacher.get("/api/sets/" + id).status()).isEqualTo(200);
    }

    @Test
    void aBadChangeChangesNothing(RunningServer server) {
        Client teacher = Client.demo(server);
        long id = add(teacher, set("As it was", "58 + 67"));
        Map<String, Object> bad = set("Changed", "58 + 67", "12 +", "3 - 5");
        Client.Reply refused = teacher.send("PUT", "/api/sets/" + id, Client.JSON.writeValueAsString(bad));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().get("errors")).hasSize(2);
        assertThat(refused.message()).startsWith("Question 2:");
        Map<String, Object> layout = set("Changed", "58 + 67");
        layout.put("layout", Map.of("paper", "a4", "columns", 9, "square", 7, "setOut", true, "carryBoxes", false,
                "checkRow", false, "nameLine", true, "largePrint", false, "sentences", true));
        assertThat(teacher.send("PUT", "/api/sets/" + id, Client.JSON.writeValueAsString(layout)).message())
                .isEqualTo("Choose 1 to 4 columns.");
        Map<String, Object> untitled = set("", "58 + 67");
        assertThat(teacher.send("PUT", "/api/sets/" + id, Client.JSON.writeValueAsString(untitled)).message())
                .contains("title of 1 to 120");
        assertThat(teacher.get("/api/sets/" + id).json().get("content").get("title").asString()).isEqualTo("As it was");
    }

    @Test
    void setsAreNobodyElses(RunningServer server) {
        long id = add(Client.demo(server), set("Mine", "58 + 67"));
        for (String path : List.of("/api/sets", "/api/sets/" + id, "/api/sets/" + id + "/pages",
                "/api/sets/" + id + "/bemble-set.json", "/api/sets/" + id + "/prints")) {
            assertThat(new Client(server).get(path).status()).as(path).isEqualTo(401);
        }
    }

    @Test
    void aTableWithBadLinesIsRefusedWholeAndAGoodOneTakenIn(RunningServer server) {
        Client teacher = Client.demo(server);
        int before = teacher.get("/api/sets").json().size();
        Client.Reply refused = teacher.send("POST", "/api/sets/import?name=Monday",
                "problem,part\n58 + 67,alone\n12 +,alone\n605 - 556,later\n7 x 8,shown\n", "text/csv");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("Line 3: A number is missing").contains("Line 4: There is no part “later”");
        assertThat(refused.json().get("errors")).hasSize(2);
        assertThat(teacher.get("/api/sets").json()).hasSize(before);

        JsonNode taken = teacher.send("POST", "/api/sets/import?name=Monday",
                "part;story;problem\nshown;\"Rope, \"\"wet\"\"\";58 + 67\n;;sqrt 529\n", "text/csv").json();
        JsonNode content = teacher.get("/api/sets/" + taken.get("id").asLong()).json().get("content");
        assertThat(content.get("title").asString()).isEqualTo("Monday");
        assertThat(content.get("questions").get(0).get("story").asString()).isEqualTo("Rope, \"wet\"");
        assertThat(content.get("questions").get(1).get("problem").asString()).isEqualTo("√529");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            text/csv         | ``                                        | no problem in this file
            text/csv         | "58 + 67                                  | quotation mark
            application/json | {"format": "other"}                       | not a set of Bemble
            application/json | {"format": "bemble-set", "version": 1}    | not a set of Bemble
            application/json | {"format": "bemble-set",                  | not JSON from here
            application/json | {"format": "bemble-set", "version": 1, "set": {"title": 3, "questions": {}}} | another form
            """)
    void aFileThatIsNoSetIsRefused(String type, String text, String message, RunningServer server) {
        Client.Reply refused = Client.demo(server).send("POST", "/api/sets/import", text, type);
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.message()).contains(message);
    }

    @Test
    void whatIsExportedComesBackTheSame(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, Object> set = set("There and back", "58 + 67", "√7 to 2 dp");
        set.put("questions", List.of(Map.of("problem", "58 + 67", "story", "=Slates, \"wet\"", "part", "shown"),
                Map.of("problem", "√7 to 2 dp", "story", "", "part", "alone")));
        set.put("passMark", 2);
        set.put("want", Map.of("digits", Map.of("min", 2, "max", 3)));
        long id = add(teacher, set);
        JsonNode before = teacher.get("/api/sets/" + id).json().get("content");
        String json = teacher.get("/api/sets/" + id + "/bemble-set.json").text();
        long back = teacher.send("POST", "/api/sets/import", json, "application/json").json().get("id").asLong();
        assertThat(teacher.get("/api/sets/" + back).json().get("content")).isEqualTo(before);
        String csv = teacher.get("/api/sets/" + id + "/bemble-set.csv").text();
        assertThat(csv).startsWith("\"problem\",\"answer\",\"story\",\"part\",\"features\"").contains("'=Slates");
        long fromTable = teacher.send("POST", "/api/sets/import", csv, "text/csv").json().get("id").asLong();
        assertThat(teacher.get("/api/sets/" + fromTable).json().get("content").get("questions"))
                .isEqualTo(before.get("questions"));
    }

    @Test
    void aPrintIsFrozenUnderItsCodeAndItsFilesReadBack(RunningServer server) throws Exception {
        Client teacher = Client.demo(server);
        long id = add(teacher, set("Slates", "58 + 67", "605 - 556", "sqrt 7 to 2 dp"));
        JsonNode begun = print(teacher, id, "A", "B");
        String a = begun.get("prints").get(0).get("code").asString();
        String b = begun.get("prints").get(1).get("code").asString();
        assertThat(a).matches("[A-Z3479]{4}-A");
        assertThat(b).isEqualTo(a.substring(0, 4) + "-B");

        String questions = text(teacher, a, "questions");
        assertThat(questions).contains("Slates", a, "Name", "Date", "1.", "2.", "3.").doesNotContain("125");
        assertThat(text(teacher, a, "answers")).contains("58 + 67 = 125", "605 − 556 = 49", "√7 to 2 dp ≈ 2.64");
        assertThat(text(teacher, a, "worked")).contains("8 ones and 7 ones are 15 ones")
                .contains("check: 49 + 556 = 605");
        assertThat(text(teacher, b, "answers")).contains(b).doesNotContain("58 + 67");

        assertThat(print(teacher, id, "A").get("prints").get(0).get("code").asString()).as("unchanged").isEqualTo(a);
        teacher.send("PUT", "/api/sets/" + id, Client.JSON.writeValueAsString(set("Slates", "99 + 1")));
        String changed = print(teacher, id, "A").get("prints").get(0).get("code").asString();
        assertThat(changed).as("changed").isNotEqualTo(a);
        assertThat(text(teacher, changed, "answers")).contains("99 + 1 = 100");
        assertThat(text(teacher, a, "answers")).as("as it was printed").contains("58 + 67 = 125");
        assertThat(teacher.get("/api/sets/" + id + "/prints").json()).hasSize(3);
        assertThat(teacher.get("/api/prints/" + a + "/worked-1.svg").text()).startsWith("<svg").contains("Andika");
        assertThat(teacher.get("/api/prints/" + a + "/worked-99.svg").message()).contains("This print has");
        assertThat(teacher.get("/api/prints/ZZZZ-A/answers.pdf").status()).isEqualTo(404);
    }

    private static JsonNode print(Client teacher, long id, String... versions) {
        JsonNode begun = teacher.post("/api/sets/" + id + "/prints", Map.of("versions", List.of(versions))).json();
        assertThat(waitFor(teacher, begun.get("job").get("id").asString()).get("state").asString()).isEqualTo("DONE");
        return begun;
    }

    private static JsonNode waitFor(Client teacher, String job) {
        Patience.until(() -> !List.of("WAITING", "RUNNING")
                .contains(teacher.get("/api/jobs/" + job).json().get("state").asString()));
        return teacher.get("/api/jobs/" + job).json();
    }

    /** The text of a print, after a look at its fonts and at whether anything stands outside the margins. */
    private static String text(Client teacher, String code, String kind) throws IOException {
        try (PDDocument document = Loader.loadPDF(teacher.file("/api/prints/" + code + "/" + kind + ".pdf"))) {
            Set<String> fonts = new HashSet<>();
            for (PDPage page : document.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).isTrue();
                    fonts.add(font.getName().replaceAll(".*\\+", ""));
                }
            }
            assertThat(fonts).isNotEmpty().allMatch(font -> font.startsWith("Andika"));
            float margin = 28;
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void writeString(String string, List<TextPosition> positions) throws IOException {
                    for (TextPosition at : positions) {
                        assertThat(at.getXDirAdj()).isGreaterThan(margin);
                        assertThat(at.getXDirAdj() + at.getWidthDirAdj()).isLessThan(at.getPageWidth() - margin);
                        assertThat(at.getYDirAdj()).isBetween(margin, at.getPageHeight() - margin);
                    }
                    super.writeString(string, positions);
                }
            };
            return stripper.getText(document);
        }
    }

    @Test
    void aQuestionIsToldAsAStoryThatFitsIt(RunningServer server) {
        Client teacher = Client.demo(server);
        JsonNode stories = teacher.get("/api/stories?problem=605%20%E2%88%92%20556").json();
        assertThat(stories.size()).isGreaterThan(10);
        assertThat(stories).allSatisfy(story -> assertThat(story.asString()).contains("605", "556").endsWith("?"));
        assertThat(teacher.get("/api/stories?problem=%E2%88%9A529").json()).isEmpty();
        assertThat(teacher.get("/api/stories/again?story=A%20605%20ships,%20B%20556&before=605-556&now=710-32").json()
                .get("story").asString()).isEqualTo("A 710 ships, B 32");
        assertThat(teacher.get("/api/stories/again?story=Many%20ships&before=605-556&now=710-32").json().get("story")
                .asString()).as("it has no numbers to change").isEmpty();
        assertThat(teacher.get("/api/stories?problem=605").message()).contains("not yet a problem");
        assertThat(teacher.get("/api/sets/" + teacher.demoSet()).json().get("questions").toString()
                + teacher.get("/api/sets/" + teacher.demoSet()).json().get("content"))
                        .as("the demo's stories have their numbers in them").doesNotContain("So many");
    }

    @Test
    void aLongPrintShowsHowFarItIsAndCanBeStopped(RunningServer server) throws Exception {
        Client teacher = Client.demo(server);
        JsonNode drawn = teacher.post("/api/sets/draft", Map.of("operation", "multiplication", "count", 200, "seed", 1,
                "want", Map.of("topDigits", 9, "bottomDigits", 6))).json();
        List<String> problems = new ArrayList<>();
        drawn.get("problems").forEach(problem -> problems.add(problem.get("text").asString()));
        long id = add(teacher, set("Long", problems.toArray(String[]::new)));
        JsonNode job = teacher.post("/api/sets/" + id + "/prints", Map.of("versions", List.of("A", "B", "C"))).json()
                .get("job");
        teacher.send("DELETE", "/api/jobs/" + job.get("id").asString(), null);
        JsonNode stopped = waitFor(teacher, job.get("id").asString());
        assertThat(stopped.get("state").asString()).isEqualTo("STOPPED");
        assertThat(stopped.get("done").asInt()).isLessThan(200 * 3 * 3);
    }

    @Test
    void previewsAreThePagesAndVersionsAndTellingSetsAreDrawn(RunningServer server) {
        Client teacher = Client.demo(server);
        long id = add(teacher, set("<Rope> & slates", "58 + 67", "605 - 556"));
        JsonNode preview = teacher.get("/api/sets/" + id + "/pages?kind=worked&version=A").json();
        assertThat(preview.get("total").asInt()).isEqualTo(1);
        assertThat(preview.get("pages").get(0).asString()).contains("&#60;Rope&#62; &#38; slates")
                .doesNotContain("<Rope>");
        assertThat(teacher.get("/api/sets/" + id + "/pages?kind=poster").message())
                .contains("Choose questions, answers");
        assertThat(teacher.get("/api/sets/" + id + "/pages?version=Q").message()).contains("A, B and C");
        assertThat(teacher.get("/api/sets/" + id + "/questions/2.svg").text()).contains("<svg").contains("2.");
        assertThat(teacher.get("/api/sets/" + id + "/questions/3.svg").status()).isEqualTo(404);
        JsonNode telling = teacher.post("/api/sets/telling", Map.of("operation", "subtraction", "count", 6,
                "want", Map.of("digits", 4, "acrossZeros", 1))).json();
        assertThat(telling.get("problems")).hasSize(6);
        assertThat(telling.get("slips").get(0).get("answers")).hasSize(6);
        assertThat(teacher.post("/api/sets/telling", Map.of("operation", "subtraction", "count", 99)).message())
                .contains("1 to 40");
    }
}
