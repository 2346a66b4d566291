package promedio.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("promedio.core");

    @Test
    void core_knows_no_window_no_file_and_no_clock() {
        noClasses()
                .that()
                .resideInAPackage("promedio.core..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "java.awt..",
                        "java.io..",
                        "java.nio.file..",
                        "java.time..",
                        "promedio.files..",
                        "promedio.desktop..")
                .check(CORE);
    }

    @Test
    void packages_of_the_core_form_no_circles() {
        slices().matching("promedio.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void each_package_of_the_core_knows_only_those_before_it() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("sentence")
                .definedBy("promedio.core.sentence")
                .layer("number")
                .definedBy("promedio.core.number")
                .layer("sample")
                .definedBy("promedio.core.sample")
                .layer("formula")
                .definedBy("promedio.core.formula")
                .layer("course")
                .definedBy("promedio.core.course")
                .layer("measure")
                .definedBy("promedio.core.measure")
                .layer("working")
                .definedBy("promedio.core.working")
                .layer("marking")
                .definedBy("promedio.core.marking")
                .layer("assignment")
                .definedBy("promedio.core.assignment")
                .whereLayer("assignment")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("marking")
                .mayOnlyBeAccessedByLayers("assignment")
                .whereLayer("working")
                .mayOnlyBeAccessedByLayers("marking", "assignment")
                .whereLayer("measure")
                .mayOnlyBeAccessedByLayers("working", "marking", "assignment")
                .whereLayer("course")
                .mayOnlyBeAccessedByLayers("measure", "working", "marking", "assignment")
                .whereLayer("formula")
                .mayOnlyBeAccessedByLayers("course", "measure", "working", "marking", "assignment")
                .whereLayer("sample")
                .mayOnlyBeAccessedByLayers("formula", "course", "measure", "working", "marking", "assignment")
                .check(CORE);
    }
}
