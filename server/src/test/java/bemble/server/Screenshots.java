package bemble.server;

import com.microsoft.playwright.Page;
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
        take("sign-in");
        teacher.enterAsDemo(server);
        take("paper-empty");
        teacher.open("Log");
        teacher.see("67.4 + 8.95");
        take("log");
        teacher.open("Paper");
        teacher.type("4738 + 1967");
        teacher.waitForSentence("Set out");
        teacher.key("ArrowRight");
        teacher.key("ArrowRight");
        take("paper-addition");
        teacher.press("Writing");
        teacher.key("End");
        take("paper-writing");
        paper("568 + 374", "partial sums", 2, "paper-partial-sums");
        paper("5002 − 1347", null, 5, "paper-exchange");
        teacher.press("Board");
        teacher.key("a");
        teacher.key("ArrowRight");
        take("board-asking");
        teacher.key("m");
        teacher.press("… skips the zeros when exchanging");
        teacher.see("what went wrong here?");
        teacher.key("End");
        teacher.key("r");
        take("board-mistake");
        teacher.key("Escape");
        paper("713 − 286", "equal additions", 3, "paper-equal-additions");
        paper("4206 − 1358", "counting up", 5, "paper-counting-up");
        paper("386 × 47", null, 6, "paper-long-multiplication");
        teacher.choose("Beside it", "area");
        teacher.page().getByTestId("paper").first().focus();
        teacher.key("End");
        take("paper-side-by-side");
        paper("347 × 58", "crosswise", 3, "paper-crosswise");
        paper("7506 ÷ 25", null, 6, "paper-division");
        paper("√41.6 to 2 dp", null, 9, "paper-root");
        paper("√7 to 3 dp", "running divisor", 12, "paper-running-divisor");
        teacher.open("House style");
        teacher.see("The carry is added");
        take("house-style");
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
