package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The pile goes through the scanner: printed with names, filled, read, looked at by keys, put right, found in the pile. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ScanJourneyTest {
    private static final String SET = "Exchange across a zero";

    private static Locator asked(Page page) {
        return page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Answer to look at"));
    }

    @Test
    void aPileIsPrintedFilledScannedConfirmedAndPutRight(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Scaups", "Ida M", "Tom B");
            teacher.open("Sets");
            teacher.open(SET);
            teacher.press("Print");
            page.getByTestId("preview").locator("svg").first().waitFor();
            assertThat(page.getByLabel("To be read by a scanner when filled").isChecked()).isTrue();
            teacher.press("Make the files");
            teacher.see("the files are made");
            page.getByLabel("Class, for sheets with names").selectOption("Scaups");
            teacher.see("Print 2 sheets");
            teacher.assertAccessible();

            teacher.beginPile("Scaups", SET, "Ida M");
            teacher.open("Scanned pages");
            teacher.see("Print the set with names");
            teacher.assertAccessible();
            teacher.press("Put the pile through the practice scanner");
            page.getByText("Read without asking").waitFor();
            page.getByLabel("Reading").waitFor(new Locator.WaitForOptions()
                    .setState(WaitForSelectorState.DETACHED));
            teacher.assertAccessible();
            // What is not sure is asked one after the other, and Enter is yes.
            for (int left = waiting(page); left > 0; left--) {
                int before = left;
                asked(page).getByLabel("It says").press("Enter");
                page.waitForCondition(() -> waiting(page) < before);
            }
            teacher.see("nothing waits to be looked at");

            // One that was read is put right, and the pile has it.
            Locator first = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Read without asking"))
                    .getByRole(AriaRole.BUTTON).first();
            String which = first.locator("div").last().innerText();
            first.click();
            asked(page).getByLabel("It says").fill("47");
            asked(page).getByLabel("It says").press("Enter");
            asked(page).waitFor(new Locator.WaitForOptions()
                    .setState(WaitForSelectorState.DETACHED));
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(SET + ", Scaups")).click();
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(which.split(" ·")[0])).waitFor();
            page.locator("tbody tr").getByText("47").first().waitFor();
        }
    }

    private static int waiting(Page page) {
        // Read in one look: the form may be gone between a count and a reading.
        List<String> told = asked(page).getByText("to look at").allInnerTexts();
        return told.isEmpty() ? 0 : Integer.parseInt(told.get(0).split(" ")[0]);
    }
}
