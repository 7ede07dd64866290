package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.limits.Limits;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a request may bring is said in one place, and docs/limits.md tells it. */
class LimitsPageTest {
    private static final Path SOURCES = Path.of("src/main/java/bemble/server");
    /** A heading of the source, or a limit with its sentence. */
    private static final Pattern LIMIT = Pattern.compile(
            "^ {4}// (?<heading>.*)\\.$|^ {4}/\\*\\* (?<sentence>.*) \\*/\n {4}public static final \\w+ (?<name>\\w+)",
            Pattern.MULTILINE);

    @Test
    void thePageIsAsTheLimitsAre() throws IOException, ReflectiveOperationException {
        StringBuilder page = new StringBuilder(
                """
                        # What a request may bring

                        Whoever sends more is told so, beside the field, and nothing is kept of it. Made from `Limits` by `LimitsPageTest`.
                        """);
        int told = 0;
        for (MatchResult found : LIMIT.matcher(Files.readString(SOURCES.resolve("limits/Limits.java"))).results()
                .toList()) {
            if (found.group(1) != null) {
                page.append("\n## ").append(found.group(1)).append("\n\n| at most | of |\n|--:|---|\n");
            } else {
                Number most = (Number) Limits.class.getField(found.group(3)).get(null);
                page.append(String.format(Locale.ROOT, "| %,d | %s |%n", most.longValue(), found.group(2)));
                told++;
            }
        }
        Files.createDirectories(Path.of("target"));
        Files.writeString(Path.of("target/limits.md"), page);

        assertThat(told).as("every limit has a sentence").isEqualTo(Limits.class.getFields().length);
        assertThat(page.toString()).as("docs/limits.md; the new one is in server/target/limits.md")
                .isEqualTo(Files.readString(Path.of("../docs/limits.md")));
    }

    @Test
    void noLimitStandsAnywhereElse() throws IOException {
        Pattern typed = Pattern.compile("@Size\\([^)]*max = (?!1\\b)\\d|@Max\\((value = )?\\d");
        List<Path> files;
        try (Stream<Path> all = Files.walk(SOURCES)) {
            files = all.filter(path -> path.toString().endsWith(".java")).toList();
        }
        assertThat(files).hasSizeGreaterThan(200);
        for (Path file : files) {
            assertThat(typed.matcher(Files.readString(file)).results().map(MatchResult::group)).as(file.toString())
                    .isEmpty();
        }
    }
}
