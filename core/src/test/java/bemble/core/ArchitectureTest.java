package bemble.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
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
                "java.math..", "java.time..").check(CORE);
    }

    /** What two operations share is in the kernel; a check of one by another comes through the registry. */
    @Test
    void noOperationKnowsAnotherAndTheKernelKnowsNone() {
        slices().matching("bemble.core.(addition|subtraction|multiplication|division|root)..")
                .should().notDependOnEachOther().check(CORE);
        noClasses().that().resideInAnyPackage("bemble.core.problem..", "bemble.core.style..", "bemble.core.words..",
                "bemble.core.working..", "bemble.core.hand..", "bemble.core.stack..", "bemble.core.sheet..")
                .should().dependOnClassesThat().resideInAnyPackage("bemble.core.addition..", "bemble.core.subtraction..",
                        "bemble.core.multiplication..", "bemble.core.division..", "bemble.core.root..",
                        "bemble.core.method..", "bemble.core.slip..").check(CORE);
    }

    @Test
    void itsPackagesHaveNoCycles() {
        slices().matching("bemble.core.(**)").should().beFreeOfCycles().check(CORE);
    }
}
