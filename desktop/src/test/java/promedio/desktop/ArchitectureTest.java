package promedio.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.properties.HasName;
import com.tngtech.archunit.core.domain.properties.HasOwner;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;

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

    /** Charts are laid out by a library; what they show is worked out by us. */
    @Test
    void no_statistics_of_a_library_are_used() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jfree.data.statistics..", "org.jfree.chart.renderer..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("org.jfree.data.general.DatasetUtils")
                .check(ALL);
    }

    /** What is true of a kind of sample stands with the kind; others ask what can be done, or have a case for each. */
    @Test
    void nobody_asks_which_kind_a_sample_is_of() throws IOException {
        Pattern asking = Pattern.compile("[!=]= *SampleKind\\.[A-Z]|SampleKind\\.[A-Z]+ *[!=]=|equals\\(SampleKind\\."
                + "|SampleKind\\.[A-Z]+(\\.id\\(\\))?(\\.equals\\(|::equals)|paired\\(\\)\\.is(Present|Empty)");
        List<String> asked = new ArrayList<>();
        for (String module : List.of("core", "files", "desktop")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                for (Path file :
                        files.filter(path -> path.toString().endsWith(".java")).toList()) {
                    asking.matcher(Files.readString(file))
                            .results()
                            .forEach(found -> asked.add(file.getFileName() + ": " + found.group()));
                }
            }
        }
        assertThat(asked).isEmpty();
    }

    /** Eleven parts in a row, six of them maps and lists, are put together by name. */
    @Test
    void assignments_are_put_together_by_their_builder() {
        noClasses()
                .that()
                .resideOutsideOfPackage("promedio.core.assignment")
                .should()
                .callConstructorWhere(JavaCall.Predicates.target(
                        HasOwner.Predicates.With.owner(JavaClass.Predicates.equivalentTo(Assignment.class))))
                .check(ALL);
    }

    @Test
    void the_view_model_holds_nothing_that_can_be_seen() {
        noClasses()
                .that()
                .resideInAPackage("promedio.desktop.model..")
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

    @Test
    void packages_of_files_and_of_the_desktop_form_no_circles() {
        slices().matching("promedio.files.(*)..").should().beFreeOfCycles().check(ALL);
        slices().matching("promedio.desktop.(*)..").should().beFreeOfCycles().check(ALL);
        slices().matching("promedio.desktop.model.(*)")
                .should()
                .beFreeOfCycles()
                .check(ALL);
    }

    @Test
    void the_desk_knows_none_of_its_parts() {
        noClasses()
                .that()
                .resideInAPackage("promedio.desktop.model.desk")
                .should()
                .dependOnClassesThat(JavaClass.Predicates.resideInAPackage("promedio.desktop.model..")
                        .and(JavaClass.Predicates.resideOutsideOfPackage("promedio.desktop.model.desk")))
                .check(ALL);
    }

    @Test
    void a_page_knows_no_other_page() {
        List<String> pages = List.of(
                "entries",
                "measures",
                "classes",
                "reading",
                "table",
                "groups",
                "picture",
                "compare",
                "tutor",
                "jotter");
        for (String page : pages) {
            noClasses()
                    .that()
                    .resideInAPackage("promedio.desktop." + page)
                    .should()
                    .dependOnClassesThat(JavaClass.Predicates.resideOutsideOfPackage("promedio.desktop." + page)
                            .and(HasName.Predicates.nameMatching("promedio.desktop.\\w+.\\w+(Page|Pane|Window)"))
                            .and(DescribedPredicate.not(HasName.Predicates.nameMatching(".*[.]PicturePane"))))
                    .check(ALL);
        }
    }
}
