package promedio.desktop.theme;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Control;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class StyleSheetsTest {
    @Test
    void the_rules_of_every_control_that_the_window_has_are_kept() {
        Set<String> used = new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("promedio.desktop")
                        .stream()
                        .flatMap(user -> user.getDirectDependenciesFromSelf().stream())
                        .map(dependency -> dependency.getTargetClass().getBaseComponentType())
                        .filter(control -> control.getPackageName().equals("javafx.scene.control"))
                        .filter(control -> control.isAssignableTo(Control.class))
                        .filter(control -> !control.getModifiers().contains(JavaModifier.ABSTRACT))
                        .map(JavaClass::getSimpleName)
                        .filter(name -> !name.equals("Control"))
                        .map(StyleSheetsTest::styleClass)
                        .collect(Collectors.toSet());
        assertThat(used).contains("label", "list-view", "scroll-pane");
        assertThat(StyleSheets.CONTROLS).containsAll(used);
    }

    /** The style class that JavaFX gives a control: its name in small letters with hyphens. */
    private static String styleClass(String name) {
        return name.replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }

    @Test
    void what_opens_in_a_window_of_its_own_has_the_colours_of_the_theme() {
        String sheet = ".root { -color-fg: black; -fx-font-size: 14px; } .root:hover { -color-fg: red; }";
        String own = ".paper-theme { -ink: #22304a; } .slate-theme { -ink: white; } .root { -color-fg: -ink; }";
        assertThat(StyleSheets.popups(sheet, own, "slate"))
                .isEqualTo(
                        ".context-menu, .tooltip, .combo-box-popup {-color-fg: black;-ink: white;-color-fg: -ink;}\n");
    }

    @Test
    void rules_of_other_controls_are_left_out_and_shared_rules_keep_the_selectors_that_are_worn() {
        String sheet =
                """
                /* .label { comment } */
                .root { -ink: #22304a; }
                .label, .date-picker:hover > .label, Text { -fx-fill: -ink; }
                .tree-view .label { -fx-padding: 0; }
                .button.accent:hover { -fx-opacity: 1; }
                """;
        assertThat(StyleSheets.worn(sheet).lines())
                .containsExactly(
                        ".root { -ink: #22304a; }",
                        ".label, Text { -fx-fill: -ink; }",
                        ".button.accent:hover { -fx-opacity: 1; }");
    }
}
