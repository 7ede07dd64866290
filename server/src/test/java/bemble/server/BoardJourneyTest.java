package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

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
            teacher.press("… takes the smaller digit from the larger");
            teacher.see("what went wrong here?");
            teacher.key("End");
            teacher.waitForSentence("4 thousands");
            assertThat(teacher.paper()).endsWith("4 3 4 5");
            teacher.key("r");
            teacher.page().getByTestId("ring").waitFor();
            teacher.key("x");
            teacher.page().getByTestId("struck").waitFor();
            teacher.assertAccessible();
            teacher.key("p");
            teacher.waitForSentence("4 thousands take away 1 thousand leaves 3 thousands");
            assertThat(teacher.paper()).endsWith("3 6 5 5");
            assertThat(teacher.page().getByTestId("ring").count()).isZero();
        }
    }
}
