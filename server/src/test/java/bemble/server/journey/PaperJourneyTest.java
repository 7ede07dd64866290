package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@Tag("slow")
@ExtendWith(DemoServer.class)
class PaperJourneyTest {
    @Test
    void aSumIsWorkedByKeyboardCheckedLabelledAndStillThereAfterARestart(Browser browser) {
        try (RunningServer server = RunningServer.start(); TeacherAtScreen teacher = new TeacherAtScreen(browser)) {
            Page page = teacher.page();
            page.navigate(server.address() + "/paper");
            teacher.see("Make your account first");
            page.keyboard().type("Ms Reed");
            teacher.key("Tab");
            page.keyboard().type("reed");
            teacher.key("Tab");
            page.keyboard().type("password one");
            teacher.key("Enter");
            page.locator("#problem").waitFor();
            teacher.assertAccessible();

            page.keyboard().type("4738 + 1967");
            teacher.key("Enter");
            teacher.waitForSentence("Set out 4738 and 1967: ones under ones, one digit in a square.");
            teacher.key("ArrowRight");
            teacher.waitForSentence("write 5 in the ones column. Carry 1 ten");
            assertThat(teacher.paper()).isEqualTo("carried 1; 4 7 3 8; + 1 9 6 7; 5");
            teacher.key(" ");
            teacher.key("ArrowLeft");
            teacher.waitForSentence("Ones: 8 ones");
            teacher.key("End");
            teacher.waitForSentence("Write 6 in the thousands column.");
            assertThat(teacher.paper()).contains("6 7 0 5");
            teacher.see("in the log");
            Download picture = page.waitForDownload(() -> teacher.more("this working", "Save the paper as an SVG"));
            assertThat(picture.suggestedFilename()).isEqualTo("bemble-working.svg");

            teacher.press("Writing");
            teacher.choose("Carries stand", "under-answer");
            teacher.choose("The carry is added", "last");
            assertThat(page.getByLabel("Carries stand").inputValue()).isEqualTo("under-answer");
            teacher.waitForSentence("4 thousands and 1 thousand, and 1 thousand carried");
            assertThat(teacher.paper()).endsWith("6 7 0 5; carried 1 carried 1 carried 1");
            teacher.choose("One step is", "figure");
            teacher.see("5 of 26");
            teacher.choose("One step is", "column");
            teacher.assertAccessible();

            teacher.press("To the check");
            teacher.waitForSentence("add in the other order");
            page.getByTestId("paper").focus();
            teacher.key("End");
            teacher.waitForSentence("It agrees, so the answer is probably right.");
            teacher.see("the check agrees");

            teacher.press("Log");
            page.getByLabel("Label (class, lesson)").fill("Terns, Monday");
            page.getByLabel("Note").fill("roof slates");
            page.getByLabel("Keep, whenever").check();
            teacher.press("Save");
            teacher.see("saved");
            teacher.assertAccessible();

            server.restart();
            // Who was signed in is signed in still.
            page.navigate(server.address() + "/log");
            teacher.see("Terns, Monday");
            assertThat(page.locator("tbody tr").count()).isEqualTo(1);
            teacher.assertAccessible();
            teacher.open("4738 + 1967");
            teacher.waitForSentence("and 1 thousand carried");
            assertThat(teacher.paper()).endsWith("6 7 0 5; carried 1 carried 1 carried 1");
        }
    }

    @Test
    void whatCannotBeReadIsSaidBesideTheLineAndStaysTyped(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("47a + 3");
            teacher.see("“a” is not a digit");
            assertThat(teacher.page().locator("#problem").inputValue()).isEqualTo("47a + 3");
            assertThat(teacher.page().locator("#problem").getAttribute("aria-invalid")).isEqualTo("true");
            teacher.assertAccessible();
            teacher.type("");
            teacher.see("Type a problem");
            teacher.type("12 + 9");
            teacher.waitForSentence("Set out 12 and 9");
        }
    }

    @Test
    void theLogIsSearchedTidiedUndoneExportedAndReadIn(Browser browser) throws Exception {
        // A log of its own, since every test that writes adds to the shared one, and this one empties it.
        try (RunningServer server = RunningServer.start("--bemble.demo=true");
                TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("Log");
            teacher.see("67.4 + 8.95");
            int all = page.locator("tbody tr").count();
            page.getByLabel("Search problems").fill("curlews, w");
            teacher.see("2 of 2");
            page.getByLabel("Search problems").fill("nothing like it");
            teacher.see("Nothing in the log has");
            page.getByLabel("Search problems").fill("");

            Download export = page.waitForDownload(() -> teacher.open("Export JSON"));
            Path file = export.path();
            teacher.press("Delete all not kept");
            teacher.see("entries were deleted");
            teacher.see("2 of 2");
            teacher.press("Undo");
            teacher.see(all + " of " + all);
            teacher.press("Delete 67.4 + 8.95");
            teacher.see("1 entry was deleted");
            page.reload();
            page.getByLabel("Show").selectOption(new SelectOption().setLabel("what was deleted"));
            teacher.press("Bring back 67.4 + 8.95");
            teacher.see("Nothing is deleted");
            page.getByLabel("Show").selectOption("");
            teacher.see(all + " of " + all);
            teacher.press("Delete 67.4 + 8.95");
            teacher.see("1 entry was deleted");
            page.getByLabel("A log to read in").setInputFiles(file);
            teacher.see("0 taken in, " + all + " were there already");
            teacher.see(all + " of " + all);

            Path broken = Files.writeString(Files.createTempFile("broken", ".json"),
                    Files.readString(file).replace("36 + 48", "36 + oil"));
            page.getByLabel("A log to read in").setInputFiles(broken);
            teacher.see("Nothing was taken in");
            teacher.see("is not a number");
            teacher.assertAccessible();
        }
    }
}
