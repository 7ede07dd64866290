package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** After each press the focus stands where one goes on, and every page has its title. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class FocusJourneyTest {
    private static void presses(Page page, AriaRole role, String name) {
        page.getByRole(role, new Page.GetByRoleOptions().setName(name)).first().press("Enter");
        page.waitForTimeout(700);
        assertThat(page.evaluate("document.activeElement !== document.body && document.activeElement.isConnected"))
                .as("focus after " + name).isEqualTo(true);
    }

    private static void titled(Page page, String title) {
        page.waitForCondition(() -> page.title().equals(title + " · Bemble"));
    }

    @Test
    void everyPressLeavesTheFocusOnThePage(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            presses(page, AriaRole.LINK, "Class");
            titled(page, "Classes");
            presses(page, AriaRole.BUTTON, "New class");
            page.getByLabel("Name of the class").fill("Focus");
            page.getByLabel("Pupils, a short name a line").fill("Ida M\nTom B");
            presses(page, AriaRole.BUTTON, "Make the class");
            presses(page, AriaRole.LINK, "Sets");
            titled(page, "Practice sets");
            presses(page, AriaRole.LINK, "Exchange across a zero");
            presses(page, AriaRole.LINK, "Marking");
            titled(page, "Marking");
            teacher.beginPile("Focus", "Exchange across a zero", "Ida M");
            teacher.enter("1 1");
            presses(page, AriaRole.BUTTON, "Undo");
            presses(page, AriaRole.BUTTON, "Absent");
            presses(page, AriaRole.BUTTON, "The rest is right");
            presses(page, AriaRole.LINK, "Marking");
            presses(page, AriaRole.BUTTON, "Delete Exchange across a zero, Focus");
            presses(page, AriaRole.BUTTON, "Bring back Exchange across a zero, Focus");
            presses(page, AriaRole.LINK, "Today");
            titled(page, "Today");
            page.keyboard().press("5");
            assertThat(page.getByLabel("Work a problem").inputValue()).isEqualTo("5");
            // The first Tab on a page leads past the spine.
            page.reload();
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Today").setExact(true)).waitFor();
            page.evaluate("document.activeElement.blur()");
            page.keyboard().press("Tab");
            assertThat(page.evaluate("document.activeElement.textContent")).isEqualTo("Past the screens, to this page");
            page.keyboard().press("Enter");
            assertThat(page.evaluate("document.activeElement.closest('main') !== null")).isEqualTo(true);
        }
    }
}
