package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Marking at speed while saves are slow, fail or find nobody: all that is typed is kept, where it belongs. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class SlowNetworkJourneyTest {
    private static final Pattern ENTRIES = Pattern.compile(".*/api/markings/.*entries.*");
    private static final String LINE = "Question and what stands there";

    private static void type(Page page, String... lines) {
        page.getByLabel(LINE).focus();
        for (String line : lines) {
            page.keyboard().type(line);
            page.keyboard().press("Enter");
        }
    }

    private static String answers(RunningServer server, Page page, String pupil) {
        JsonNode pile = Client.demo(server).get("/api/markings/" + page.url().replaceAll(".*/(\\d+).*", "$1")).json();
        StringBuilder text = new StringBuilder();
        for (JsonNode paper : pile.get("papers")) {
            if (paper.get("pupil").get("name").asString().equals(pupil)) {
                paper.get("answers")
                        .forEach(answer -> text.append(answer.get("question").asInt()).append(' ')
                                .append(answer.get("given").asString().isEmpty()
                                        ? answer.get("state").asString() : answer.get("given").asString())
                                .append("; "));
            }
        }
        return text.toString();
    }

    private static void allKept(Page page) {
        page.waitForCondition(
                () -> page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Papers"))
                        .getByLabel("not yet kept").count() == 0);
    }

    private static void heading(Page page, String pupil) {
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(pupil)).waitFor();
    }

    @Test
    void savesThatAreSlowAndFailEveryThirdTimeKeepAllWhereItBelongs(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Slow", "Ida M", "Tom B", "Sana K");
            AtomicReference<Route> held = new AtomicReference<>();
            page.route("**/api/markings/forms", held::set);
            teacher.choosePile("Slow", "Exchange across a zero");
            page.waitForResponse(Pattern.compile(".*/api/markings/[0-9]+"),
                    () -> teacher.press("Mark this pile"));
            page.waitForTimeout(500);
            assertThat(page.getByLabel(LINE).count()).as("no line before it is known what can be typed").isZero();
            held.get().abort();
            page.unroute("**/api/markings/forms");
            teacher.press("Try again");
            heading(page, "Ida M");
            AtomicInteger count = new AtomicInteger();
            page.route(ENTRIES, route -> {
                // The first save fails late, when the next child's line is being typed.
                page.waitForTimeout(300);
                if (count.getAndIncrement() % 3 == 0) {
                    route.abort();
                } else {
                    route.resume();
                }
            });
            type(page, "4 74", "=", "1 26", "2 11", "2 12", "=", "5 x7", "3 8");
            assertThat(page.getByLabel(LINE).inputValue()).as("what cannot be read stays by its line")
                    .startsWith("5 x7");
            page.getByLabel(LINE).fill("");
            type(page, "3 8");
            allKept(page);
            assertThat(answers(server, page, "Ida M")).startsWith("1 right; 2 right; 3 right; 4 74; 5 right; ");
            assertThat(answers(server, page, "Sana K")).isEqualTo("3 8; ");
            assertThat(answers(server, page, "Tom B")).contains("2 12; ").contains("3 right; ");
            // Undo goes back over children, one entry at a time.
            page.getByLabel(LINE).press("Control+z");
            teacher.see("Taken back: Sana K, 3 8.");
            page.getByLabel(LINE).press("Control+z");
            teacher.see("Taken back: Tom B, =.");
            heading(page, "Tom B");
            page.getByLabel(LINE).press("Control+z");
            teacher.see("Taken back: Tom B, 2 12.");
            allKept(page);
            assertThat(answers(server, page, "Sana K")).isEmpty();
            assertThat(answers(server, page, "Tom B")).contains("2 11; ").doesNotContain("3 right");
        }
    }

    @Test
    void whatIsTypedWithoutANetworkIsSaidKeptHereAndSentOnAfterAReload(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Adrift", "Ida M", "Tom B");
            teacher.beginPile("Adrift", "Exchange across a zero", "Ida M");
            page.route(ENTRIES, route -> route.abort());
            type(page, "1 99", "2 -", "=", "1 88", "13 5");
            teacher.see("Not yet kept, on this device only: 4 of what you typed.");
            assertThat(page.getByLabel(LINE).inputValue()).isEqualTo("13 5");
            teacher.see("4 not yet kept");
            assertThat(answers(server, page, "Ida M")).isEmpty();
            // What was typed last is let go before it was sent.
            page.getByLabel(LINE).fill("");
            page.getByLabel(LINE).press("Control+z");
            teacher.see("Taken back: Tom B, 1 88.");
            teacher.assertAccessible();
            // Meanwhile somebody else keeps another answer to one of them.
            String id = page.url().replaceAll(".*/(\\d+).*", "$1");
            Client other = Client.demo(server);
            long ida = other.get("/api/markings/" + id).json().get("papers").get(0).get("pupil").get("id").asLong();
            other.send("PUT", "/api/markings/" + id + "/papers/" + ida + "/answers/1",
                    "{\"state\":\"given\",\"given\":\"77\"}");
            page.unroute(ENTRIES);
            page.reload();
            page.getByText("Ida M, question 1, was changed in another window.").waitFor();
            teacher.see("There stands 77; you have 99.");
            teacher.press("Keep yours");
            allKept(page);
            assertThat(answers(server, page, "Ida M")).startsWith("1 99; 2 blank; 3 right; ");
            assertThat(answers(server, page, "Tom B")).isEmpty();
        }
    }

    @Test
    void theGridKeepsTheHandWhereItIsWhateverIsSaved(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.makeClass("Squares", "Ida M", "Tom B");
            teacher.beginPile("Squares", "Exchange across a zero", "Ida M");
            teacher.press("All at once");
            page.getByLabel("Ida M, question 1", new Page.GetByLabelOptions().setExact(true)).focus();
            for (String typed : new String[] {"=", "123", "x7", "9"}) {
                page.keyboard().type(typed);
                page.keyboard().press(typed.equals("x7") ? "Tab" : "Enter");
            }
            teacher.see("“3 x7” is");
            Locator third = page.getByLabel("Ida M, question 3", new Page.GetByLabelOptions().setExact(true));
            assertThat(third.inputValue()).as("what was refused stays in its square").isEqualTo("x7");
            assertThat(third.getAttribute("aria-invalid")).isEqualTo("true");
            third.fill("5");
            third.press("Enter");
            page.waitForCondition(() -> answers(server, page, "Ida M").equals("1 right; 2 123; 3 5; 4 9; "));
            // At the row's end Enter goes on with the next child, and at the foot ↓ with the next question.
            page.waitForCondition(() -> page.evaluate("document.activeElement.getAttribute('aria-label')").toString()
                    .startsWith("Ida M, question 4"));
            int last = page.locator("[role=columnheader]").count() - 1;
            page.getByLabel("Ida M, question " + last, new Page.GetByLabelOptions().setExact(true)).press("Enter");
            page.waitForCondition(() -> "Tom B, question 1"
                    .equals(page.evaluate("document.activeElement.getAttribute('aria-label')")));
            page.keyboard().type("55");
            page.keyboard().press("ArrowDown");
            page.waitForCondition(() -> page.evaluate("document.activeElement.getAttribute('aria-label')").toString()
                    .startsWith("Ida M, question 2"));
            page.waitForCondition(() -> answers(server, page, "Tom B").equals("1 55; "));
            teacher.press("Undo");
            teacher.see("Taken back: Tom B, 1 55.");
            page.waitForCondition(() -> answers(server, page, "Tom B").isEmpty());
            teacher.assertAccessible();
        }
    }
}
