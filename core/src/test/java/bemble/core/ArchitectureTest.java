package bemble.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE =
            new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
                    .importPackages("bemble.core");

    @Test
    void theCoreIsPlainJavaWithoutInputOrOutput() {
        classes().should().onlyDependOnClassesThat().resideInAnyPackage("bemble.core..", "java.lang..", "java.util..",
                "java.math..", "java.time..",
                // What the compiler alone reads.
                "com.google.errorprone.annotations..", "org.jspecify.annotations..").check(CORE);
    }

    /** What two operations share is in the kernel; a check of one by another comes through the registry. */
    @Test
    void noOperationKnowsAnotherAndTheKernelKnowsNone() {
        slices().matching("bemble.core.(addition|subtraction|multiplication|division|root)..")
                .should().notDependOnEachOther().check(CORE);
        noClasses().that().resideInAnyPackage("bemble.core.problem..", "bemble.core.style..", "bemble.core.words..",
                "bemble.core.working..", "bemble.core.hand..", "bemble.core.stack..", "bemble.core.sheet..")
                .should().dependOnClassesThat()
                .resideInAnyPackage("bemble.core.addition..", "bemble.core.subtraction..",
                        "bemble.core.multiplication..", "bemble.core.division..", "bemble.core.root..",
                        "bemble.core.method..", "bemble.core.slip..")
                .check(CORE);
    }

    /** What can be held in one's head: a room of 25 files, a file of 250 lines, or a word on why it is longer. */
    @Test
    void roomsAndFilesStaySmall() throws IOException {
        try (Stream<Path> all = Files.walk(Path.of("src/main/java"))) {
            Map<Path, List<Path>> rooms = all.filter(path -> path.toString().endsWith(".java"))
                    .collect(Collectors.groupingBy(Path::getParent));
            assertThat(rooms).hasSizeGreaterThan(30)
                    .allSatisfy((room, files) -> {
                        assertThat(files).as(room.toString()).hasSizeLessThanOrEqualTo(25);
                        // The compiler asks then that what may be missing is said to be.
                        assertThat(room.resolve("package-info.java")).content().contains("@NullMarked");
                    });
            for (Path file : rooms.values().stream().flatMap(List::stream).toList()) {
                String text = Files.readString(file);
                assertThat(text.lines().count() <= 250 || text.replaceAll("\\s+\\*?\\s*", " ").contains(". Long"))
                        .as(file.toString()).isTrue();
            }
        }
    }

    @Test
    void itsPackagesHaveNoCycles() {
        slices().matching("bemble.core.(**)").should().beFreeOfCycles().check(CORE);
    }
}
