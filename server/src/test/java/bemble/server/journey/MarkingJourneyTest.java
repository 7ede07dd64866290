package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Thirty books and a cup of tea: a class marked by keyboard, and what its papers show. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class MarkingJourneyTest {
    private static Locator row(Page page, int question) {
        return page.locator("tbody tr").nth(question - 1);
    }

    /** The answer that a slip leads to in a question of the page. */
    private static String slipped(RunningServer server, Page page, int question, String slip) {
        String problem = row(page, question).locator("td").nth(1).innerText().split("=")[0].strip();
        JsonNode worked = new Client(server).work(Map.of("problem", problem, "slip", slip)).json();
        return worked.get("answer").get("text").asString();
    }

    private static void begin(TeacherAtScreen teacher, String className, String... names) {
        teacher.makeClass(className, names);
        teacher.beginPile(className, "Exchange across a zero", names[0]);
    }

    @Test
    void aClassIsMarkedByKeyboardUndoneReloadedAndItsFindingOverruled(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            begin(teacher, "Razorbills", "Ida M", "Tom B", "Sana K");
            teacher.assertAccessible();
            for (int question = 1; question <= 3; question++) {
                teacher.enter(question + " " + slipped(server, page, question, "smaller-from-larger"));
            }
            row(page, 3).getByText("column turned round").first().waitFor();
            row(page, 3).getByText("all but sure").waitFor();
            teacher.enter("4 ?");
            row(page, 4).getByText("unclear").waitFor();
            teacher.enter("5 -");
            row(page, 5).getByText("left blank").waitFor();
            page.getByLabel("Question and what stands there").press("Control+z");
            page.waitForCondition(() -> !row(page, 5).innerText().contains("left blank"));
            teacher.enter("6 7");
            page.getByLabel("Question and what stands there").fill("99 7");
            page.getByLabel("Question and what stands there").press("Enter");
            teacher.see("no question 99");
            assertThat(page.getByLabel("Question and what stands there").inputValue()).isEqualTo("99 7");
            teacher.enter("=");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tom B")).waitFor();
            teacher.enter("!");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sana K")).waitFor();
            String key = "/api/markings/" + page.url().replaceAll(".*/(\\d+).*", "$1") + "/key";
            JsonNode likely =
                    Client.demo(server).get(key).json().get("sheets").get(0).get("lines").get(0).get("wrong").get(0);
            teacher.enter("1 " + likely.get("codes").get(0).asString());
            row(page, 1).getByText(likely.get("answer").asString(), new Locator.GetByTextOptions().setExact(true))
                    .first().waitFor();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Key to print")).click();
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Page 1"))
                    .getByText("wrong, with its letters").waitFor();
            teacher.assertAccessible();
            Download file = page.waitForDownload(() -> teacher.press(AriaRole.LINK, "Keep as PDF"));
            assertThat(file.suggestedFilename()).isEqualTo("bemble-key.pdf");
            page.goBack();
            page.reload();
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sana K")).waitFor();
            teacher.enter("Ida");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ida M")).waitFor();
            row(page, 4).getByText("unclear").waitFor();
            assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Papers")).innerText())
                    .contains("absent");

            teacher.press("See question 1 step by step");
            Locator dialog = page.getByRole(AriaRole.DIALOG);
            dialog.getByText("Presumed: column turned round").waitFor();
            dialog.getByTestId("ring").waitFor();
            teacher.press("Close");
            teacher.press("Confirm all 3: column turned round");
            page.waitForCondition(() -> page.locator("[aria-label^='Confirm column turned round']").count() == 0);
            page.getByLabel("Cause seen in the book, question 2").selectOption("copied-wrongly");
            page.waitForCondition(() -> row(page, 2).locator("span").first().isVisible()
                    && row(page, 2).innerText().contains("copied wrongly"));
            teacher.press("What it shows");
            teacher.see("Pupils who share a cause");
            teacher.see("copied wrongly");
            teacher.assertAccessible();
            teacher.press("Make a set for this group", 0);
            page.waitForURL("**/sets/*");
            page.waitForCondition(() -> page.getByLabel("Title").inputValue().startsWith("For column turned round"));
        }
    }

    @Test
    void aWorkingOnPaperIsCopiedSquareBySquareAndMarkedInThePile(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            begin(teacher, "Dippers", "Ida M", "Tom B");
            teacher.press("Copy working of question 2");
            teacher.see("Ida M, Exchange across a zero, question 2");
            page.waitForFunction("() => document.activeElement?.dataset.testid === 'writing'");
            for (String figure : "3 8 7".split(" ")) {
                teacher.key(figure);
            }
            teacher.assertAccessible();
            teacher.press("Mark it, into the pile");
            teacher.see("✓ in the pile");
            teacher.see("Not right yet");
            teacher.open("To the pile");
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Ida M")).waitFor();
            row(page, 2).getByLabel("783, wrong").waitFor();
            teacher.assertAccessible();
        }
    }

    @Test
    void answersFromAFileAreTakenAllOrNoneAndTwoWindowsSeeTheSame(Browser browser, RunningServer server)
            throws IOException {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            begin(teacher, "Shearwaters", "Ida M", "Tom B");
            Path file = Files.writeString(Files.createTempFile("answers", ".csv"), "Ida M,79,x7\nNobody,1\n");
            page.getByLabel("File with answers").setInputFiles(file);
            teacher.see("Nothing was taken in.");
            teacher.see("there is no “Nobody” in Shearwaters");
            teacher.see("“x7” is not a number");
            Files.writeString(file, "Ida M,79,12\n");
            page.getByLabel("File with answers").setInputFiles(file);
            teacher.see("2 answers taken in");
            row(page, 2).getByText("12").first().waitFor();
            Page other = page.context().newPage();
            other.navigate(page.url());
            other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("All at once")).click();
            other.getByLabel("Tom B, question 2").fill("578");
            other.getByLabel("Tom B, question 2").press("Enter");
            other.waitForCondition(() -> other.getByLabel("Tom B, question 2").inputValue().equals("578"));
            other.waitForLoadState(LoadState.NETWORKIDLE);
            page.reload();
            page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Papers")).getByText("Tom B")
                    .click();
            row(page, 2).getByText("578").nth(1).waitFor();
            teacher.open("Key to print");
            teacher.see("column turned round");
            teacher.assertAccessible();
            teacher.open("Back to the pile");
            teacher.open("Strips");
            teacher.see("And then this one:");
            teacher.see("Look again at 2.");
        }
    }

    @Test
    void anInterviewEndsWhenOneIsSureAndASetIsRehearsed(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("Marking");
            teacher.open("Ask one more: a few questions at a child’s table");
            teacher.choose("Operation", "subtraction");
            teacher.press("Begin");
            Locator question = page.getByTestId("question");
            question.waitFor();
            for (int i = 0; i < 6 && question.count() > 0; i++) {
                String problem = question.innerText().strip();
                Client.Reply worked =
                        new Client(server).work(Map.of("problem", problem, "slip", "smaller-from-larger"));
                String given =
                        (worked.status() == 200 ? worked : new Client(server).work(Map.of("problem", problem))).json()
                                .get("answer").get("text").asString();
                page.getByLabel("The child’s answer").fill(given);
                page.getByLabel("The child’s answer").press("Enter");
                page.waitForCondition(() -> question.count() == 0 || !question.allInnerTexts().contains(problem));
            }
            assertThat(question.count()).isZero();
            teacher.see("column turned round");
            assertThat(page.locator("ol li").count()).isLessThanOrEqualTo(4);
            teacher.assertAccessible();
            teacher.open("Sets");
            teacher.open("Carries in a chain");
            teacher.press("Rehearse");
            teacher.press("Rehearse this set");
            teacher.see("Their papers");
            teacher.see("carry not added");
            teacher.assertAccessible();
        }
    }
}
