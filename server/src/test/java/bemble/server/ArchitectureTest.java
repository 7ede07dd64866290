package bemble.server;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    /** What can be held in one's head: a room of 25 files, and in server and browser a file of 250 lines. */
    @Test
    void roomsAndFilesStaySmall() throws IOException {
        for (Path sources : List.of(Path.of("src/main/java"), Path.of("../web/src"))) {
            try (Stream<Path> all = Files.walk(sources)) {
                List<Path> written = all.filter(path -> path.toString().matches(".*\\.(java|tsx?)")
                        && !path.endsWith("api/schema.ts")).toList();
                assertThat(written).hasSizeGreaterThan(100);
                for (Path file : written) {
                    assertThat(Files.readAllLines(file)).as(file.toString()).hasSizeLessThanOrEqualTo(250);
                }
            }
        }
        try (Stream<Path> all = Files.walk(Path.of("src/main/java"))) {
            assertThat(all.filter(path -> path.toString().endsWith(".java"))
                    .collect(Collectors.groupingBy(Path::getParent)).entrySet())
                            .hasSizeGreaterThan(20).allSatisfy(room -> assertThat(room.getValue())
                                    .as(room.getKey().toString()).hasSizeLessThanOrEqualTo(25));
        }
    }

    @Test
    void theFeaturesHaveNoCycles() {
        slices().matching("bemble.server.(**)").should().beFreeOfCycles().check(new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("bemble.server"));
    }
}
