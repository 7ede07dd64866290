package bemble.server.running;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Somebody who writes on a paper in the browser, by its keys. */
public final class PaperWriter implements AutoCloseable {
    private final TeacherAtScreen teacher;
    private final RunningServer server;

    public PaperWriter(Browser browser, RunningServer server) {
        this.server = server;
        this.teacher = new TeacherAtScreen(browser);
        teacher.enterAsDemo(server, "/write", page().getByLabel("Problem"));
    }

    public TeacherAtScreen teacher() {
        return teacher;
    }

    public Page page() {
        return teacher.page();
    }

    /** Takes a paper for a problem, with what is ticked. */
    public void take(String problem, String method, String... ticks) {
        if (!page().url().endsWith("/write")) {
            teacher.open("Write");
            page().getByText("Take the paper").waitFor();
        }
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

    public Locator sheet() {
        return page().getByTestId("writing");
    }

    /** Presses keys one after the other: a blank between them. */
    public void keys(String keys) {
        for (String key : keys.split(" ")) {
            teacher.key(key);
        }
    }

    /** What a screen reader says of the square the pen is on. */
    public void hear(String words) {
        page().locator("[data-testid=square]", new Page.LocatorOptions().setHasText(words)).waitFor();
    }

    public void handIn() {
        page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hand in and mark")).press("Enter");
        page().getByTestId("marked").waitFor();
    }

    public void see(String words) {
        page().getByTestId("marked").getByText(words).first().waitFor();
    }

    /** Types all full figures of the right working line by line: to a line by the arrows, and along it as the pen goes. */
    public void writeAll(String problem, String method) {
        Client client = new Client(server);
        Map<String, Object> work =
                method == null ? Map.of("problem", problem) : Map.of("problem", problem, "method", method);
        JsonNode paper = client.post("/api/paper", Map.of("work", work)).json();
        Map<List<Object>, String> texts = new HashMap<>();
        for (JsonNode mark : client.work(work).json().get("sheet").get("marks")) {
            if (List.of("digit", "number").contains(mark.get("kind").asString())
                    && mark.get("anchor").asString().equals("middle")) {
                texts.put(List.of(mark.get("block").asString(), mark.get("line").asString(), mark.get("place").asInt()),
                        mark.get("text").asString());
            }
        }
        JsonNode squares = paper.get("squares");
        for (JsonNode course : paper.get("courses")) {
            boolean goesOn = false;
            for (JsonNode index : course.get("squares")) {
                JsonNode square = squares.get(index.asInt());
                String text = texts.get(List.of(square.get("block").asString(), square.get("line").asString(),
                        square.get("place").asInt()));
                if (text != null) {
                    goTo(squares, square, goesOn);
                    text.chars().filter(Character::isDigit).forEach(digit -> teacher.key(String.valueOf((char) digit)));
                }
                goesOn = text != null;
            }
        }
    }

    /**
     * Takes the pen to a square with the arrow keys.
     *
     * @param itself whether it has to have come there by itself
     */
    private void goTo(JsonNode squares, JsonNode to, boolean itself) {
        Set<String> tried = new HashSet<>();
        for (int moves = 0; moves < 60; moves++) {
            String heard = page().getByTestId("square").textContent();
            if (heard.startsWith(to.get("name").asString() + ",")) {
                return;
            }
            assertThat(itself).as("from %s to %s the pen goes by itself", heard, to.get("name")).isFalse();
            JsonNode now = at(squares, heard);
            int down = to.get("row").asInt() - now.get("row").asInt();
            String across = to.get("column").asInt() > now.get("column").asInt() ? "ArrowRight" : "ArrowLeft";
            String along = down > 0 ? "ArrowDown" : down < 0 ? "ArrowUp" : across;
            // Where the way up and down has been gone in vain, the columns come first.
            teacher.key(tried.add(heard + along) ? along : across);
        }
        throw new AssertionError("no way to " + to.get("name"));
    }

    /** The square that is heard; of names that begin alike the longest. */
    private static JsonNode at(JsonNode squares, String heard) {
        JsonNode found = null;
        for (JsonNode square : squares) {
            String name = square.get("name").asString();
            if (heard.startsWith(name + ",")
                    && (found == null || name.length() > found.get("name").asString().length())) {
                found = square;
            }
        }
        return found;
    }

    /** How many figures are marked so. */
    public int marked(String verdict) {
        return sheet().locator("[data-verdict=" + verdict + "]").count();
    }

    public void assertAllRight() {
        see("All right");
        assertThat(marked("wrong")).isZero();
        assertThat(sheet().getByTestId("ring").count()).isZero();
    }

    @Override
    public void close() {
        teacher.close();
    }
}
