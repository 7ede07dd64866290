package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A teacher's evening: a set designed, changed, printed, taken in from a table, and on Monday put on the board. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class SetJourneyTest {
    @Test
    void aSetIsDesignedByRungChangedPrintedAndPutOnTheBoard(Browser browser, RunningServer server) throws IOException {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("Sets");
            teacher.press("New set");
            teacher.see("No questions yet.");
            teacher.assertAccessible();
            teacher.choose("Operation", "subtraction");
            teacher.choose("Step", "subtraction-across-two-zeros");
            teacher.see("one place at a time");
            page.getByLabel("How many").fill("6");
            teacher.press("Draw questions");
            teacher.see("1 exchange, across 2 zeros");
            assertThat(questions(page)).hasSize(6).allMatch(question -> question.matches("\\d00\\d − \\d+"));

            String second = questions(page).get(1);
            teacher.press("Other numbers for question 2");
            page.waitForCondition(() -> !questions(page).get(1).equals(second));
            page.getByLabel("Question 3", new Page.GetByLabelOptions().setExact(true)).fill("58 + ");
            page.getByLabel("Question 3", new Page.GetByLabelOptions().setExact(true)).press("Enter");
            teacher.see("A number is missing");
            page.getByLabel("Question 3", new Page.GetByLabelOptions().setExact(true)).fill("58 + 67");
            page.getByLabel("Question 3", new Page.GetByLabelOptions().setExact(true)).press("Enter");
            teacher.see("2 carries, in a chain, a new place");
            page.getByLabel("Question 3", new Page.GetByLabelOptions().setExact(true)).press("Alt+ArrowUp");
            page.waitForCondition(() -> questions(page).get(1).equals("58 + 67"));
            teacher.more("question 2", "Move question 2 up");
            page.waitForCondition(() -> questions(page).get(0).equals("58 + 67"));
            teacher.more("question 1", "Move question 1 down");
            page.waitForCondition(() -> questions(page).get(1).equals("58 + 67"));
            teacher.more("question 6", "Take question 6 out");
            page.waitForCondition(() -> questions(page).size() == 5);
            teacher.press("Undo");
            page.waitForCondition(() -> questions(page).size() == 6);
            // A story tells its numbers.
            teacher.more("question 4", "Tell a story with question 4");
            page.getByLabel("Story of question 4").waitFor();
            String fourth = questions(page).get(3);
            assertThat(page.getByLabel("Story of question 4").inputValue()).contains(fourth.split(" ")[0]);
            teacher.press("Other numbers for question 4");
            page.waitForCondition(() -> !questions(page).get(3).equals(fourth));
            // It is told again with the numbers that are there now.
            String other = questions(page).get(3).split(" ")[0];
            page.waitForCondition(() -> page.getByLabel("Story of question 4").inputValue().contains(other));
            teacher.see("✓ saved");
            List<String> kept = questions(page);
            page.reload();
            page.waitForCondition(() -> questions(page).equals(kept));

            teacher.press("Print");
            page.getByTestId("preview").locator("svg").first().waitFor();
            assertThat(page.getByTestId("preview").textContent()).contains("Name").contains("58");
            teacher.assertAccessible();
            teacher.press("Worked answers");
            page.getByTestId("preview").getByText("58 + 67 = 125; check").waitFor();
            page.getByLabel("B", new Page.GetByLabelOptions().setExact(true)).click();
            teacher.press("Make the files");
            teacher.see("✓ the files are made");
            // The button that prints opens the browser's dialog on the very pages that are looked at.
            page.evaluate("() => { const add = document.body.appendChild.bind(document.body);"
                    + "document.body.appendChild = frame => { window.printed = frame.src; return add(frame); } }");
            teacher.press("Print worked answers A");
            teacher.see("✓ the print dialog shows it");
            page.waitForFunction("() => /worked[.]pdf[?]inline=true$/.test(window.printed ?? '')");
            for (String kind : List.of("Questions", "Answers", "Worked answers")) {
                Locator links = page.getByRole(AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^" + kind + " of")));
                assertThat(links.count()).as("versions A and B").isEqualTo(2);
                Download file = page.waitForDownload(() -> links.first().click());
                assertThat(Files.readString(file.path(), java.nio.charset.StandardCharsets.ISO_8859_1))
                        .startsWith("%PDF");
            }

            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Board").setExact(true)).click();
            page.getByTestId("board").waitFor();
            teacher.see("1 of 6");
            teacher.key("n");
            teacher.waitForSentence("Set out 58 and 67");
            teacher.see("2 of 6");
            teacher.key("Escape");
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Project it")).click();
            page.getByTestId("projected").waitFor();
            assertThat(page.getByTestId("projected").textContent()).doesNotContain("= 125");
            teacher.key("PageDown");
            teacher.key("PageDown");
            teacher.see("= 125");
            teacher.assertAccessible();
        }
    }

    private static List<String> questions(Page page) {
        return page.locator("tbody input").all().stream().map(Locator::inputValue).toList();
    }

    @Test
    void aTableWithTwoBadLinesIsNamedLineByLineAndTheMendedOneIsTakenIn(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.open("Sets");
            Locator file = teacher.page().getByLabel("File with questions");
            file.setInputFiles(new FilePayload("Tuesday.csv", "text/csv",
                    "58 + 67\n12 +\n5 - 9\n".getBytes(StandardCharsets.UTF_8)));
            teacher.see("Line 2: A number is missing");
            teacher.see("Line 3: 5 − 9 is below zero");
            file.setInputFiles(new FilePayload("Tuesday.csv", "text/csv",
                    "58 + 67\n12 + 9\n9 - 5\n".getBytes(StandardCharsets.UTF_8)));
            teacher.see("3 questions, about 3 minutes");
            assertThat(teacher.page().getByLabel("Title").inputValue()).isEqualTo("Tuesday");
        }
    }

    @Test
    void wishesThatCannotBeMetAndSlipsThatCannotBeToldAreSaid(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.open("Sets");
            teacher.press("New set");
            teacher.page().getByLabel("digits, at most").fill("2");
            teacher.page().getByLabel("carries, at least").fill("5");
            teacher.press("Draw questions");
            teacher.see("carries can be 0 to 2");
            assertThat(teacher.page().getByLabel("carries, at least").inputValue()).isEqualTo("5");
            teacher.page().getByLabel("carries, at least").fill("1");
            teacher.press("Draw questions");
            teacher.see("12 questions");
            teacher.press("Telling slips apart");
            teacher.press("Choose telling questions");
            teacher.see("slips can happen here");
            teacher.press("Which slip gives which answer");
            teacher.see("never adds a carry");
            teacher.assertAccessible();
            teacher.press("Make these the set");
            teacher.press("Questions");
            teacher.see("8 questions");
            teacher.page().getByLabel("Title").fill("");
            teacher.page().getByLabel("Title").press("Tab");
            teacher.see("title of 1 to 120 letters");
            teacher.page().getByLabel("Title").fill("Telling");
            teacher.page().getByLabel("Title").press("Tab");
            teacher.see("✓ saved");
            teacher.press(AriaRole.LINK, "Project it");
            teacher.page().waitForCondition(() -> teacher.page().getByTestId("projected").locator("li").count() == 8);
        }
    }

    @Test
    void setsAreSearchedCopiedArchivedDeletedAndBroughtBack(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("Sets");
            teacher.see("Carries in a chain");
            teacher.assertAccessible();
            page.getByLabel("Search title, class or problem").fill("long DIVISION");
            page.waitForCondition(() -> rows(page).count() == 1);
            Locator division = rows(page).first();
            division.getByText("New numbers").click();
            page.waitForCondition(() -> !questions(page).isEmpty());
            assertThat(page.getByLabel("Title").inputValue()).isEqualTo("Long division, a zero in the quotient, again");
            assertThat(questions(page)).hasSize(8);

            teacher.open("Sets");
            page.getByLabel("Search title, class or problem").fill("quotient, again");
            page.waitForCondition(() -> rows(page).count() == 1);
            teacher.more("Long division, a zero in the quotient, again",
                    "Archive: Long division, a zero in the quotient, again");
            teacher.see("No set matches.");
            page.getByLabel("archived").click();
            page.waitForCondition(() -> rows(page).count() == 1);
            teacher.more("Long division, a zero in the quotient, again",
                    "Delete Long division, a zero in the quotient, again");
            teacher.see("“Long division, a zero in the quotient, again” is deleted.");
            page.waitForCondition(() -> rows(page).count() == 0);
            teacher.press("Bring back Long division, a zero in the quotient, again");
            page.waitForCondition(() -> rows(page).count() == 1);
            teacher.see("It is back.");
            // Of two that were deleted each comes back, also on another day.
            teacher.more("Long division, a zero in the quotient, again",
                    "Delete Long division, a zero in the quotient, again");
            teacher.see("is deleted.");
            page.getByLabel("archived").click();
            page.getByLabel("Search title, class or problem").fill("");
            teacher.more("Long division, a zero in the quotient", "Delete Long division, a zero in the quotient");
            teacher.see("“Long division, a zero in the quotient” is deleted.");
            page.reload();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Deleted in the last month")).click();
            teacher.press("Bring back Long division, a zero in the quotient, again");
            teacher.press("Bring back Long division, a zero in the quotient");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bring back Long division, a zero"))
                    .first()
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
            page.getByText("Long division, a zero in the quotient").first().waitFor();
        }
    }

    private static Locator rows(Page page) {
        return page.locator("tbody tr");
    }

    @Test
    void theLayoutIsSeenAtOnceAndAStoryIsPrinted(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("Sets");
            teacher.press("New set");
            page.getByLabel("Questions of your own").fill("605 − 556\n4738 + 1967\n346 × 205\n√529\n97 ÷ 4\n8123 ÷ 3");
            teacher.press("Add to the set");
            page.waitForCondition(() -> questions(page).size() == 6);
            teacher.more("question 2", "Story for question 2");
            page.getByLabel("Story of question 2").fill("Two boats land so many crates of apples. How many are that?");
            page.getByLabel("Story of question 2").press("Tab");
            teacher.see("✓ saved");
            teacher.press("Print");
            page.getByTestId("preview").getByText("Two boats land").waitFor();
            teacher.see("1 page");
            page.getByLabel("Large print").click();
            teacher.choose("Squares", "10");
            teacher.choose("Columns", "1");
            teacher.choose("The numbers stand", "side-by-side");
            page.getByTestId("preview").getByText("346 × 205 =").waitFor();
            page.waitForCondition(() -> page.getByTestId("preview").locator("svg").count() > 3);
            Download picture = page.waitForDownload(() -> teacher.press(AriaRole.LINK, "Page 1 as SVG"));
            assertThat(picture.suggestedFilename()).isEqualTo("bemble-questions-A-1.svg");

            teacher.press("Questions", 0);
            Download question = page.waitForDownload(() -> teacher.more("question 3", "Question 3 as SVG"));
            assertThat(question.suggestedFilename()).isEqualTo("bemble-question-3.svg");
            page.getByLabel("Part of question 1").selectOption("shown");
            teacher.press(AriaRole.LINK, "Question 1 on Paper");
            teacher.waitForSentence("Set out 605");
        }
    }
}
