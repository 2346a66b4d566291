package promedio.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("promedio");

    @Test
    void desktop_knows_files_and_files_know_core_and_never_the_other_way() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("core")
                .definedBy("promedio.core..")
                .layer("files")
                .definedBy("promedio.files..")
                .layer("desktop")
                .definedBy("promedio.desktop..")
                .whereLayer("desktop")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("files")
                .mayOnlyBeAccessedByLayers("desktop")
                .check(ALL);
    }

    @Test
    void the_view_model_holds_nothing_that_can_be_seen() {
        noClasses()
                .that()
                .resideInAPackage("promedio.desktop.model")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx.scene..", "javafx.stage..", "java.awt..")
                .check(ALL);
    }

    @Test
    void the_command_line_loads_nothing_of_the_window() {
        noClasses()
                .that()
                .resideInAPackage("promedio.desktop.command")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "promedio.desktop.window..", "promedio.desktop.model..")
                .check(ALL);
    }
}
