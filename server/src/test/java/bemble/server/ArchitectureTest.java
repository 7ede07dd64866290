package bemble.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.Diagnosis;
import bemble.core.diagnosis.NextQuestion;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.WorkRecord;
import com.tngtech.archunit.core.domain.JavaClasses;
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
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("bemble.server");

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
                            .hasSizeGreaterThan(20).allSatisfy(room -> {
                                assertThat(room.getValue()).as(room.getKey().toString()).hasSizeLessThanOrEqualTo(25);
                                // The compiler asks then that what may be missing is said to be.
                                assertThat(room.getKey().resolve("package-info.java")).content()
                                        .contains("@NullMarked");
                            });
        }
    }

    @Test
    void theFeaturesHaveNoCycles() {
        slices().matching("bemble.server.(**)").should().beFreeOfCycles().check(SERVER);
    }

    /** How a method is worked is the core's own affair; its records alone are for others. */
    @Test
    void theRoomsOfTheOperationsAreInside() {
        noClasses().should()
                .dependOnClassesThat(resideInAnyPackage("bemble.core.addition..", "bemble.core.subtraction..",
                        "bemble.core.multiplication..", "bemble.core.division..", "bemble.core.root..",
                        "bemble.core.stack..",
                        "bemble.core.rule..", "bemble.core.practice.growing..", "bemble.core.style.word..")
                                .and(not(assignableTo(WorkRecord.class))))
                .check(SERVER);
    }

    /** One room judges answers; what it says is plain data, which all others read. */
    @Test
    void oneRoomAsksTheJudge() {
        noClasses().that().resideOutsideOfPackage("bemble.server.diagnosis..").should()
                .dependOnClassesThat(resideInAPackage("bemble.core.diagnosis.outcome..")
                        .or(type(Writer.class)).or(type(Diagnosis.class)).or(type(NextQuestion.class)))
                .check(SERVER);
    }
}
