package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Somebody who writes on a paper in the browser, by its keys. */
final class PaperWriter implements AutoCloseable {
    private final TeacherAtScreen teacher;
    private final RunningServer server;

    PaperWriter(Browser browser, RunningServer server) {
        this.server = server;
        this.teacher = new TeacherAtScreen(browser).enterAsDemo(server);
    }

    TeacherAtScreen teacher() {
        return teacher;
    }

    Page page() {
        return teacher.page();
    }

    /** Takes a paper for a problem, with what is ticked. */
    void take(String problem, String method, String... ticks) {
        page().navigate(server.address() + "/write");
        page().getByLabel("Problem").fill(problem);
        page().getByLabel("By the method").waitFor();
        if (method != null) {
            page().getByLabel("By the method").selectOption(method);
        }
        for (String tick : ticks) {
            page().getByLabel(tick).check();
        }
        page().getByLabel("Problem").press("Enter");
        sheet().waitFor();
        // The paper is in focus at once: nobody has to find it.
        page().waitForFunction("() => document.activeElement?.dataset.testid === 'writing'");
    }

    Locator sheet() {
        return page().getByTestId("writing");
    }

    /** Presses keys one after the other: a blank between them. */
    void keys(String keys) {
        for (String key : keys.split(" ")) {
            teacher.key(key);
        }
    }

    /** What a screen reader says of the square the pen is on. */
    void hear(String words) {
        page().locator("[data-testid=square]", new Page.LocatorOptions().setHasText(words)).waitFor();
    }

    void handIn() {
        page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hand in and mark")).press("Enter");
        page().getByTestId("marked").waitFor();
    }

    void see(String words) {
        page().getByTestId("marked").getByText(words).first().waitFor();
    }

    /** Types all full figures of the right working, along the way that the pen goes by itself. */
    void writeAll(String problem, String method) {
        Client client = new Client(server);
        Map<String, Object> work = method == null ? Map.of("problem", problem) : Map.of("problem", problem, "method", method);
        JsonNode paper = client.post("/api/paper", Map.of("work", work)).json();
        Map<List<Object>, String> texts = new HashMap<>();
        for (JsonNode mark : client.work(work).json().get("sheet").get("marks")) {
            if (List.of("digit", "number").contains(mark.get("kind").asString()) && mark.get("anchor").asString().equals("middle")) {
                texts.put(List.of(mark.get("block").asString(), mark.get("line").asString(), mark.get("place").asInt()),
                        mark.get("text").asString());
            }
        }
        for (JsonNode way : paper.get("way")) {
            JsonNode square = paper.get("squares").get(way.get("square").asInt());
            hear(square.get("name").asString());
            String text = texts.get(List.of(square.get("block").asString(), square.get("line").asString(),
                    square.get("place").asInt()));
            text.chars().filter(Character::isDigit).forEach(digit -> teacher.key(String.valueOf((char) digit)));
            if (square.get("number").asBoolean()) {
                teacher.key("Enter");
            }
        }
    }

    /** How many figures are marked so. */
    int marked(String verdict) {
        return sheet().locator("[data-verdict=" + verdict + "]").count();
    }

    void assertAllRight() {
        see("All right");
        assertThat(marked("wrong")).isZero();
        assertThat(sheet().getByTestId("ring").count()).isZero();
    }

    @Override
    public void close() {
        teacher.close();
    }
}
