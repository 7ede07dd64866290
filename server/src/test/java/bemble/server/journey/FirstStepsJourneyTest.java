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
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sunday evening: an account, nothing else, and what leads on from there. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class FirstStepsJourneyTest {
    private static Locator toBegin(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To begin with"));
    }

    private static int ways(Page page) {
        return toBegin(page).getByRole(AriaRole.LINK).count();
    }

    @Test
    void whatWasNeverTriedStandsOnTodayUntilItIsDone(Browser browser) {
        try (RunningServer server = RunningServer.start(); TeacherAtScreen teacher = new TeacherAtScreen(browser)) {
            Page page = teacher.page();
            page.navigate(server.address());
            page.getByLabel("Your name on screen").fill("Ms Reed");
            page.getByLabel("Sign-in name").fill("reed");
            page.getByLabel("Password").fill("a long one");
            page.getByText("Create and begin").click();
            toBegin(page).waitFor();
            assertThat(ways(page)).isEqualTo(5);
            page.waitForCondition(() -> toBegin(page).getByRole(AriaRole.IMG).count() == 5);
            teacher.assertAccessible();

            toBegin(page).getByText("How do you write it?").click();
            teacher.see("Where do your carries go?");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("on the rule")).click();
            teacher.see("How do you take away where the upper digit is too small?");
            teacher.assertAccessible();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("equal additions")).click();
            for (int i = 0; i < 4; i++) {
                teacher.press("Leave this one out");
            }
            teacher.see("This is how you write it.");
            page.getByTestId("preview").locator("svg").first().waitFor();
            Client client = new Client(server);
            client.get("/api/account");
            client.post("/api/account/sign-in", Map.of("login", "reed", "password", "a long one"));
            assertThat(client.get("/api/style").json().get("chosen").get("subtractionMethod").asString())
                    .isEqualTo("equal-additions");

            teacher.open("Today");
            page.waitForCondition(() -> ways(page) == 4);
            toBegin(page).getByText("Work a sum in front of the class").click();
            teacher.waitForSentence("Set out 358");
            page.getByTestId("paper").focus();
            teacher.key("End");
            teacher.see("in the log");
            teacher.open("Today");
            page.waitForCondition(() -> ways(page) == 3);
            teacher.press("I find my own way");
            toBegin(page).waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
            page.reload();
            teacher.see("No class has a lesson planned.");
            assertThat(toBegin(page).count()).isZero();
        }
    }
}
