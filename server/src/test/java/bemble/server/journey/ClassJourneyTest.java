package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A class and its record: a week from its plan to what comes next, pupils at screens, names in and out. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ClassJourneyTest {
    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private static void openClass(TeacherAtScreen teacher, String name, String part) {
        teacher.open("Class");
        link(teacher.page(), name).first().click();
        button(teacher.page(), part).click();
    }

    @Test
    void aFigureIsOpenedDownToItsAnswersAndOverruledWithAReason(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            openClass(teacher, "Terns", "Who can do what");
            teacher.see("a slip still shows");
            teacher.assertAccessible();
            Locator cell = page.getByRole(AriaRole.LINK,
                    new Page.GetByRoleOptions().setName(Pattern.compile("^Bram L, one carry: ")));
            cell.click();
            page.waitForURL(Pattern.compile(".*/pupils/\\d+#addition-one-carry"));
            teacher.see("First answer");
            page.getByLabel("I say otherwise").first().selectOption("secure");
            page.getByLabel("because").first().fill("He explained it at the board.");
            button(page, "Keep").first().click();
            teacher.see("secure, as you said: He explained it at the board.");
            page.reload();
            teacher.see("secure, as you said: He explained it at the board.");
            teacher.assertAccessible();
            page.getByText("Take it back").click();
            page.waitForCondition(() -> page.getByText("as you said").count() == 0);
        }
    }

    @Test
    void aNameIsCorrectedAndASecondWindowTakesNobodyAway(Browser browser, RunningServer server) {
        Client client = Client.demo(server);
        JsonNode petrels =
                client.post("/api/classes", Map.of("name", "Petrels", "pupils", List.of("Ada", "Ben"))).json();
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            openClass(teacher, "Petrels", "Names");
            Page second = page.context().newPage();
            second.navigate(page.url());
            Locator ada = second.getByLabel("Name of pupil 1").first();
            ada.fill("Ada M");

            page.getByLabel("More pupils, a short name a line").fill("Cleo");
            button(page, "Keep").click();
            teacher.see("✓ Kept.");
            button(second, "Keep").click();
            second.getByText("Added there: Cleo").waitFor();
            assertThat(ada.inputValue()).as("what was typed stays").isEqualTo("Ada M");
            button(second, "Keep what is here, and who was added").click();
            second.getByText("✓ Kept.").waitFor();
            assertThat(names(client, petrels)).containsExactly("Ada M", "Ben", "Cleo");

            button(second, "Take out Ben").click();
            button(second, "Keep").click();
            button(second, "Bring back Ben").waitFor();
            second.getByLabel("More pupils, a short name a line").fill("Ben");
            button(second, "Keep").click();
            second.getByText("Nothing is kept yet").waitFor();
            second.getByLabel("“Ben” is").selectOption(new SelectOption().setLabel("Ben who was here before"));
            button(second, "Keep it so").click();
            second.waitForCondition(() -> button(second, "Bring back Ben").count() == 0);
            assertThat(names(client, petrels)).containsExactlyInAnyOrder("Ada M", "Ben", "Cleo");
            assertThat(ids(client, petrels)).as("nobody was made anew").containsAll(ids(petrels)).hasSize(3);
        }
    }

    private static List<String> names(Client client, JsonNode of) {
        return client.get("/api/classes/" + of.get("id")).json().get("pupils").findValuesAsString("name");
    }

    private static List<String> ids(JsonNode of) {
        return of.get("pupils").findValuesAsString("id");
    }

    private static List<String> ids(Client client, JsonNode of) {
        return ids(client.get("/api/classes/" + of.get("id")).json());
    }

    @Test
    void theWeekBecomesASheetThatPupilsWriteAtScreensWhileTheTeacherWatches(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server);
                BrowserContext phone = browser
                        .newContext(new Browser.NewContextOptions().setViewportSize(360, 740).setHasTouch(true))) {
            Page page = teacher.page();
            openClass(teacher, "Curlews", "The week");
            button(page, "→").or(page.getByLabel("The week after")).first().click();
            page.getByText("Open at screens").first().waitFor();
            teacher.assertAccessible();
            page.getByText("Open at screens").first().click();
            Locator code = page.getByTestId("code");
            code.waitFor();
            teacher.assertAccessible();

            Page child = phone.newPage();
            child.setDefaultTimeout(Patience.inBrowser());
            child.navigate(server.address() + "/in");
            Locator typed = child.getByLabel("The code on the board");
            typed.fill("QQQQQ");
            typed.press("Enter");
            child.getByText("No set is open under this code").waitFor();
            assertThat(typed.inputValue()).as("what was typed stays").isEqualTo("QQQQQ");
            typed.fill(code.innerText().toLowerCase(Locale.ROOT));
            typed.press("Enter");
            child.getByText("Who are you?").waitFor();
            Locator first = child.locator("button.outlined").first();
            String name = first.innerText();
            first.tap();
            child.getByText("to do").first().waitFor();
            page.locator("li", new Page.LocatorOptions().setHasText(name)).getByText("has come in").waitFor();

            child.locator("a", new Page.LocatorOptions().setHasText("to do")).first().tap();
            child.getByTestId("writing").waitFor();
            assertThat((Integer) child.evaluate("document.documentElement.scrollWidth")).as("a phone is wide enough")
                    .isLessThanOrEqualTo(360);
            child.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("4").setExact(true)).tap();
            child.getByText("✓ saved").waitFor();
            page.locator("li", new Page.LocatorOptions().setHasText(name)).getByText("at question 1").waitFor();
            child.reload();
            child.getByText("✓ saved").waitFor();
            child.getByText("All questions").tap();
            child.getByText("✓ begun").waitFor();
            assertThat(child.getByText("Sign out").count() + child.getByText("Marking").count())
                    .as("nothing of the teacher's").isZero();

            child.getByText("Hand in", new Page.GetByTextOptions().setExact(true)).tap();
            child.getByText("Yes, hand in").tap();
            child.getByText("Handed in. Thank you.").waitFor();
            page.locator("li", new Page.LocatorOptions().setHasText(name)).getByText("handed in").waitFor();
            link(page, "The pile it goes into").click();
            page.getByText(name).first().click();
            page.getByText("left blank").first().waitFor();
            page.goBack();
            button(page, "End the code").click();
            teacher.see("The code has ended");
            child.navigate(server.address() + "/in");
            child.getByText("Handed in. Thank you.").waitFor();
        }
    }

    @Test
    void aPupilIsMovedWithinTheWeekAndTheTermHasTheTeachersOrder(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            openClass(teacher, "Terns", "The week");
            page.getByLabel("The week after").click();
            Locator days = page.locator("main section");
            days.nth(4).waitFor();
            String name = days.nth(0).locator("button[aria-pressed]").first().innerText();
            days.nth(0).locator("button[aria-pressed]").first().click();
            button(page, "Out of this day").first().click();
            teacher.see("Changed by hand");
            page.waitForCondition(() -> !days.nth(0).innerText().contains(name));
            button(page, "Plan it anew").click();
            button(page, "Yes, plan it anew").click();
            page.waitForCondition(() -> days.nth(0).innerText().contains(name));
            button(page, "Topics and time").click();
            page.getByLabel("Minutes a day").fill("0");
            button(page, "Keep").click();
            teacher.see("1 to 120 minutes");
            page.getByLabel("Minutes a day").fill("25");
            button(page, "Keep").click();
            page.waitForCondition(() -> page.getByLabel("Minutes a day").count() == 0);
        }
    }

    @Test
    void aListWithALineThatIsNoNameIsRefusedAndAPupilIsDeletedAfterBeingTold(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Oystercatchers", "Ida M", "Tom B");
            openClass(teacher, "Oystercatchers", "Who can do what");
            teacher.see("No answer of this class stands on a step yet");
            button(page, "Names").click();
            page.getByLabel("Class list as CSV").setInputFiles(new FilePayload("list.csv", "text/csv",
                    "name\nSana K\n4711\n".getBytes(StandardCharsets.UTF_8)));
            teacher.see("“4711”, is not a name");
            page.getByLabel("Class list as CSV").setInputFiles(new FilePayload("list.csv", "text/csv",
                    "name\nSana K\n".getBytes(StandardCharsets.UTF_8)));
            teacher.see("The class has 3 pupils now");
            teacher.assertAccessible();
            page.getByLabel("Pupil", new Page.GetByLabelOptions().setExact(true)).selectOption("Tom B");
            teacher.see("This cannot be undone");
            button(page, "Delete Tom B for good").click();
            teacher.see("Deleted, with everything about them");
            page.waitForCondition(() -> page.getByLabel("Name of pupil").count() == 2);
        }
    }

    @Test
    void codesForHowItWasDoneAreMadeInHouseStyleAndReportsAreLookedAt(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("House style");
            teacher.press("Marking codes");
            teacher.press("One more code");
            Locator codes = page.getByLabel("Code", new Page.GetByLabelOptions().setExact(true));
            codes.last().fill("t");
            page.getByLabel("What it means").last().fill("with a table square");
            teacher.press("Keep the codes");
            teacher.see("stands there twice");
            codes.last().fill("sq");
            teacher.press("Keep the codes");
            page.waitForCondition(() -> button(page, "Keep the codes").isDisabled());
            teacher.assertAccessible();
            openClass(teacher, "Curlews", "Who can do what");
            link(page, "Page for a stand-in").click();
            page.getByTestId("preview").locator("svg").first().waitFor();
            teacher.assertAccessible();
            page.goBack();
            link(page, "Alba N").first().click();
            link(page, "Work to judge together").click();
            page.getByText("Judge", new Page.GetByTextOptions().setExact(true)).first().click();
            page.getByLabel("Who judges").fill("Mr Plover");
            page.getByLabel("What you see").fill("Knows why.");
            button(page, "Keep").click();
            teacher.see("Mr Plover");
            teacher.assertAccessible();
        }
    }
}
