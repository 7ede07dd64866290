package bemble.server;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    /** What can be held in one's head. */
    @Test
    void roomsStaySmall() throws IOException {
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
