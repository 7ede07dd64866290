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
    }

    private void take(String name) {
        teacher.page().waitForTimeout(SETTLING_MILLIS);
        teacher.page().screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
