package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Help on every screen, and the guide it leads to. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class GuideJourneyTest {
    private static final List<String> SCREENS =
            List.of("/today", "/paper?problem=47%20%2B%2038", "/marking", "/classes",
                    "/lessons/rung~addition-no-carry");

    @Test
    void everyScreenHasItsHelpAndTheGuideSaysMore(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            for (String screen : SCREENS) {
                page.navigate(server.address() + screen);
                page.locator("h1, [data-testid=sentence], #problem").first().waitFor();
                page.evaluate("document.activeElement.blur()");
                teacher.key("?");
                page.getByRole(AriaRole.DIALOG).waitFor();
                assertThat(page.getByRole(AriaRole.DIALOG).innerText()).as(screen).contains("this help");
                if (screen.equals(SCREENS.get(0))) {
                    teacher.assertAccessible();
                }
                page.getByText("More of it in the guide").click();
                page.locator("article h1").waitFor();
                page.waitForCondition(() -> page.title().startsWith(page.locator("article h1").innerText()));
            }
            teacher.assertAccessible();
        }
    }

    @Test
    void theGuideIsSearchedAndItsPicturesAreThere(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.press(AriaRole.LINK, "Guide");
            page.getByLabel("Search the guide").fill("parents");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pages for others")).click();
            teacher.see("two minutes at home");
            page.getByLabel("Search the guide").fill("xylophone");
            teacher.see("Search for another word.");
            page.navigate(server.address() + "/guide");
            for (JsonNode each : Client.demo(server).get("/api/guide").json()) {
                String title = each.get("title").asString();
                page.locator("article h1", new Page.LocatorOptions().setHasText(title)).waitFor();
                assertThat(page.evaluate(
                        "Promise.all([...document.querySelectorAll('article img')].map(image => image.decode()"
                                + ".then(() => '', () => image.src))).then(all => all.join(''))")).as(title)
                                        .isEqualTo("");
                if (page.locator("article p a").count() > 0) {
                    page.locator("article p a").last().click();
                }
            }
            teacher.assertAccessible();
        }
    }

    @Test
    void theGuideHasEveryLineThatMarkingReads(RunningServer server) {
        Client teacher = Client.demo(server);
        String marking = "";
        for (JsonNode page : teacher.get("/api/guide").json()) {
            marking += page.get("id").asString().equals("mark") ? page.get("words").asString() : "";
        }
        for (JsonNode form : teacher.get("/api/markings/forms").json()) {
            assertThat(marking).contains(form.get("example").asString());
        }
    }
}
