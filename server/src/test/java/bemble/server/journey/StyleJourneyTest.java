package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A teacher's own cues and keys, and the pages that show a house style to others; a server of its own, since they stay. */
@Tag("slow")
@ExtendWith(DemoServer.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class StyleJourneyTest {
    private static final String CUE = "Pocket the ten!";
    private RunningServer server;

    @BeforeAll
    void start() {
        server = RunningServer.start("--bemble.demo=true");
    }

    @AfterAll
    void stop() {
        server.close();
    }

    private static void writeCue(TeacherAtScreen teacher, String kind, String cue) {
        teacher.open("House style");
        teacher.press("Own words and keys");
        teacher.page().getByLabel(kind, new Page.GetByLabelOptions().setExact(true)).fill(cue);
        teacher.page().waitForResponse("**/api/preferences", () -> teacher.key("Tab"));
    }

    /** A cue for a case goes before that of its kind: the column after an exchange, the one without, and dividing once more. */
    @Test
    void aCueCanBeForACase() {
        Client teacher = Client.demo(server);
        JsonNode steps = teacher.post("/api/work", Map.of("problem", "42 − 17")).json().get("steps");
        assertThat(steps.get(2).get("cues").toString()).isEqualTo("[\"difference-exchanged\",\"difference\"]");
        assertThat(steps.get(3).get("cues").toString()).isEqualTo("[\"difference-plain\",\"difference\"]");
        JsonNode division = teacher.post("/api/work", Map.of("problem", "84 ÷ 4")).json().get("steps");
        assertThat(division.get(1).get("cues").toString()).isEqualTo("[\"divide\"]");
        assertThat(division.toString()).contains("[\"divide-again\",\"divide\"]");
        assertThat(teacher.send("PATCH", "/api/preferences", "{\"cues\":{\"divide-again\":\"And once more!\"}}").json()
                .get("chosen")
                .get("cues").get("divide-again").asString()).isEqualTo("And once more!");
        teacher.send("PATCH", "/api/preferences", "{\"cues\":{\"divide-again\":\"\"}}");
    }

    @Test
    void aCueStandsAboveItsSentenceOnPaperAndBoardAndOnThePageForOthers(Browser browser) throws IOException {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            writeCue(teacher, "A whole column", CUE);
            teacher.assertAccessible();
            teacher.press("How we write it");
            teacher.page().getByTestId("preview").getByText("How we write it: addition").waitFor();
            assertThat(teacher.page().getByTestId("preview").textContent()).contains(CUE).contains("Carry 1 ten");
            teacher.page().getByLabel("Example").fill("58 +");
            teacher.see("A number is missing");
            teacher.page().getByLabel("Example").fill("58 + 67");
            teacher.page().getByTestId("preview").getByText("58 + 67 = 125; check: 67 + 58 = 125").waitFor();
            teacher.assertAccessible();
            teacher.open("Paper");
            teacher.type("58 + 67");
            teacher.waitForSentence("Set out 58");
            assertThat(teacher.page().getByTestId("cue").count()).as("another kind of step has none").isZero();
            teacher.key("ArrowRight");
            teacher.waitForSentence(CUE + "Ones: 8 ones and 7 ones");
            teacher.toBoard();
            teacher.waitForSentence(CUE);
        }
        byte[] file = Client.demo(server).file("/api/how-we-write-it/page.pdf?problem=605-347");
        try (PDDocument document = Loader.loadPDF(file)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document)).contains("How we write it: subtraction",
                    "605 − 347 = 258");
        }
        for (String handout : List.of("bookmarks.pdf?problem=605-347", "words-in-questions.pdf")) {
            try (PDDocument document = Loader.loadPDF(Client.demo(server).file("/api/how-we-write-it/" + handout))) {
                assertThat(document.getNumberOfPages()).as(handout).isEqualTo(1);
            }
        }
    }

    @Test
    void keysOfASingleLetterCanBeSwitchedOffAndTheOthersStay(Browser browser) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.open("House style");
            teacher.press("Own words and keys");
            Locator keys = teacher.page().getByLabel("Keys of a single letter");
            teacher.page().waitForResponse("**/api/preferences", keys::click);
            teacher.page().waitForCondition(() -> !keys.isChecked());
            teacher.open("Paper");
            teacher.type("58 + 67");
            teacher.waitForSentence("Set out 58");
            teacher.toBoard();
            teacher.key("m");
            teacher.key("c");
            teacher.key("ArrowRight");
            teacher.waitForSentence("Ones: 8 ones and 7 ones");
            assertThat(teacher.page().getByRole(AriaRole.DIALOG).count()).isZero();
            assertThat(teacher.page().locator("[data-contrast=strong]").count()).isZero();
            teacher.press("Keys of the board");
            teacher.see("a deliberate mistake, or what looks odd").click();
            teacher.see("never adds a carry");
        }
    }

    @Test
    void whatIsNotSentStaysAndWhatCannotBeKeptIsSaid() {
        Client teacher = Client.demo(server);
        teacher.send("PATCH", "/api/preferences", "{\"cues\":{\"divide\":\"How many?\",\"compare\":\"Same?\"}}");
        JsonNode chosen =
                teacher.send("PATCH", "/api/preferences", "{\"cues\":{\"compare\":\" \"}}").json().get("chosen");
        assertThat(chosen.get("cues").get("divide").asString()).isEqualTo("How many?");
        assertThat(chosen.get("cues").has("compare")).as("an empty cue takes the old one away").isFalse();
        assertThat(teacher.send("PATCH", "/api/preferences", "{\"cues\":{\"hurry\":\"x\"}}").message())
                .contains("no kind of step");
        assertThat(teacher.send("PATCH", "/api/preferences", Client.JSON.writeValueAsString(
                Map.of("cues", Map.of("divide", "x".repeat(121))))).message()).contains("120 letters");
        assertThat(teacher.get("/api/how-we-write-it?problem=" + "1".repeat(61)).message())
                .contains("at most 60 letters");
        assertThat(new Client(server).get("/api/preferences").status()).isEqualTo(401);
    }
}
