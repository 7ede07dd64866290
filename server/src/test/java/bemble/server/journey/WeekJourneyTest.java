package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.MovedClock;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A school week as a teacher has it, the days passing. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class WeekJourneyTest {
    private static final LocalDate MONDAY = LocalDate.of(2027, 1, 11);

    private static void openWeek(TeacherAtScreen teacher) {
        teacher.open("Class");
        teacher.page().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Avocets")).first().click();
        teacher.press("The week");
        teacher.see("Week of");
    }

    /** Opens what each group rests on, or closes it again. */
    private static void askWhy(Page page) {
        Locator whys = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Why: ")));
        whys.first().waitFor();
        for (int i = 0; i < whys.count(); i++) {
            whys.nth(i).click();
        }
    }

    /** The part of the week that a sheet has, by what is said of why it comes. */
    private static Locator group(Page page, String reason) {
        return page.getByText(reason).locator("xpath=..").first();
    }

    @Test
    void fromMondaysQuizToFridaysPlanAndWhatComesBackAWeekLater(Browser browser) {
        MovedClock clock = new MovedClock(MONDAY);
        try (RunningServer server = RunningServer.start(clock, "--bemble.demo=true");
                TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Avocets", "Ida M", "Tom B", "Sana K");

            openWeek(teacher);
            askWhy(page);
            teacher.see("is next in your order");
            askWhy(page);
            String planned = page.getByLabel("Mon 11 Jan", new Page.GetByLabelOptions().setExact(true)).innerText();
            Locator day = page.getByLabel(Pattern.compile("^on, ")).first();
            day.focus();
            day.press("ArrowDown");
            assertThat(page.getByText("Undo").count()).as("a day looked at in the list moves nobody yet").isZero();
            page.getByRole(AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName(Pattern.compile("^Move .* to Tue 12 Jan$"))).press("Enter");
            teacher.see("is on Tue 12 Jan now.");
            teacher.assertFocusGoesOn("Move");
            teacher.press("Undo");
            page.getByText("is on Tue 12 Jan now.")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
            assertThat(page.getByLabel("Mon 11 Jan", new Page.GetByLabelOptions().setExact(true)).innerText())
                    .isEqualTo(planned);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the sheet")).first().click();
            page.waitForURL("**/sets/*");
            page.waitForCondition(() -> page.getByLabel("Title").inputValue().startsWith("Avocets, Monday: "));
            String title = page.getByLabel("Title").inputValue();
            String rung = title.substring("Avocets, Monday: ".length());
            page.getByLabel("Pass mark").fill("10");
            page.waitForResponse(response -> response.request().method().equals("PUT"),
                    () -> page.getByLabel("Pass mark").press("Enter"));

            teacher.beginPile("Avocets", title, "Ida M");
            teacher.enter("=");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tom B")).waitFor();
            teacher.enter("1 1");
            teacher.enter("=");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sana K")).waitFor();
            teacher.enter("!");
            teacher.press("What it shows");
            teacher.see("10 right, 0 wrong; quiz passed, 10 are enough");
            teacher.see("9 right, 1 wrong; quiz not passed, 10 are enough");

            clock.moveTo(MONDAY.plusDays(4));
            page.reload();
            openWeek(teacher);
            teacher.press("Plan it anew");
            teacher.see("What was moved by hand this week goes.");
            teacher.press("Yes, plan it anew");
            Locator friday = page.getByText(Pattern.compile("^Fri 15 Jan$")).first();
            friday.waitFor();
            askWhy(page);
            assertThat(page.getByText("Mon 11 Jan").count()).as("what is over is not planned").isLessThanOrEqualTo(1);
            assertThat(names(brought(page, "9 of 10 in the quiz, 10 wanted")))
                    .as("of the quiz nobody hears who did not fail it")
                    .contains("Tom B").doesNotContain("Ida M", "Sana K");
            assertThat(names(brought(page, "away when the class worked on it"))).as("who was absent catches up")
                    .contains("Sana K").doesNotContain("Tom B");
            teacher.assertAccessible();

            clock.moveTo(MONDAY.plusDays(5));
            page.reload();
            openWeek(teacher);
            teacher.see("Week of Mon 18 Jan");

            clock.moveTo(MONDAY.plusDays(7));
            page.reload();
            openWeek(teacher);
            askWhy(page);
            assertThat(names(group(page, "“" + rung + "” was reached and comes back")))
                    .as("a passed quiz comes back after a week")
                    .contains("Ida M").doesNotContain("Tom B");
            teacher.open("Today");
            teacher.see("Avocets");
        }
    }

    /** Those whom one thing brings to a sheet. */
    private static Locator brought(Page page, String because) {
        return page.getByText(because).first();
    }

    private static String names(Locator group) {
        group.waitFor();
        return group.innerText();
    }
}
