package bemble.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE =
            new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("bemble.core");

    @Test
    void theCoreIsPlainJavaWithoutInputOrOutput() {
        classes().should().onlyDependOnClassesThat().resideInAnyPackage("bemble.core..", "java.lang..", "java.util..",
                "java.math..").check(CORE);
    }

    @Test
    void itsPackagesHaveNoCycles() {
        slices().matching("bemble.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
