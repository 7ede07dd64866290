package bemble.server.journey;

import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;

/** Takes a picture of each main view from the demo data; {@code ./bemble screenshots} runs it. */
final class Screenshots {
    private static final double SETTLING_MILLIS = 600;

    private final Path folder;
    private final TeacherAtScreen teacher;

    private Screenshots(Path folder, TeacherAtScreen teacher) {
        this.folder = folder;
        this.teacher = teacher;
    }

    public static void main(String[] arguments) {
        try (RunningServer server = RunningServer.start("--bemble.demo=true");
                DemoServer.Chromium chromium = new DemoServer.Chromium();
                TeacherAtScreen teacher = new TeacherAtScreen(chromium.browser())) {
            new Screenshots(Path.of(arguments[0]), teacher).takeAll(server);
        }
    }

    private void takeAll(RunningServer server) {
        teacher.page().navigate(server.address());
        teacher.see("Enter as the demo teacher");
        teacher.enterAsDemo(server);
        teacher.open("Today");
        teacher.see("Worked last");
        take("today");
        theClass();
        teacher.open("Log");
        teacher.see("67.4 + 8.95");
        teacher.open("Paper");
        teacher.type("4738 + 1967");
        teacher.waitForSentence("Set out");
        teacher.key("ArrowRight");
        teacher.key("ArrowRight");
        take("paper-addition");
        paper("5002 − 1347", null, 5, "paper-exchange");
        teacher.toBoard();
        teacher.key("a");
        teacher.key("ArrowRight");
        take("board-asking");
        teacher.key("m");
        teacher.press("… takes the ten straight across the zeros");
        teacher.see("what went wrong here?");
        teacher.key("End");
        teacher.key("r");
        teacher.key("v");
        teacher.press("Blocks");
        teacher.page().getByTestId("picture").waitFor();
        take("board-mistake");
        teacher.key("Escape");
        teacher.page().navigate(server.address() + "/lessons/rung~subtraction-two-exchanges");
        teacher.see("45 minutes");
        take("lesson");
        teacher.open("Paper");
        picture("358 + 276", "Blocks", 1, "board-blocks");
        written("487 + 96 + 8", "175", "write-marked");
        teacher.open("Sets");
        teacher.see("Exchange across a zero");
        teacher.open("Exchange across a zero");
        teacher.see("What makes it hard");
        take("set-questions");
        teacher.press("Telling slips apart");
        teacher.press("Choose telling questions");
        teacher.press("Which slip gives which answer");
        teacher.press("Print");
        teacher.page().getByTestId("preview").locator("svg").first().waitFor();
        take("set-print");
        teacher.open("Marking");
        teacher.open("Exchange across a zero");
        teacher.see("What fits it");
        teacher.page().getByText("Dara M").click();
        teacher.see("zeros skipped");
        take("marking");
        teacher.press("What it shows");
        teacher.see("Pupils who share a cause");
        take("marking-class");
        teacher.press("Paper by paper");
        teacher.open("Scanned pages");
        teacher.press("Put the pile through the practice scanner");
        teacher.see("Read without asking");
        teacher.page().getByLabel("Reading")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        teacher.page().waitForLoadState(LoadState.NETWORKIDLE);
        take("scan");
        teacher.open("House style");
        teacher.see("The carry is added");
        take("house-style");
        teacher.press("How we write it");
        teacher.press("Subtraction");
        teacher.page().getByTestId("preview").getByText("How we write it: subtraction").waitFor();
        take("how-we-write-it");
    }

    private void theClass() {
        teacher.open("Class");
        teacher.open("Curlews");
        teacher.see("a slip still shows");
        teacher.see("Where the class stands");
        take("class");
        teacher.press("The week");
        teacher.page().getByLabel("The week after").click();
        teacher.see("Open at screens");
        take("week");
        teacher.page().getByText("Open at screens").first().click();
        teacher.page().getByTestId("code").waitFor();
        take("at-screens");
        teacher.open("Class");
        teacher.open("Curlews");
        teacher.open("Dara M");
        teacher.see("Week by week");
        teacher.see("Press a square for what was answered.");
        take("pupil");
    }

    private void written(String problem, String digits, String name) {
        teacher.open("Write");
        // The screen before has a line called so too, and stays until this one is there.
        teacher.see("Take the paper");
        teacher.page().getByLabel("Problem").fill(problem);
        teacher.page().getByLabel("By the method").waitFor();
        teacher.page().getByLabel("Problem").press("Enter");
        teacher.page().getByTestId("writing").waitFor();
        digits.chars().forEach(digit -> teacher.key(String.valueOf((char) digit)));
        teacher.press("Hand in and mark");
        teacher.page().getByTestId("marked").waitFor();
        take(name);
    }

    private void picture(String problem, String picture, int steps, String name) {
        teacher.type(problem);
        teacher.page().waitForTimeout(SETTLING_MILLIS);
        teacher.toBoard();
        teacher.key("v");
        teacher.press(picture);
        for (int i = 0; i < steps; i++) {
            teacher.key("ArrowRight");
        }
        take(name);
        teacher.key("Escape");
    }

    private void paper(String problem, String method, int steps, String name) {
        teacher.type(problem);
        teacher.page().waitForTimeout(SETTLING_MILLIS);
        if (method != null) {
            teacher.press(method);
            teacher.page().waitForTimeout(SETTLING_MILLIS);
        }
        teacher.page().getByTestId("paper").first().focus();
        for (int i = 0; i < steps; i++) {
            teacher.key("ArrowRight");
        }
        take(name);
    }

    private void take(String name) {
        teacher.page().waitForTimeout(SETTLING_MILLIS);
        teacher.page().screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
