package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ForcedColors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@Tag("slow")
@ExtendWith(DemoServer.class)
class BoardJourneyTest {
    @Test
    void aLessonIsAskedWithAWrongAnswerTakenBackAndAClickerRevealsTheRest(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("47 + 38");
            teacher.waitForSentence("Set out 47 and 38");
            teacher.toBoard();
            teacher.key("a");
            teacher.key("PageDown");
            teacher.waitForSentence("7 ones and 8 ones. How many ones altogether?");
            assertThat(teacher.paper()).isEqualTo("4 7; + 3 8");
            teacher.assertAccessible();
            teacher.key("6");
            teacher.see("6 does not go there");
            teacher.key("Backspace");
            teacher.key("5");
            assertThat(teacher.paper()).as("only a whole answer is written").isEqualTo("4 7; + 3 8");
            teacher.key("1");
            teacher.waitForSentence("write 5 in the ones column. Carry 1 ten");
            assertThat(teacher.paper()).isEqualTo("carried 1; 4 7; + 3 8; 5");
            teacher.key("PageDown");
            teacher.key("PageDown");
            teacher.waitForSentence("Write 8 in the tens column.");
            assertThat(teacher.paper()).endsWith("8 5");
            teacher.key("?");
            teacher.see("stronger contrast");
            teacher.key("Escape");
            teacher.key("Escape");
            teacher.waitForSentence("Write 8 in the tens column.");
            assertThat(teacher.page().locator("#problem").inputValue()).isEqualTo("47 + 38");
        }
    }

    @Test
    void aDeliberateMistakeIsRungStruckAndPutRight(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("5002 − 1347");
            teacher.waitForSentence("Set out 5002");
            teacher.toBoard();
            teacher.key("m");
            teacher.press("… turns the column round where the top digit is too small");
            teacher.see("what went wrong here?");
            teacher.key("End");
            teacher.waitForSentence("4 thousands");
            assertThat(teacher.paper()).endsWith("4 3 4 5");
            teacher.key("v");
            teacher.see("It shows once the place is ringed");
            teacher.press("Ten frames");
            assertThat(teacher.page().getByTestId("picture").count()).as("it would tell what is looked for").isZero();
            teacher.key("r");
            teacher.page().getByTestId("ring").waitFor();
            teacher.key("Home");
            teacher.key("PageDown");
            teacher.seePicture("Ten frames: Ones: 2 counters, 7 to be struck off; this hand writes 5.");
            teacher.key("End");
            showsPicture(teacher, "Number line",
                    "Number line: A number line. From 5002 on 3 to 5005 where 7 were to be taken away");
            showsPicture(teacher, "Two bars",
                    "Two bars: Two bars, 5002 and 1347; between them what is sought; this hand writes 4345, longer than that.");
            showsPicture(teacher, "Ten frames", "Ten frames: Thousands: 5 counters, 1 struck off, 4 left.");
            teacher.key("x");
            teacher.page().getByTestId("struck").waitFor();
            teacher.assertAccessible();
            teacher.key("p");
            teacher.waitForSentence("4 thousands take away 1 thousand leaves 3 thousands");
            teacher.seePicture("Ten frames: Thousands: 4 counters, 1 struck off, 3 left.");
            assertThat(teacher.paper()).endsWith("3 6 5 5");
            assertThat(teacher.page().getByTestId("ring").count()).isZero();
        }
    }

    @Test
    void aWholeSumIsCarriedByTheKeyboardAndAnotherLikeItFollows(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("305 − 127");
            teacher.waitForSentence("Set out 305");
            teacher.toBoard();
            for (int step = 0; step < 5; step++) {
                teacher.key("ArrowRight");
            }
            teacher.waitForSentence("2 hundreds take away 1 hundred leaves 1 hundred");
            assertThat(teacher.paper()).endsWith("1 7 8");
            teacher.key("Home");
            teacher.waitForSentence("Set out 305");
            teacher.key("l");
            teacher.see("2 of 2");
            teacher.page().waitForCondition(() -> !teacher.paper().contains("3 0 5"));
            assertThat(teacher.paper()).as("another exchange across a zero").matches("\\d 0 \\d; − \\d \\d \\d");
            teacher.key("b");
            teacher.see("1 of 2");
            teacher.waitForSentence("Set out 305");
        }
    }

    @Test
    void aClassDecidesWhetherThereIsEnoughBeforeItComputes(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("42 − 17");
            teacher.waitForSentence("Set out 42");
            teacher.press("Writing");
            teacher.page().getByLabel("For this working only").check();
            teacher.choose("“Is there enough?” is asked", "every-column");
            teacher.toBoard();
            teacher.key("a");
            teacher.key("PageDown");
            teacher.waitForSentence("Ones: 2 ones, take away 7. Are there enough?");
            teacher.see("Yes (y) or no (n)?");
            teacher.assertAccessible();
            teacher.key("n");
            teacher.waitForSentence("Ones: 2 ones, take away 7: not enough.");
            assertThat(teacher.paper()).as("nothing is written for it").isEqualTo("4 2; − 1 7");
        }
    }

    @Test
    void onlyCarriesOrOnlyTheLastLineAreAsked(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("58 + 71");
            teacher.waitForSentence("Set out 58");
            teacher.toBoard();
            teacher.key("a");
            teacher.key("a");
            teacher.see("asking only what is carried");
            teacher.key("PageDown");
            teacher.waitForSentence("Ones: 8 ones and 1 one are 9 ones.");
            teacher.key("a");
            teacher.see("asking only the last line");
            teacher.key("PageDown");
            teacher.see("your turn");
            teacher.key("1");
            teacher.key("2");
            teacher.waitForSentence("write 12 whole");
            assertThat(teacher.paper()).endsWith("1 2 9");
        }
    }

    @Test
    void picturesStayInStepAndAFactCanBeFound(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("503 − 147");
            teacher.waitForSentence("Set out 503");
            teacher.toBoard();
            teacher.key("v");
            teacher.press("Blocks");
            teacher.seePicture("Blocks: The minuend is laid out in blocks.");
            teacher.assertAccessible();
            teacher.key("PageDown");
            teacher.seePicture("Blocks: 1 hundred block is broken into 10 tens.");
            teacher.key("End");
            teacher.seePicture("Blocks: 1 hundred struck off, 3 hundreds left.");
            showsPicture(teacher, "Ten frames", "Ten frames: Hundreds: 4 counters, 1 struck off, 3 left.");
            showsPicture(teacher, "In values", "In values: 400 − 100 = 300");
            showsPicture(teacher, "Number line", "Number line: A number line. From 503 back 7 to 496");
            showsPicture(teacher, "Two bars", "Two bars: Two bars, 503 and 147; between them 356.");
            teacher.key("Home");
            for (int step = 0; step < 3; step++) {
                teacher.key("PageDown");
            }
            teacher.seePicture("Two bars: Two bars, 503 and 147; between them what is sought.");
            teacher.key("f");
            teacher.see("By way of ten");
            teacher.see("13 − 3 = 10");
            teacher.assertAccessible();
            teacher.key("Escape");
            teacher.key("c");
            assertThat(teacher.page().getByTestId("board").getAttribute("data-contrast")).isEqualTo("strong");
            teacher.assertAccessible();
        }
    }

    private static void showsPicture(TeacherAtScreen teacher, String picture, String words) {
        teacher.key("v");
        teacher.press(picture);
        teacher.seePicture(words);
    }

    @Test
    void picturesOfTheOtherOperationsStayInStepToo(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            follow(teacher, "76 × 58", "Box to scale", "76 wide and 58 high", "6 × 8 = 48", "70 × 8 = 560");
            follow(teacher, "97 ÷ 4", "Sharing out", "how many does each get?", "2 tens each, 1 left",
                    "2 tens each, 1 left");
            follow(teacher, "97 ÷ 4", "Making groups", "how many groups of 4", "2 groups, 1 left", "2 groups, 1 left");
            follow(teacher, "√529", "Square", "whose side is sought", "2 × 2 = 4", "2 × 2 = 4");
        }
    }

    private static void follow(TeacherAtScreen teacher, String problem, String picture, String... moments) {
        teacher.type(problem);
        teacher.page().getByTestId("sentence").waitFor();
        teacher.toBoard();
        teacher.key("v");
        teacher.press(picture);
        teacher.key("Home");
        for (String moment : moments) {
            teacher.seePicture(moment);
            teacher.key("PageDown");
        }
        teacher.key("Escape");
        teacher.page().locator("#problem").waitFor();
    }

    @Test
    void whatLooksOddIsShownAndIsRight(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("58 + 67");
            teacher.waitForSentence("Set out 58");
            teacher.toBoard();
            teacher.key("ArrowRight");
            teacher.waitForSentence("carry 1 ten");
            // A reload leads back to where one was.
            teacher.page().reload();
            teacher.waitForSentence("carry 1 ten");
            teacher.key("m");
            teacher.press("… writes the carries under the answer");
            teacher.see("odd, but is it right?");
            teacher.key("End");
            teacher.waitForSentence("write 12 whole");
            assertThat(teacher.paper()).isEqualTo("5 8; + 6 7; 1 2 5; carried 1");
        }
    }

    @Test
    void aWorkingIsToldInWordsEditedAndSaved(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("58 + 67");
            teacher.waitForSentence("Set out 58");
            teacher.key("End");
            teacher.waitForSentence("write 12 whole");
            teacher.press("In words");
            var words = teacher.page().getByLabel("The whole working in words");
            teacher.page().waitForCondition(() -> words.inputValue().contains("So 58 + 67 is 125."));
            words.fill("I put 8 and 7 together. That makes a ten and 5.");
            teacher.press("Save in the log");
            teacher.see("✓ saved");
            teacher.page().reload();
            teacher.open("Log");
            teacher.page().getByRole(AriaRole.LINK,
                    new Page.GetByRoleOptions().setName("58 + 67")).first().click();
            teacher.press("In words");
            teacher.page().waitForCondition(() -> words.inputValue().startsWith("I put 8 and 7 together."));
        }
    }

    @Test
    void nothingIsGivenAwayBeforeTheClassHasAnswered(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("47 + 38");
            teacher.waitForSentence("Set out 47 and 38");
            teacher.toBoard();
            teacher.key("v");
            teacher.press("Ten frames");
            teacher.key("a");
            teacher.key("PageDown");
            teacher.waitForSentence("How many ones altogether?");
            assertThat(teacher.page().locator("body").textContent()).doesNotContain("15", "85", "Write 5");
            assertThat(teacher.page().getByTestId("board").innerHTML()).doesNotContain("15 ones");
            teacher.seePicture("An empty frame of ten.");
            teacher.page().getByTestId("paper").click();
            teacher.waitForSentence("write 5 in the ones column");
            teacher.seePicture("1 ten full, 5 ones over");
        }
    }

    @Test
    void whatCannotBeDoneOnTheBoardIsSaidThere(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("1.5 + 2.25");
            teacher.waitForSentence("Set out 1.5");
            teacher.toBoard();
            teacher.key("l");
            teacher.see("Another like this is drawn for whole numbers");
            teacher.key("v");
            teacher.see("This picture is drawn for whole numbers.");
            teacher.key("Escape");
            teacher.press("Keys of the board");
            teacher.see("forward, as a tap on the paper is");
            teacher.assertAccessible();
            teacher.key("Escape");
            teacher.key("Escape");
            teacher.type("√0");
            teacher.waitForSentence("Write 0 under the root");
            teacher.toBoard();
            teacher.key("m");
            teacher.see("No slip changes the answer here");
            teacher.see("Odd, but is it right? Somebody …");
        }
    }

    @Test
    void aPictureStandsBesideThePaperToo(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.type("358 + 276");
            teacher.waitForSentence("Set out 358");
            teacher.choose("Beside it", "blocks");
            teacher.seePicture("Both numbers are laid out in blocks");
            teacher.page().getByTestId("paper").focus();
            teacher.key("ArrowRight");
            teacher.seePicture("14 ones together; 2 go over to the 8 and make 1 ten, 4 ones stay");
            teacher.assertAccessible();
            teacher.type("9738 + 4276");
            teacher.waitForSentence("Set out 9738");
            teacher.choose("Beside it", "blocks");
            teacher.see("Too many blocks to see");
        }
    }

    @Test
    void whoHasColoursOfTheirOwnSeesTheDigitsInThem(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            teacher.page().emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE)
                    .setColorScheme(ColorScheme.DARK));
            teacher.type("47 + 38");
            teacher.waitForSentence("Set out 47 and 38");
            String asText =
                    "(() => { const probe = document.body.appendChild(document.createElement('i')); probe.style.color = 'CanvasText';"
                            + " const colour = getComputedStyle(probe).color; probe.remove(); return colour; })()";
            assertThat(teacher.page()
                    .evaluate("[...document.querySelectorAll('svg text')].map(text => getComputedStyle(text).fill)"
                            + ".every(fill => fill === " + asText + ")")).isEqualTo(true);
        }
    }
}
