package bemble.server;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    @Test
    void theFeaturesHaveNoCycles() {
        slices().matching("bemble.server.(**)").should().beFreeOfCycles().check(new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("bemble.server"));
    }
}
