package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.PaperWriter;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Papers written by keyboard alone, by touch, with a mistake, with help, and with the connection gone. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class WriteJourneyTest {
    private static final Map<String, String> METHODS = Map.ofEntries(Map.entry("346 × 215", "long"),
            Map.entry("34 × 26", "area"), Map.entry("34 × 27", "crosswise"), Map.entry("8412 ÷ 4", "long"),
            Map.entry("8416 ÷ 4", "short"), Map.entry("84 ÷ 4", "partial-quotients"),
            Map.entry("√53 to 1 dp", "doubled-root"), Map.entry("√530 to 1 dp", "running-divisor"),
            Map.entry("4003 − 1358", "counting-up"), Map.entry("47 + 38 + 29", "running"),
            Map.entry("476 + 385", "partial-sums"));

    private final RunningServer server;
    private final Browser browser;

    WriteJourneyTest(RunningServer server, Browser browser) {
        this.server = server;
        this.browser = browser;
    }

    @Test
    void aSumWithItsCarriesIsWrittenMarkedRubbedOutAndPutRight() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("487 + 96 + 8", null);
            writer.hear("ones, answer line, empty");
            writer.teacher().assertAccessible();
            writer.keys("1");
            writer.hear("tens, answer line, empty");
            writer.keys(". 2 7 5");
            writer.hear("thousands, answer line, empty");
            writer.keys("ArrowRight ArrowRight");
            writer.hear("tens, answer line, 7");
            writer.keys("ArrowUp ArrowUp ArrowUp ArrowUp");
            writer.hear("tens, line of small figures, small 2");
            writer.handIn();
            writer.see("Not right yet");
            writer.see(
                    "In the tens column stands 7 where 9 belongs. Tens: 2 tens carried, 8 tens and 9 tens are 19 tens.");
            writer.see("Fits this paper: a child who never adds a carry.");
            assertThat(writer.sheet().getByTestId("ring").count()).isEqualTo(1);
            writer.teacher().assertAccessible();

            writer.sheet().focus();
            writer.keys("ArrowDown ArrowDown ArrowDown ArrowDown");
            writer.hear("tens, answer line, 7, wrong");
            writer.keys("Backspace");
            writer.hear("tens, answer line, empty");
            writer.keys("Control+z");
            writer.hear("tens, answer line, 7");
            writer.keys("Control+y");
            writer.hear("tens, answer line, empty");
            writer.keys("9");
            writer.handIn();
            writer.assertAllRight();

            writer.teacher().open("Log");
            writer.teacher().see("written, ✓ right");
            writer.teacher().open("487 + 96 + 8");
            writer.see("All right");
            writer.teacher().press("Replay");
            writer.page().getByLabel("How much was written").press("Home");
            writer.page().getByLabel("How much was written").press("ArrowRight");
            writer.teacher().see("1 of 8");
            writer.teacher().press("Set the right working beside it");
            writer.page().getByLabel("Paper: the right working of").waitFor();
        }
    }

    /** 4 is struck and 8 written beside it: the 8 counts, whichever of them was right; and so does what is begun again. */
    @Test
    void whatIsCrossedOutIsGone() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("487 + 96", null);
            writer.keys("3 4");
            writer.hear("hundreds, answer line, empty");
            writer.keys("ArrowRight - 8 5");
            writer.handIn();
            writer.assertAllRight();

            writer.sheet().focus();
            writer.keys("ArrowRight ArrowRight");
            writer.hear("tens, answer line, 4, 4 struck, small 8, right");
            writer.keys("7");
            writer.handIn();
            writer.see("In the tens column stands 7 where 8 belongs.");

            // All of it is crossed out, and the sum begun again below: that one counts, and it is there after a reload.
            writer.teacher().press("Begin again below");
            writer.keys("3 8");
            writer.hear("begun again, hundreds, answer line, empty");
            writer.keys("5");
            writer.handIn();
            writer.assertAllRight();
            writer.teacher().see("saved");
            writer.page().reload();
            writer.sheet().focus();
            writer.hear("begun again, ones, answer line, 3");
        }
    }

    @ParameterizedTest
    @CsvSource({"decomposition, minuend", "equal-additions, minuend"})
    void aSubtractionAcrossZerosIsWrittenInBothSchools(String method, String top) {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("4003 - 1358", method);
            writer.keys("ArrowUp ArrowUp 1");
            writer.hear("ones, " + top + ", 3 printed, small 1");
            if (method.equals("decomposition")) {
                writer.keys("ArrowLeft ArrowLeft ArrowLeft -");
                writer.hear("thousands, minuend, 4 printed, 4 struck");
                writer.keys("ArrowUp 3");
                writer.hear("thousands, exchanged above 1, small 3");
            }
            writer.keys("ArrowDown ArrowDown ArrowDown ArrowDown");
            writer.hear(method.equals("decomposition") ? "thousands, answer line" : "ones, answer line");
            if (method.equals("decomposition")) {
                writer.keys("ArrowRight ArrowRight ArrowRight");
            }
            writer.keys("5 4 6 2");
            writer.handIn();
            writer.assertAllRight();
        }
    }

    /** One after the other on the page that is open: coming in anew takes longer than writing. */
    @Test
    void everyMethodIsWrittenByKeyboardAlone() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            METHODS.forEach((problem, method) -> {
                writer.take(problem, method);
                writer.writeAll(problem, method);
                writer.handIn();
                writer.assertAllRight();
            });
        }
    }

    @Test
    void numbersSetOutInTheWrongColumnsAreTakenAndFound() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("450 + 62", null, "Set the numbers out too");
            writer.hear("row 1, empty");
            writer.keys("4 5 0 7");
            writer.hear("ones, row 1, 0");
            writer.keys("Enter");
            writer.hear("tens, row 2, empty");
            writer.keys("ArrowLeft 6");
            writer.hear("tens, row 2, empty");
            writer.keys("2 ArrowDown");
            writer.hear("answer line, empty");
            writer.handIn();
            writer.see("In the hundreds column stands 6");
        }
    }

    @Test
    void helpComesInThreeSizesAndIsKept() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("58 + 67", null);
            writer.keys("h");
            writer.teacher().see("Next comes: ones, answer line.");
            writer.keys("h");
            writer.teacher().see("How many ones altogether?");
            writer.keys("h");
            writer.teacher().see("It is 5.");
            writer.teacher().press("Replay");
            writer.teacher().see("help taken: 3");
        }
    }

    @Test
    void whoIsLedSeesTheNextSquareAndWhoJoinsInFindsTheFirstColumnsWritten() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("58 + 67", null, "Show which square comes next");
            writer.keys("5");
            writer.hear("tens, line of small figures, empty");
            writer.keys("1");
            writer.hear("tens, answer line, empty");

            writer.page().navigate(server.address() + "/write?problem=4738%2B1967");
            writer.page().getByLabel("Begin").selectOption("3");
            writer.page().getByLabel("Problem").press("Enter");
            writer.sheet().waitFor();
            writer.hear("ones, answer line, 5");
        }
    }

    @Test
    void whatIsStruckIsWrittenAnewAboveIt() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("503 - 27", "decomposition");
            writer.keys("ArrowUp ArrowUp ArrowLeft ArrowLeft - 4 ArrowRight 1 - 9");
            writer.keys("ArrowUp");
            writer.hear("tens, exchanged above 1, small 9");
            writer.keys("ArrowDown ArrowRight 1 ArrowDown ArrowDown 6 7 4");
            writer.keys("Control+Enter");
            writer.assertAllRight();
            // Struck once more, a figure there is written anew too: a small 10 becomes 9, never 109.
            writer.take("503 - 27", "decomposition");
            writer.keys("ArrowUp ArrowUp ArrowUp ArrowLeft 1 0 - 9 ArrowUp");
            writer.hear("tens, exchanged above 2, small 9");
        }
    }

    @Test
    void theCheckIsWrittenAndWhereItFailsIsAskedFirst() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            writer.take("58 + 67", null, "Write the check too");
            writer.keys("5 2 1 Enter");
            writer.hear("check, ");
            writer.keys("6 7 Enter 5 8 Enter 5 3 1");
            writer.handIn();
            writer.see("The check does not agree. Where is it: in the sum, or in the check?");
            writer.teacher().press("In the check");
            writer.see("Yes. In the check.");
        }
    }

    @Test
    void aReloadASecondWindowAndALostConnectionLoseNothing() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            Page page = writer.page();
            writer.take("4738 + 1967", null);
            writer.keys("5 0");
            writer.teacher().see("✓ saved");
            page.reload();
            writer.sheet().waitFor();
            writer.sheet().focus();
            writer.keys("ArrowLeft");
            writer.hear("tens, answer line, 0");

            Page second = page.context().newPage();
            second.navigate(page.url());
            second.getByTestId("writing").waitFor();
            second.getByTestId("writing").focus();
            second.keyboard().press("ArrowLeft");
            second.keyboard().press("ArrowLeft");
            second.keyboard().press("7");
            second.getByText("✓ saved").waitFor();
            page.bringToFront();
            writer.keys("ArrowLeft");
            writer.hear("hundreds, answer line, 7");

            page.context().setOffline(true);
            writer.keys("ArrowLeft 6");
            writer.teacher().see("not saved yet");
            page.context().setOffline(false);
            writer.teacher().see("✓ saved");
            second.close();
            writer.handIn();
            writer.assertAllRight();
        }
    }

    @Test
    void aTabletIsWrittenOnByTouchAndAPhoneHasRoomForIt() {
        try (BrowserContext tablet =
                browser.newContext(new Browser.NewContextOptions().setViewportSize(820, 1180).setHasTouch(true))) {
            Page page = tablet.newPage();
            page.setDefaultTimeout(Patience.inBrowser());
            page.navigate(server.address());
            page.getByText("Enter as the demo teacher").tap();
            page.getByText("Work a problem").waitFor();
            page.navigate(server.address() + "/write?problem=58%2B67");
            page.getByLabel("By the method").waitFor();
            page.getByText("Take the paper").tap();
            page.locator("[data-square='tens, answer line']").tap();
            page.getByTestId("square").getByText("tens, answer line, empty").waitFor();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("2").setExact(true)).tap();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("1").setExact(true)).tap();
            page.locator("[data-square='ones, answer line']").tap();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("5").setExact(true)).tap();
            page.getByText("Hand in and mark").tap();
            page.getByText("All right").waitFor();
            page.setViewportSize(360, 740);
            page.getByTestId("writing").waitFor();
            assertThat((Integer) page.evaluate("() => document.documentElement.scrollWidth")).isLessThanOrEqualTo(360);
            assertThat(page.getByTestId("writing").boundingBox().width).isLessThanOrEqualTo(360);
        }
    }

    @Test
    void aSetIsWorkedThroughMarkedAtTheEndAndWhatWentWrongComesAgain() {
        try (PaperWriter writer = new PaperWriter(browser, server)) {
            TeacherAtScreen teacher = writer.teacher();
            Client client = Client.demo(server);
            long set = client.get("/api/sets?search=&archived=false").json().get(0).get("id").asLong();
            writer.page().navigate(server.address() + "/sets/" + set);
            teacher.open("Work it through");
            teacher.see("The check is written too for");
            teacher.press("Take the papers");
            writer.sheet().waitFor();
            teacher.see("Question 1 of");
            writer.keys("9");
            teacher.see("✓ saved");
            teacher.open("All questions");
            teacher.press("Hand all in and mark");
            writer.page().getByTestId("run-result").getByText("right").waitFor();
            teacher.press("Those again, with new numbers");
            writer.sheet().waitFor();
            teacher.see("Question 1 of");
        }
    }
}
