package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every page at five widths, and with the spacing of letters that readers may set: nothing is wider than the window. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class WidthsTest {
    private static final List<Integer> WIDTHS = List.of(320, 390, 820, 1280, 1920);
    private static final int HEIGHT = 800;
    /** Then the page is loaded anew, and has all the time it needs. */
    private static final double SOON = 3000;
    private static final Pattern UNDER_WAY = Pattern.compile("^(Fetching|Opening|Setting out).*…$");
    /** What WCAG 1.4.12 asks for. */
    private static final String SPACED = "* { line-height: 1.5 !important; letter-spacing: .12em !important; "
            + "word-spacing: .16em !important } p { margin-bottom: 2em !important }";
    /** What reaches beyond the window and cannot be pushed within: what has a bar of its own to push it is no fault. */
    private static final String TOO_WIDE =
            """
                    () => {
                      const wide = innerWidth + 1;
                      const pushed = element => {
                        for (let each = element.parentElement; each; each = each.parentElement) {
                          const { overflowX } = getComputedStyle(each);
                          if (each.id !== 'page' && overflowX !== 'visible' && each.getBoundingClientRect().right <= wide) return true;
                        }
                        return false;
                      };
                      const found = [...document.querySelectorAll('body *')].filter(each => {
                        const { right, width, height } = each.getBoundingClientRect();
                        return right > wide && width > 1 && height > 1 && !each.closest('svg') && !pushed(each);
                      });
                      return found.slice(0, 3).map(each =>
                        each.tagName + ' ' + Math.round(each.getBoundingClientRect().right) + ' ' + each.innerText?.slice(0, 30));
                    }""";
    /** A column of text in which hardly a word has room. */
    private static final String NARROW =
            """
                    () => [...document.querySelectorAll('main p, main li, main td, main dd, main h2, main div')].filter(each => {
                        const own = [...each.childNodes].filter(child => child.nodeType === 3).map(child => child.data).join('').trim();
                        const size = parseFloat(getComputedStyle(each).fontSize);
                        const { width, height } = each.getBoundingClientRect();
                        return own.split(/\\s+/).length > 4 && width > 1 && width < size * 6 && height > size * 4;
                      }).slice(0, 3).map(each => Math.round(each.getBoundingClientRect().width) + ' ' + each.innerText.slice(0, 40))""";

    /** What is pressed and is smaller than a finger asks for; a link within a line of text is as high as its line. */
    private static final String SMALL =
            """
                    () => [...document.querySelectorAll('main :is(button, select, [role=button], [role=tab], input:not([type=checkbox]):not([type=radio]))')]
                      .filter(each => {
                        const { width, height } = each.getBoundingClientRect();
                        return width > 1 && (height < 24 || width < 24);
                      }).slice(0, 3).map(each => {
                        const { width, height } = each.getBoundingClientRect();
                        return Math.round(width) + ' x ' + Math.round(height) + ' ' + (each.ariaLabel ?? each.innerText).slice(0, 40);
                      })""";

    private static Map<String, String> pages(Client api) {
        long classId = api.schoolClass("Terns").get("id").asLong();
        long pupil = api.schoolClass("Terns").get("pupils").get(0).get("id").asLong();
        long pile = api.get("/api/markings").json().get(0).get("id").asLong();
        return Map.ofEntries(Map.entry("today", "/today"), Map.entry("paper", "/paper?problem=4738+%2B+1967"),
                Map.entry("sets", "/sets"), Map.entry("set", "/sets/" + api.demoSet()),
                Map.entry("piles", "/marking"), Map.entry("pile", "/marking/" + pile),
                Map.entry("grid", "/marking/" + pile + "?view=grid"),
                Map.entry("shows", "/marking/" + pile + "?view=class"),
                Map.entry("classes", "/classes"), Map.entry("class", "/classes/" + classId),
                Map.entry("steps", "/classes/" + classId + "?part=steps"),
                Map.entry("slips", "/classes/" + classId + "?part=slips"),
                Map.entry("week", "/classes/" + classId + "?part=plan"), Map.entry("pupil", "/pupils/" + pupil),
                Map.entry("report", "/pupils/" + pupil + "/report"), Map.entry("style", "/style"),
                Map.entry("log", "/log"),
                Map.entry("write", "/write"), Map.entry("guide", "/guide"), Map.entry("ask", "/ask"));
    }

    @Test
    void nothingIsWiderThanTheWindow(Browser browser, RunningServer server) {
        List<String> faults = new ArrayList<>();
        String pictures = System.getProperty("bemble.pictures");
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            pages(Client.demo(server)).forEach((name, address) -> {
                page.navigate(server.address() + address);
                settle(page);
                for (int width : WIDTHS) {
                    page.setViewportSize(width, HEIGHT);
                    look(page, name + " at " + width, faults, () -> {});
                    if (pictures != null) {
                        page.screenshot(
                                new Page.ScreenshotOptions().setPath(Path.of(pictures, name + "-" + width + ".png")));
                    }
                }
                page.setViewportSize(1280, HEIGHT);
                Runnable spaced = () -> page.addStyleTag(new Page.AddStyleTagOptions().setContent(SPACED));
                spaced.run();
                look(page, name + " with wide letters", faults, spaced);
            });
        }
        assertThat(faults).isEmpty();
    }

    private static void settle(Page page) {
        page.locator("main h1, main h2, main input, main svg").first().waitFor();
        page.waitForCondition(() -> page.getByText(UNDER_WAY).count() == 0);
    }

    /**
     * A fault is what is still there when the page has come to rest, also where it is loaded at that width, as a phone loads it: on a
     * busy machine the browser was seen to keep the wide layout of a page whose window was narrowed.
     */
    private static void look(Page page, String where, List<String> faults, Runnable as) {
        if (!found(page, SOON).isEmpty()) {
            page.reload();
            settle(page);
            as.run();
            found(page, Patience.inBrowser()).forEach(fault -> faults.add(where + fault));
        }
    }

    /** @param within for how long what is found may go away by itself, in milliseconds */
    private static List<String> found(Page page, double within) {
        // Until a frame is drawn the browser may set out by the width before.
        page.evaluate("() => new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
        List<String> faults = new ArrayList<>();
        Map.of(TOO_WIDE, ": ", NARROW, " narrow: ", SMALL, " small: ").forEach((question, kind) -> {
            try {
                page.waitForCondition(() -> ((List<?>) page.evaluate(question)).isEmpty(),
                        new Page.WaitForConditionOptions().setTimeout(within));
            } catch (TimeoutError stays) {
                faults.add(kind + page.evaluate(question));
            }
        });
        return faults;
    }
}
