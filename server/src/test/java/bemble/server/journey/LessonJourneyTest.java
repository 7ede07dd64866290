package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A lesson from the week to the board: walked with a clicker, changed on the way, kept. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class LessonJourneyTest {
    private static final String STEP = "/lessons/rung~subtraction-one-exchange";

    @Test
    void aClickerGoesThroughAWholeLessonAndWhatIsSkippedOrAddedIsKept(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.navigate(server.address() + STEP);
            teacher.see("45 minutes");
            teacher.assertAccessible();
            page.getByLabel("Skip To close").check();
            teacher.see("42 minutes");
            teacher.press("Open on the board");
            page.getByTestId("board").waitFor();
            List<String> parts = new ArrayList<>();
            boolean ringed = false;
            for (int clicks = 0; clicks < 300 && page.getByTestId("alone").count() == 0; clicks++) {
                String corner = page.locator("main").innerText();
                for (String part : List.of("I do", "Find the mistake", "We do", "You try")) {
                    if (corner.contains(part) && !parts.contains(part)) {
                        parts.add(part);
                        teacher.assertAccessible();
                        if (part.equals("We do")) {
                            teacher.key("l");
                            teacher.see("4 of 8");
                        }
                    }
                }
                ringed |= page.getByTestId("ring").count() > 0;
                teacher.key("PageDown");
            }
            assertThat(parts).containsExactly("I do", "Find the mistake", "We do", "You try");
            assertThat(ringed).as("the mistake was ringed before it was put right").isTrue();
            teacher.see("Everybody works on their own sheet.");
            teacher.assertAccessible();
            teacher.key("Escape");
            teacher.see("42 minutes");
            assertThat(page.getByLabel("Skip To close").isChecked()).isTrue();
            assertThat(page.getByLabel("Without ").count()).as("one more to work together").isEqualTo(4 + 10);
            page.reload();
            teacher.see("42 minutes");
        }
    }

    @Test
    void everyGroupOfAWeekHasItsLesson(RunningServer server) {
        Client teacher = Client.demo(server);
        int groups = 0;
        for (JsonNode schoolClass : teacher.get("/api/classes").json()) {
            long id = schoolClass.get("id").asLong();
            String nextWeek = LocalDate.now().plusWeeks(1).toString();
            for (JsonNode day : teacher.get("/api/classes/" + id + "/plan?week=" + nextWeek).json().get("days")) {
                for (JsonNode group : day.get("groups")) {
                    String source =
                            "group~" + id + "~" + day.get("date").asString() + "~" + group.get("kind").asString() + "~"
                                    + group.get("rung").asString()
                                    + (group.has("slip") ? "~" + group.get("slip").asString() : "");
                    Client.Reply lesson = teacher.get("/api/lessons/" + source);
                    assertThat(lesson.status()).as(source).isEqualTo(200);
                    assertThat(lesson.json().get("title").asString()).isEqualTo(
                            group.get("title").asString().replaceFirst(", group \\d+ of \\d+$", ""));
                    groups++;
                }
            }
        }
        assertThat(groups).isGreaterThan(5);
    }

    @Test
    void aLessonGoesOnToItsSheetWhileTheNetworkIsGone(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.navigate(server.address() + STEP);
            teacher.press("Open on the board");
            page.getByTestId("board").waitFor();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            page.context().setOffline(true);
            int clicks = 0;
            while (page.getByTestId("alone").count() == 0 && clicks < 300) {
                teacher.key("PageDown");
                clicks++;
            }
            assertThat(clicks).as("steps of five problems, one of them with a mistake").isBetween(20, 299);
            assertThat(page.getByRole(AriaRole.ALERT).count()).isZero();
            page.context().setOffline(false);
        }
    }

    @Test
    void aChildWritesOnTheBoardAndThePaperSaysRightOrNot(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.navigate(server.address() + "/lessons/rung~addition-no-carry");
            page.getByLabel("You try on the board").click();
            page.getByTestId("writing").waitFor();
            teacher.assertAccessible();
            // In a sum without a carry no two figures come to more than nine; one of these cannot be right.
            teacher.key("0");
            teacher.key("PageDown");
            teacher.see("Something is not right yet.");
            teacher.press("Rub out");
            teacher.see("the class says right or not");
            teacher.key("PageDown");
            teacher.key("Escape");
            teacher.see("what you skip or add there");
        }
    }

    @Test
    void timesAddUpAndNoOtherWindowIsOverwritten(RunningServer server) {
        Client teacher = Client.demo(server);
        String address = "/api/lessons/rung~addition-a-chain";
        JsonNode lesson = teacher.get(address).json();
        assertThat(lesson.get("minutes").asInt()).isEqualTo(45);
        JsonNode shorter = teacher.post(address + "/anew", Map.of("minutes", 20, "revision", 0)).json();
        assertThat(shorter.get("minutes").asInt()).isEqualTo(20);
        assertThat(teacher.post(address + "/anew", Map.of("minutes", 20, "revision", 0)).status()).as("another window")
                .isEqualTo(409);
        assertThat(teacher.post(address + "/anew", Map.of("minutes", 0, "revision", 1)).message())
                .contains("1 to 240 minutes");
        ObjectNode content = Client.JSON.createObjectNode();
        content.set("stages", shorter.get("stages"));
        ((ObjectNode) content.get("stages").get(0)).putArray("problems").add("twelve");
        assertThat(
                teacher.send("PUT", address, Client.JSON.writeValueAsString(Map.of("content", content, "revision", 1)))
                        .status())
                                .isEqualTo(422);
        ((ObjectNode) content.get("stages").get(0)).putArray("problems").add("58 + 67" + " ".repeat(700));
        assertThat(teacher.send("PUT", address,
                Client.JSON.writeValueAsString(Map.of("content", content, "revision", 1))).message())
                        .isEqualTo("This problem is too long.");
        assertThat(teacher.get(address).json().get("stages")).as("nothing half kept")
                .isEqualTo(teacher.get(address).json().get("stages"));
        long set = teacher.post(address + "/set", Map.of()).json().get("setId").asLong();
        assertThat(teacher.post(address + "/set", Map.of()).json().get("setId").asLong()).as("made once")
                .isEqualTo(set);
        assertThat(teacher.get("/api/lessons/set~" + set).json().get("setId").asLong()).isEqualTo(set);
        for (String none : List.of("rung~none", "set~99999", "group~1", "group~x~y~z~a", "other", "set~x")) {
            assertThat(teacher.get("/api/lessons/" + none).status()).as(none).isEqualTo(404);
        }
    }

    @Test
    void allSheetsOfADayArePrintedWithNamesInTheOrderOfTheRegister(RunningServer server) throws Exception {
        Client teacher = Client.demo(server);
        JsonNode schoolClass = teacher.schoolClass("Curlews");
        String id = schoolClass.get("id").asString();
        String day = "/api/classes/" + id + "/plan/days/" + teacher.dayPlanned(id);
        assertThat(teacher.get(day + "/sheets.pdf").status()).as("no sheet is made yet").isIn(200, 404);
        int sheets = teacher.post(day + "/sheets", Map.of()).json().get("sheets").asInt();
        assertThat(sheets).isPositive();
        byte[] file = teacher.file(day + "/sheets.pdf?order=REGISTER");
        try (var pdf = Loader.loadPDF(file)) {
            String text = new PDFTextStripper().getText(pdf);
            List<Integer> at = new ArrayList<>();
            schoolClass.get("pupils").forEach(pupil -> at.add(text.indexOf(pupil.get("name").asString())));
            assertThat(at.stream().filter(place -> place >= 0)).isSorted().hasSizeGreaterThan(sheets / 2);
            assertThat(pdf.getNumberOfPages()).isGreaterThanOrEqualTo(sheets);
        }
    }
}
