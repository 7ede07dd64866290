package bemble.server.running;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** What a teacher does and sees in the browser. */
public final class TeacherAtScreen implements AutoCloseable {
    private final BrowserContext context;
    private final Page page;

    public TeacherAtScreen(Browser browser) {
        // Who asks for no motion is shown none, and a tenth of the browser's work with it; Firefox's journey has the motion.
        context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(1280, 800).setReducedMotion(ReducedMotion.REDUCE));
        context.setDefaultTimeout(Patience.inBrowser());
        page = context.newPage();
    }

    public Page page() {
        return page;
    }

    /**
     * Comes in as the demo teacher and opens the paper: through the page of signing in the first time, later still signed in
     * from then, as in another window of the same browser.
     */
    public TeacherAtScreen enterAsDemo(RunningServer server) {
        return enterAsDemo(server, "/paper", page.locator("#problem"));
    }

    /** The same, at another screen, which is there when something of it is. */
    TeacherAtScreen enterAsDemo(RunningServer server, String screen, Locator something) {
        context.addCookies(server.signedInBefore());
        page.navigate(server.address() + screen);
        Locator enter =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Enter as the demo teacher"));
        something.or(enter).first().waitFor();
        if (enter.isVisible()) {
            press("Enter as the demo teacher");
            something.waitFor();
            server.remember(context.cookies());
        }
        return this;
    }

    public void type(String problem) {
        page.locator("#problem").fill(problem);
        page.locator("#problem").press("Enter");
    }

    /** Presses a key wherever the focus is. */
    public void key(String key) {
        page.keyboard().press(key);
    }

    public void press(String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true)).click();
        assertFocusGoesOn(button);
    }

    /** Presses one of several buttons of that name. */
    public void press(String button, int which) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true)).nth(which).click();
        assertFocusGoesOn(button);
    }

    public void press(AriaRole role, String name) {
        page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
        assertFocusGoesOn(name);
    }

    /** Chooses from what more can be done with a row. */
    public void more(String of, String deed) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More for " + of).setExact(true)).click();
        press(AriaRole.MENUITEM, deed);
    }

    /** After every press something on the page has the focus, however long the answer takes; a page that is left has none. */
    public void assertFocusGoesOn(String pressed) {
        try {
            page.waitForFunction("() => document.activeElement && document.activeElement !== document.body");
        } catch (TimeoutError lost) {
            throw new AssertionError("After “" + pressed + "” nothing has the focus.", lost);
        }
    }

    /** Takes the working to the board, and waits for it: its keys are heard from then on. */
    public void toBoard() {
        press("Board");
        page.getByTestId("board").waitFor();
    }

    public void open(String screen) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(screen).setExact(true)).click();
    }

    /** Makes a class under Class, and stays there. */
    public void makeClass(String name, String... pupils) {
        open("Class");
        press("New class");
        page.getByLabel("Name of the class").fill(name);
        page.getByLabel("Pupils, a short name a line").fill(String.join("\n", pupils));
        press("Make the class");
        see(pupils.length + " pupils");
    }

    /** Chooses a class and a set under Marking. */
    public void choosePile(String className, String set) {
        open("Marking");
        page.getByLabel("or a set as it is now").selectOption(new SelectOption().setLabel(set));
        page.getByLabel("Class", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel(className));
    }

    /** Begins to mark a class's papers of a set, with those of its first pupil before one. */
    public void beginPile(String className, String set, String first) {
        choosePile(className, set);
        press("Mark this pile");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(first)).waitFor();
    }

    /** Types into the line of the pile, and sees it taken. */
    public void enter(String line) {
        Locator field = page.getByLabel("Question and what stands there");
        field.fill(line);
        field.press("Enter");
        page.waitForCondition(() -> field.inputValue().isEmpty());
    }

    public void choose(String choice, String option) {
        page.getByLabel(choice).selectOption(option);
    }

    public Locator see(String text) {
        Locator seen = page.getByText(text).first();
        seen.waitFor();
        return seen;
    }

    public void waitForSentence(String part) {
        page.locator("[data-testid=sentence]", new Page.LocatorOptions().setHasText(part)).waitFor();
    }

    /** Waits for the picture beside the paper whose name holds these words. */
    public void seePicture(String words) {
        page.getByTestId("picture").getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName(words)).waitFor();
    }

    /** What is heard of the paper: each line of its columns with its sign in front, and other blocks as they are told. */
    public String paper() {
        return (String) page.getByTestId("paper-in-words").evaluate(
                """
                        paper => [...paper.querySelectorAll('tbody tr, p')].map(line => line.tagName === 'P' ? line.textContent
                            : [...line.children].map((cell, i) => i > 0 ? cell.textContent : (cell.textContent.match(/^[+−×÷]/) ?? [''])[0])
                              .filter(Boolean).join(' ')).join('; ')""");
    }

    private static String axe() {
        try {
            return Files.readString(Path.of("..", "web", "node_modules", "axe-core", "axe.min.js"));
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    /** Fails where axe-core finds a serious fault on the screen. */
    public void assertAccessible() {
        if (!(boolean) page.evaluate("() => 'axe' in window")) {
            page.evaluate(axe());
        }
        // A button that has just been enabled is judged by the colour it comes to, not by one on the way.
        page.evaluate("() => Promise.allSettled(document.getAnimations()"
                + ".filter(each => each.effect.getComputedTiming().endTime !== Infinity).map(each => each.finished))");
        @SuppressWarnings("unchecked")
        List<Object> faults = (List<Object>) page
                .evaluate("async () => (await axe.run({resultTypes: ['violations'], elementRef: false})).violations"
                        + ".filter(v => v.impact === 'serious' || v.impact === 'critical')"
                        + ".map(v => v.id + ': ' + v.nodes.map(n => n.html).join(' | '))");
        assertThat(faults).isEmpty();
    }

    @Override
    public void close() {
        context.close();
    }
}
