package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@Tag("slow")
@ExtendWith(DemoServer.class)
class OperationsJourneyTest {
    private TeacherAtScreen teacher;

    @BeforeEach
    void enter(Browser browser, RunningServer server) {
        teacher = new TeacherAtScreen(browser).enterAsDemo(server);
    }

    @AfterEach
    void leave() {
        teacher.close();
    }

    private void work(String problem, int steps) {
        teacher.type(problem);
        teacher.waitForSentence("");
        teacher.page().getByTestId("paper").first().focus();
        for (int i = 0; i < steps; i++) {
            teacher.key("ArrowRight");
        }
    }

    @Test
    void aSubtractionAcrossZerosInBothSchools() {
        work("5002 - 1347", 1);
        teacher.waitForSentence(
                "Ones: 2 ones, take away 7: not enough. There are no tens and no hundreds to exchange: go on to the "
                        + "thousands. Exchange 1 thousand for 10 hundreds: 4 thousands and 10 hundreds, still 5000.");
        teacher.key("End");
        teacher.waitForSentence("Thousands: 4 thousands take away 1 thousand leaves 3 thousands.");
        assertThat(teacher.paper())
                .isEqualTo("4, was 5 9, was 10, was 0 9, was 10, was 0 12; − 1 3 4 7; 3 6 5 5");
        teacher.press("equal additions");
        teacher.waitForSentence(
                "Thousands: 1 and 1 more, so 2 thousands are to go. 5 thousands take away 2 thousands leaves 3 thousands.");
        teacher.key("Home");
        teacher.key("ArrowRight");
        assertThat(teacher.page().evaluate("document.activeElement.textContent"))
                .as("the arrows move through the working, not among the methods").isEqualTo("equal additions");
        teacher.waitForSentence("Add 10 ones above and 1 ten below: the difference stays.");
        teacher.press("counting up");
        teacher.waitForSentence("How far is it from 1347 to 5002?");
        teacher.key("ArrowRight");
        teacher.key("ArrowRight");
        teacher.waitForSentence("From 1350 jump 50 to 1400.");
        teacher.key("End");
        teacher.key("End");
        teacher.waitForSentence("The check also comes to 5002.");
    }

    @Test
    void aLongMultiplicationBesideItsBox() {
        work("386 x 47", 2);
        teacher.waitForSentence("Tens: 7 times 8 is 56, and 4 carried is 60: 60 tens.");
        teacher.choose("Beside it", "area");
        teacher.page().getByTestId("sentence-beside").filter(
                new Locator.FilterOptions().setHasText("40 times 80 is 3200")).waitFor();
        teacher.assertAccessible();
        teacher.page().getByTestId("paper").first().focus();
        teacher.key("End");
        teacher.waitForSentence("Write 1 in the ten-thousands column.");
        assertThat(teacher.page().getByTestId("paper-in-words").allTextContents())
                .allSatisfy(paper -> assertThat(paper.replace(" ", "")).contains("18142"));
    }

    @Test
    void aLongDivisionWithItsEquationAndAnEstimateHeldAgainstIt() {
        work("7506 / 25", 0);
        teacher.press("Estimate");
        Page page = teacher.page();
        page.getByLabel("Our estimate").fill("about");
        teacher.press("Show an estimate");
        teacher.see("7500 ÷ 25 = 300 and 10000 ÷ 25 = 400");
        teacher.choose("Round", "1");
        teacher.press("Show an estimate");
        teacher.see("8000 ÷ 30 ≈ 300");
        teacher.see("Expect 3 digits");
        page.getByTestId("paper").focus();
        teacher.key("ArrowRight");
        teacher.waitForSentence(
                "75 hundreds shared among 25: 3 hundreds each, since 3 × 25 = 75 fits and 4 × 25 = 100 is "
                        + "too big. Write 3 in the hundreds column of the quotient.");
        teacher.key("End");
        teacher.waitForSentence("6 left over, the remainder. Write it beside the quotient: 7506 = 25 × 300 + 6.");
        teacher.press("Hold it against the answer");
        teacher.see("“about” is not a number");
        page.getByLabel("Our estimate").fill("310");
        teacher.press("Hold it against the answer");
        teacher.see("they are near each other");
        teacher.open("Log");
        teacher.see("7506 ÷ 25");
        teacher.see("300 r 6");
    }

    @Test
    void aSquareRootInBothLayoutsBesideACalculator() {
        work("√7 to 3 dp", 5);
        teacher.waitForSentence("45 × 5 = 225 leaves room, 46 × 6 = 276 fits into 300, 47 × 7 = 329 is too big.");
        teacher.key("End");
        teacher.waitForSentence("Cut off here: √7 ≈ 2.645. Rounded instead of cut off, it would be 2.646.");
        teacher.press("running divisor");
        teacher.see("46 + 6 = 52");
        assertThat(teacher.paper()).contains("; 2 0 9 6; 3 0 4 0 0;").contains("+ 4; 5 2 8 5");
        teacher.key("End");
        teacher.waitForSentence("The check also comes to 7.");
        teacher.page().getByLabel("Beside the paper").getByText("Check").click();
        teacher.see("2.645 × 2.645 + 0.003975 = 7");
        teacher.see("Calculator").click();
        teacher.press("=");
        teacher.see("2.645751311");
        teacher.assertAccessible();
    }

    @Test
    void theHouseStyleIsFollowedEverywhereAndOneWorkingCanDepartFromIt() {
        teacher.open("House style");
        Page page = teacher.page();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions()
                .setName("The last whole place is called")).getByLabel("units").click();
        teacher.see("Units: 7 units and 8 units are 15 units.");
        teacher.assertAccessible();
        teacher.open("Paper");
        work("47 + 38", 1);
        teacher.waitForSentence("Units: 7 units and 8 units");
        teacher.press("Writing");
        page.getByLabel("For this working only").check();
        teacher.choose("The last whole place is called", "ones");
        teacher.waitForSentence("Ones: 7 ones and 8 ones");
        work("26 + 38", 1);
        teacher.waitForSentence("Units: 6 units and 8 units");
        teacher.open("House style");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions()
                .setName("The last whole place is called")).getByLabel("ones").click();
        teacher.see("Ones: 7 ones and 8 ones are 15 ones.");
    }

    @Test
    void aSubtrahendThatIsLargerIsOfferedTheOtherWayRound() {
        teacher.type("358 - 4206");
        teacher.see("358 − 4206 is below zero; 4206 − 358 is another question.");
        teacher.press("Work 4206 − 358");
        teacher.waitForSentence("Set out 4206 take away 358");
        teacher.type("5 / 0");
        teacher.see("a division by 0 has no answer");
        assertThat(teacher.page().locator("#problem").inputValue()).isEqualTo("5 / 0");
    }
}
