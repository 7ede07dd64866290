package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** docs/architecture.md speaks of what there is, and of every room. */
class ArchitecturePageTest {
    private static final Path ROOT = Path.of("..");
    /** A name in the page, as it stands in the sources: a type, a constant, a file, a folder. */
    private static final Pattern NAME = Pattern.compile("`([^`]+)`");
    private static final Pattern ROW = Pattern.compile("^\\| (`[^|]+) \\|", Pattern.MULTILINE);

    private final String page = Files.readString(ROOT.resolve("docs/architecture.md"));

    ArchitecturePageTest() throws IOException {}

    private static List<Path> files(String folder) throws IOException {
        try (Stream<Path> all = Files.walk(ROOT.resolve(folder))) {
            return all.filter(Files::isRegularFile).toList();
        }
    }

    private String section(String heading) {
        return page.split("\n## " + heading + "\n")[1].split("\n## ")[0];
    }

    private static List<String> names(String text) {
        return NAME.matcher(text).results().map(found -> found.group(1)).toList();
    }

    private static Set<String> roomsIn(String folder) throws IOException {
        try (Stream<Path> all = Files.list(ROOT.resolve(folder))) {
            return all.filter(Files::isDirectory).map(path -> path.getFileName().toString())
                    .collect(Collectors.toCollection(TreeSet::new));
        }
    }

    @Test
    void everyTypeThatItNamesIsThere() throws IOException {
        Set<String> there = new HashSet<>();
        for (String folder : List.of("core/src", "server/src", "bench/src", "web/src")) {
            for (Path file : files(folder)) {
                if (file.toString().matches(".*\\.(java|tsx?)")) {
                    Pattern.compile(
                            "\\b(?:class|interface|record|enum|@interface|function|const|boolean|int) (\\w+)")
                            .matcher(Files.readString(file)).results().forEach(found -> there.add(found.group(1)));
                    there.add(file.getFileName().toString().replaceAll("\\..*", ""));
                }
            }
        }
        List<String> missing = new ArrayList<>();
        for (String name : names(page)) {
            if (name.matches("[A-Z][A-Za-z]+(\\.[a-z]\\w*)?") || name.matches("(is|use)[A-Z]\\w+|jumpsNeeded")) {
                if (!there.contains(name.replaceAll("\\..*", ""))) {
                    missing.add(name);
                }
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void everyFileAndCommandThatItNamesIsThere() throws IOException {
        String command = Files.readString(ROOT.resolve("bemble"));
        List<String> named = names(page).stream().filter(name -> name.contains("/") || name.contains("./bemble"))
                .filter(name -> !name.startsWith("/api") && !name.contains("application/")).toList();
        assertThat(named).isNotEmpty();
        for (String name : named) {
            if (name.startsWith("./bemble")) {
                assertThat(command).as(name).contains("  " + name.split(" ")[1] + ")");
            } else {
                assertThat(Stream.of("", "web/src", "server/src/main/java/bemble/server")
                        .anyMatch(base -> Stream.of("", ".ts", ".tsx")
                                .anyMatch(end -> Files.exists(ROOT.resolve(base).resolve(name + end)))))
                                        .as(name).isTrue();
            }
        }
    }

    @Test
    void everyRoomOfTheCoreHasItsLineInTheTable() throws IOException {
        Set<String> told = ROW.matcher(section("The core")).results().map(MatchResult::group)
                .flatMap(row -> names(row).stream()).collect(Collectors.toCollection(TreeSet::new));
        assertThat(told).isEqualTo(roomsIn("core/src/main/java/bemble/core"));
    }

    @Test
    void everyRoomOfTheServerIsToldOf() throws IOException {
        assertThat(names(page)).containsAll(roomsIn("server/src/main/java/bemble/server"));
    }

    @Test
    void everyRoomSaysWhatItIsFor() throws IOException {
        for (String folder : List.of("core/src/main/java", "server/src/main/java")) {
            Set<Path> rooms = files(folder).stream().filter(file -> file.toString().endsWith(".java"))
                    .map(Path::getParent).filter(room -> !room.endsWith("server")).collect(Collectors.toSet());
            assertThat(rooms).hasSizeGreaterThan(30).allSatisfy(
                    room -> assertThat(room.resolve("package-info.java")).isNotEmptyFile());
        }
    }
}
