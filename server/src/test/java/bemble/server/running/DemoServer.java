package bemble.server.running;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands tests one server in demo mode and one browser, started once for all of them. */
public final class DemoServer implements ParameterResolver {
    private static final ExtensionContext.Namespace SHARED = ExtensionContext.Namespace.create(DemoServer.class);
    private static final List<String> ARGUMENTS = List.of("--headless", "--no-sandbox", "--disable-gpu",
            "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update",
            "--disable-sync");

    /** Chromium with the driver that steers it. */
    public static final class Chromium implements AutoCloseable {
        private final Playwright playwright = Playwright.create(new Playwright.CreateOptions()
                .setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        private final Browser browser = playwright.chromium().launch(new BrowserType.LaunchOptions()
                .setExecutablePath(installed()).setArgs(ARGUMENTS));

        /** The one that draws no window of its own is a fifth quicker; the whole browser does as well. */
        private static Path installed() {
            Path shell = Path.of("/usr/bin/chromium-headless-shell");
            return Files.isExecutable(shell) ? shell : Path.of("/usr/bin/chromium");
        }

        public Browser browser() {
            return browser;
        }

        @Override
        public void close() {
            playwright.close();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        Class<?> type = parameter.getParameter().getType();
        return type == RunningServer.class || type == Browser.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        ExtensionContext.Store store = extension.getRoot().getStore(SHARED);
        if (parameter.getParameter().getType() == Browser.class) {
            return store.getOrComputeIfAbsent(Chromium.class, type -> new Chromium(), Chromium.class).browser();
        }
        return store.getOrComputeIfAbsent(RunningServer.class,
                type -> RunningServer.start("--bemble.demo=true"),
                RunningServer.class);
    }
}
