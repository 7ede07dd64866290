package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A child's way and a worked problem in a browser of another kind, steered by WebDriver BiDi; left out where there is no Firefox. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class FirefoxJourneyTest {
    private static final Path FIREFOX = Path.of("/usr/bin/firefox-esr");

    @Test
    void aChildWritesAndHandsInAndATeacherWorksAProblem(RunningServer server) {
        assumeTrue(Files.isExecutable(FIREFOX), "Firefox is not installed");
        Client teacher = Client.demo(server);
        JsonNode made =
                teacher.post("/api/classes", Map.of("name", "Foxes", "pupils", List.of("Wren A", "Yara B"))).json();
        long set =
                teacher.post("/api/sets/import?name=Foxes", "46 + 27\n58 + 34\n", "text/csv").json().get("id").asLong();
        JsonNode opened = teacher
                .post("/api/screens", Map.of("classId", made.get("id").asLong(), "setId", set, "led", false)).json();
        try (Playwright playwright = Playwright.create(new Playwright.CreateOptions()
                .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
                Browser firefox = playwright.firefox().launch(new BrowserType.LaunchOptions().setChannel("moz-firefox")
                        .setExecutablePath(FIREFOX))) {
            Page page = firefox.newPage();
            page.setDefaultTimeout(Patience.inBrowser());
            page.navigate(server.address() + "/in");
            page.getByLabel("The code on the board").click();
            page.keyboard().type(opened.get("code").asString());
            page.keyboard().press("Enter");
            button(page, "Wren A").click();
            page.getByText("46 + 27").click();
            page.getByTestId("writing").waitFor();
            page.keyboard().type("3");
            button(page, "7").click();
            page.getByText("✓ saved").waitFor();
            page.getByText("All questions").click();
            page.getByText("✓ begun").waitFor();
            button(page, "Hand in").click();
            button(page, "Yes, hand in").click();
            page.getByText("Handed in. Thank you.").waitFor();

            page.navigate(server.address());
            page.getByText("Enter as the demo teacher").click();
            page.getByText("Worked last").waitFor();
            page.navigate(server.address() + "/paper?problem=4206-1358");
            page.getByTestId("paper").focus();
            page.keyboard().press("ArrowRight");
            page.getByTestId("sentence").getByText("ones", new Locator.GetByTextOptions().setExact(false)).first()
                    .waitFor();
        }
        JsonNode paper = teacher.get("/api/markings/" + opened.get("markingId").asLong()).json().get("papers").get(0);
        assertThat(paper.toString()).as("what was written in Firefox is in the pile").contains("73");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
