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
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The server goes in the middle of things: what was fetched stays, what was typed is kept, and goes on when it is back. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ServerGoneJourneyTest {
    private static final String LINE = "Question and what stands there";
    private static final String API = "**/api/**";

    private static void goes(Page page) {
        page.route(API, Route::abort);
    }

    private static void isBack(Page page) {
        page.unroute(API);
    }

    /** As when the network comes back: whatever is old is asked for. */
    private static void askAnew(Page page) {
        page.evaluate("() => ['offline', 'online'].forEach(each => window.dispatchEvent(new Event(each)))");
    }

    /** What stands on the page itself. */
    private static String shown(Page page) {
        return page.locator("main").innerText().strip();
    }

    @Test
    void whatWasFetchedStaysOnEveryScreen(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            Client api = Client.demo(server);
            long classId = api.schoolClass("Terns").get("id").asLong();
            long pupil = api.schoolClass("Terns").get("pupils").get(0).get("id").asLong();
            long pile = api.get("/api/markings").json().get(0).get("id").asLong();
            page.clock().install();
            List<String> screens = List.of("/today", "/sets", "/sets/" + api.demoSet(), "/marking", "/marking/" + pile,
                    "/marking/" + pile + "?view=class",
                    "/classes", "/classes/" + classId, "/pupils/" + pupil,
                    "/pupils/" + pupil + "/report", "/style", "/log");
            for (String screen : screens) {
                page.navigate(server.address() + screen);
                page.locator("main h1, main h2, main table, main svg").first().waitFor();
                page.waitForLoadState(LoadState.NETWORKIDLE);
                String before = shown(page);
                assertThat(before).as(screen).isNotBlank();
                goes(page);
                // Everything is asked for anew, in vain.
                page.clock().fastForward("02:00");
                askAnew(page);
                Locator told = page.getByTestId("from-before");
                told.waitFor();
                assertThat(told.innerText()).contains("from before");
                assertThat(firstLine(shown(page))).as(screen).isEqualTo(firstLine(before));
                assertThat(shown(page)).as(screen).doesNotContain("Try again");
                isBack(page);
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ask again")).click();
                page.waitForCondition(() -> told.count() == 0);
            }
        }
    }

    /** A screen that has nothing to show offers to ask again, for what the server did not answer and not for what it refused. */
    @Test
    void whatCouldNotBeFetchedIsAskedForAgainByAButton(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.route("**/api/classes/*/record", Route::abort);
            teacher.open("Class");
            teacher.open("Terns");
            teacher.see("Bemble does not answer");
            page.unroute("**/api/classes/*/record");
            teacher.press("Try again");
            teacher.see("Who can do what");
            page.navigate(server.address() + "/pupils/999999");
            teacher.see("This pupil is in none of your classes");
            assertThat(shown(page)).doesNotContain("Try again");
        }
    }

    private static String firstLine(String text) {
        return text.lines().findFirst().orElse("");
    }

    @Test
    void aFaultWhileMarkingLeavesThePileAndWhatIsTypedGoesOn(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Gone", "Ida M", "Tom B");
            teacher.beginPile("Gone", "Exchange across a zero", "Ida M");
            Locator line = page.getByLabel(LINE);
            line.focus();
            page.clock().install();
            goes(page);
            page.clock().fastForward("02:00");
            String where = page.url();
            for (String typed : List.of("1 281", "2 282", "=", "3 283")) {
                page.keyboard().type(typed);
                page.keyboard().press("Enter");
            }
            askAnew(page);
            page.getByText("Not yet kept, on this device only").waitFor();
            page.getByTestId("from-before").waitFor();
            assertThat(page.url().replaceAll("[?].*", "")).isEqualTo(where.replaceAll("[?].*", ""));
            assertThat((Boolean) line.evaluate("field => field === document.activeElement")).isTrue();
            isBack(page);
            String pile = "/api/markings/" + page.url().replaceAll(".*/(\\d+).*", "$1");
            Client api = Client.demo(server);
            Patience.until(() -> given(api, pile, 0, 1).equals("281") && given(api, pile, 0, 2).equals("282")
                    && given(api, pile, 1, 3).equals("283"));
        }
    }

    private static String given(Client api, String pile, int pupil, int question) {
        for (JsonNode answer : api.get(pile).json().get("papers").get(pupil).get("answers")) {
            if (answer.get("question").asInt() == question) {
                return answer.get("given").asString();
            }
        }
        return "";
    }

    /** A child writes on while the server is away, goes to the list, perhaps comes in anew, and hands in: nothing is left behind. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void aChildsFiguresGoInWithTheHandIn(boolean comesInAnew, Browser browser, RunningServer server) {
        Client teacher = Client.demo(server);
        JsonNode schoolClass =
                teacher.post("/api/classes", Map.of("name", "Away " + comesInAnew, "pupils", List.of("Ada"))).json();
        long set = teacher.post("/api/sets/import?name=Away", "1040 + 1041\n52 - 38\n", "text/csv").json().get("id")
                .asLong();
        JsonNode session = teacher.post("/api/screens", Map.of("classId", schoolClass.get("id").asLong(), "setId", set,
                "led", false, "asksDigits", false)).json();
        try (BrowserContext device = browser.newContext()) {
            Page child = device.newPage();
            child.setDefaultTimeout(Patience.inBrowser());
            comeIn(child, server, session);
            child.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("1040 + 1041")).click();
            child.getByTestId("writing").waitFor();
            child.keyboard().type("18");
            child.getByText("✓ saved").waitFor();
            // The other questions are fetched one after the other, behind what is written.
            child.waitForLoadState(LoadState.NETWORKIDLE);
            goes(child);
            child.keyboard().type("02");
            child.getByText("kept on this device").waitFor();
            child.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Next question")).click();
            child.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("52 − 38")).waitFor();
            child.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("All questions").setExact(true)).click();
            child.getByText("still on its way").waitFor();
            child.getByText("Hand in", new Page.GetByTextOptions().setExact(true)).click();
            child.getByText("Yes, hand in").click();
            child.getByText("not handed in yet").waitFor();
            assertThat(child.content()).doesNotContain("See that it is running");
            isBack(child);
            if (comesInAnew) {
                // As after a restart that has forgotten who is in.
                device.clearCookies(new BrowserContext.ClearCookiesOptions().setName("bemble-session"));
                comeIn(child, server, session);
                child.getByText("Hand in", new Page.GetByTextOptions().setExact(true)).click();
            }
            child.getByText("Yes, hand in").click();
            child.getByText("Handed in. Thank you.").waitFor();
        }
        String pile = "/api/markings/" + session.get("markingId").asLong();
        Patience.until(() -> given(teacher, pile, 0, 1).equals("2081"));
    }

    private static void comeIn(Page child, RunningServer server, JsonNode session) {
        child.navigate(server.address() + "/in");
        child.getByLabel("The code on the board").fill(session.get("code").asString());
        child.keyboard().press("Enter");
        child.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ada")).click();
        child.getByText("Hand in", new Page.GetByTextOptions().setExact(true)).waitFor();
    }
}
