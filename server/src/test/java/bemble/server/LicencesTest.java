package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What ships is named with its licence, in the very application that is packaged. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class LicencesTest {
    private static final Pattern JAR = Pattern.compile("BOOT-INF/lib/(.+)-(\\d[^-]*(?:-SNAPSHOT)?)\\.jar");

    private static String read(InputStream stream) throws IOException {
        return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
    }

    /** A page as the application serves it. */
    private static String served(RunningServer server, String path) {
        Client.Reply reply = new Client(server).get(path);
        assertThat(reply.status()).as(path).isEqualTo(200);
        return reply.text();
    }

    @Test
    void everyLibraryInTheApplicationIsListed() throws IOException {
        try (JarFile application = new JarFile("target/bemble.jar")) {
            String listed =
                    read(application.getInputStream(new JarEntry("BOOT-INF/classes/static/licences/libraries.txt")));
            List<Matcher> libraries =
                    application.stream().map(entry -> JAR.matcher(entry.getName())).filter(Matcher::matches)
                            .filter(library -> !library.group(1).startsWith("bemble-"))
                            // Boot's own tool, packed by its plugin.
                            .filter(library -> !library.group(1).equals("spring-boot-jarmode-tools")).toList();
            assertThat(libraries).hasSizeGreaterThan(50).allSatisfy(
                    library -> assertThat(listed).contains(":" + library.group(1) + ":" + library.group(2) + " "));
        }
    }

    @Test
    void everyTextThatThePageNamesIsServedAndEveryScriptHasIts(RunningServer server) {
        String page = served(server, "/licences/index.html");
        List<String> links = Pattern.compile("href=\"([a-z0-9.-]+\\.txt)\"").matcher(page).results()
                .map(link -> link.group(1)).distinct().toList();
        assertThat(links).hasSizeGreaterThan(9)
                .allSatisfy(link -> assertThat(served(server, "/licences/" + link)).hasSizeGreaterThan(500));
        String scripts = served(server, "/licences/scripts.txt");
        assertThat(scripts.split("(?m)^---$")).hasSizeGreaterThan(20)
                .allSatisfy(script -> assertThat(script).contains("License:", "License Text:"));
        assertThat(scripts).contains("Name: react", "Name: @mui/material", "Name: react-router");
    }
}
