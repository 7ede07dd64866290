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
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A house style with the decimal comma, from a set through board, pile, writing and print. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class CommaJourneyTest {
    private static Client client;
    private static long set;

    @BeforeAll
    static void begin(RunningServer shared) {
        client = Client.demo(shared);
        client.send("PATCH", "/api/style", "{\"point\":\"comma\"}");
        set = client.post("/api/sets/import?name=Commas", "12.5 - 3.75\n1.234 + 2.5\n8.2 - 3.75\n", "text/csv").json()
                .get("id").asLong();
    }

    @AfterAll
    static void restore() {
        client.send("PATCH", "/api/style", "{\"point\":\"point\"}");
    }

    @Test
    void aQuestionOfOnesOwnIsReadAsItIsWritten() {
        JsonNode read = client.post("/api/sets/questions", Map.of("text", "12,5 - 3,75")).json();
        assertThat(read.get(0).get("operands").toString()).isEqualTo("[\"12.5\",\"3.75\"]");
    }

    @Test
    void workedAnswersAndTheirChecksHaveOneSign() {
        List<String> printed = Client.printed(client.get("/api/sets/" + set + "/pages?kind=worked&version=A").json());
        assertThat(String.join(" ", printed).replace('\u00a0', ' ')).contains("check: 8,75 + 3,75 = 12,50")
                .doesNotContain("8.75").doesNotContain("12.5");
    }

    @Test
    void boardPileAndPapersShowTheCommaAndTakeIt(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.navigate(server.address() + "/sets/" + set);
            teacher.toBoard();
            page.keyboard().press("Escape");
            page.waitForURL("**/sets/" + set);
            teacher.makeClass("Commas", "Ida M", "Tom B");
            teacher.beginPile("Commas", "Commas", "Ida M");
            Locator first = page.locator("table tbody tr").first();
            assertThat(first.innerText()).contains("12,5 − 3,75").contains("= 8,75").doesNotContain(".5");
            assertThat(page.locator("table tbody tr").nth(1).innerText()).contains("1,234 + 2,5");
            teacher.enter("3 4,55");
            teacher.enter("1 8,75");
            first.getByLabel("8,75, right").waitFor();
            teacher.enter("=");
            teacher.enter("Ida");
            page.getByText("2 ✓ 1 ✗").waitFor();
            assertThat(String.join(" ", Client.printed(client.get("/api/pupils/"
                    + client.schoolClass("Commas").get("pupils").get(0).get("id") + "/work/pages").json())))
                            .contains("1,234 + 2,5, right", "8,2 − 3,75, wrote 4,55").doesNotContain("8.2");
            page.locator("table tbody tr").nth(2).getByText("Copy working").click();
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("8,2 − 3,75")).waitFor();
        }
    }

    @Test
    void aPaperStaysTheProblemThatWasTypedWhateverIsChosenLater(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.navigate(server.address() + "/paper?problem=3,5 %2B 2");
            page.waitForURL("**point=comma");
            page.navigate(server.address() + "/paper?problem=1.250 %2B 2&point=point");
            page.locator("#problem[value='1,250 + 2']").waitFor();
            page.keyboard().press("End");
            teacher.see("3,250");
        }
    }

    /** Nothing on the board can be asked for that leaves one without a way out. */
    @Test
    void aBoardThatCannotBeShownIsLeft(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            page.route("**/api/work", route -> route.abort());
            page.navigate(server.address() + "/sets/" + set);
            teacher.press("Board");
            teacher.see("Bemble does not answer");
            page.keyboard().press("Escape");
            page.waitForURL("**/sets/" + set);
        }
    }
}
