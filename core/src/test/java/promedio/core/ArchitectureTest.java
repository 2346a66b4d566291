package promedio.core;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("promedio.core");

    /** Each knows only those before it. */
    private static final List<String> ORDER = List.of(
            "sentence",
            "number",
            "distribution",
            "vector",
            "data",
            "sample",
            "formula",
            "course",
            "tabulate",
            "measure",
            "language",
            "trail",
            "jotter",
            "working",
            "picture",
            "compare",
            "slip",
            "marking",
            "ownwork",
            "document",
            "report",
            "assignment",
            "answers",
            "pasted",
            "question");

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
                        "promedio.files..",
                        "promedio.desktop..")
                .check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.time.Clock")
                .orShould()
                .callMethodWhere(describe(
                        "the time of day is asked",
                        call -> call.getTarget().getOwner().getPackageName().equals("java.time")
                                && call.getName().equals("now")))
                .check(CORE);
    }

    @Test
    void packages_of_the_core_form_no_circles() {
        slices().matching("promedio.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void each_package_of_the_core_knows_only_those_before_it() {
        for (int i = 0; i < ORDER.size(); i++) {
            for (String later : ORDER.subList(i + 1, ORDER.size())) {
                noClasses()
                        .that()
                        .resideInAPackage("promedio.core." + ORDER.get(i))
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage("promedio.core." + later)
                        .check(CORE);
            }
        }
        Set<String> packages = CORE.stream()
                .map(JavaClass::getPackageName)
                // What the grammar is made into belongs to the language.
                .filter(name -> !name.equals("promedio.core") && !name.equals("promedio.core.language.grammar"))
                .collect(Collectors.toSet());
        assertThat(packages)
                .as("every package has its place")
                .isEqualTo(ORDER.stream().map(name -> "promedio.core." + name).collect(Collectors.toSet()));
    }
}
