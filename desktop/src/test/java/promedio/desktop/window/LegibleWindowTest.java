package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.text.Text;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.core.picture.PictureKind;
import promedio.desktop.demo.Demo;
import promedio.desktop.demo.DemoClass;
import promedio.desktop.demo.DemoLog;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.theme.Theme;

/** What holds for everything that is written in the window: it can be read, reached by key, and read out. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LegibleWindowTest extends OpenWindow {
    /** The least contrast of small text, by the Web Content Accessibility Guidelines 2.1, 1.4.3. */
    private static final double READABLE = 4.5;

    /** The least contrast of what need only be seen to be there (1.4.11); the row says what a prompt is for. */
    private static final double VISIBLE = 3;

    private static final PseudoClass UNANSWERED = PseudoClass.getPseudoClass("unanswered");

    @AfterEach
    void asUsual() {
        onWindow(() -> {
            window.setTheme(Theme.PAPER);
            window.setTextSize(100);
            return null;
        });
    }

    /** Goes through every page of every sample of the demo. */
    private void everywhere(Runnable look) {
        demo("minutes", Page.MEASURES);
        List<String> sheets =
                Demo.assignment().sheets().stream().map(sheet -> sheet.id()).toList();
        for (String sheet : sheets) {
            for (Page page : Page.values()) {
                onWindow(() -> {
                    desk.select(sheet);
                    desk.looking().pageProperty().set(page);
                    if (page == Page.MEASURES) {
                        desk.looking().unfolded().add("CENTRE");
                        desk.looking().opened().add("quartile-1");
                    }
                    return null;
                });
                settle();
                look.run();
            }
        }
        pairs(look);
        table();
        for (TablePage page : TablePage.values()) {
            onWindow(() -> {
                desk.looking().tablePageProperty().set(page);
                return null;
            });
            if (page == TablePage.GROUPS) {
                eventually(() -> desk.breakdowns().shownProperty().get() != null);
            }
            settle();
            look.run();
        }
        tutor(look);
        compare(look);
    }

    private static void pairs(Runnable look) {
        onWindow(() -> {
            desk.startSample();
            desk.intake().type("Hours (h)\tScore (points)\n1.5\t52\n2\t55\n3\t60\n3\t68\nmany\t70\n6.5\t83");
            return null;
        });
        settle();
        onWindow(() -> {
            desk.intake()
                    .readAs(desk.intake().howRead(desk.sheet().orElseThrow()).orElseThrow(), 1);
            desk.looking().unfolded().addAll(List.of("EACH", "TOGETHER", "LINE", "TEST"));
            desk.looking().opened().add("correlation-pearson");
            return null;
        });
        for (Page page : List.of(Page.ENTRIES, Page.MEASURES, Page.PICTURE)) {
            onWindow(() -> {
                desk.looking().pageProperty().set(page);
                return null;
            });
            settle();
            look.run();
        }
    }

    private void compare(Runnable look) {
        demo("minutes", Page.MEASURES);
        for (PictureKind kind : List.of(PictureKind.BOXES, PictureKind.HISTOGRAM)) {
            onWindow(() -> {
                desk.comparing().compare("minutes", "ages");
                desk.comparing().tryOut("minutes", "120", "");
                desk.comparing().choose(kind);
                return null;
            });
            eventually(() -> desk.comparing().comparedProperty().get() != null);
            settle();
            look.run();
        }
        onWindow(() -> {
            desk.comparing().leave();
            return null;
        });
    }

    /** The pages for the tutor, with an answer opened. */
    private static void tutor(Runnable look) {
        onWindow(() -> {
            desk.show(Demo.assignment(), null);
            desk.classwork().open();
            return null;
        });
        settle();
        look.run();
        onWindow(() -> {
            desk.classwork().take(DemoClass.write(Files.createTempDirectory("class"), Demo.assignment()));
            return null;
        });
        eventually(() -> desk.classwork().stateProperty().get().set().isPresent());
        onWindow(() -> {
            Assignment.Question second = desk.classwork().tasks().all().get(1).question();
            desk.classwork().chosenProperty().set(new Classwork.Chosen("Carla", second));
            return null;
        });
        settle();
        look.run();
    }

    /** Puts the log of the demo on the shelf. */
    private static void table() {
        try {
            Path log = DemoLog.write(Files.createTempDirectory("log")).get(0);
            onWindow(() -> {
                desk.show(Assignment.EMPTY, null);
                desk.intake().file(log);
                return null;
            });
            settle();
            onWindow(() -> {
                desk.intake().takePage();
                return null;
            });
            settle();
            onWindow(() -> {
                desk.select("t1");
                return null;
            });
        } catch (IOException full) {
            throw new java.io.UncheckedIOException(full);
        }
    }

    private static List<Node> shown() {
        List<Node> all = new ArrayList<>();
        collect(window.scene().getRoot(), all);
        return all;
    }

    private static void collect(Node node, List<Node> all) {
        if (node.isVisible()) {
            all.add(node);
            if (node instanceof Parent parent) {
                parent.getChildrenUnmodifiable().forEach(child -> collect(child, all));
            }
        }
    }

    @ParameterizedTest(name = "{0} % large")
    @ValueSource(ints = {100, 150})
    void what_is_cut_for_want_of_room_has_its_whole_text_as_a_tip(int percent) {
        onWindow(() -> {
            window.setTextSize(percent);
            return null;
        });
        Set<String> lost = new LinkedHashSet<>();
        everywhere(() -> onWindow(() -> {
            // What has just come is measured where it will stand.
            window.scene().getRoot().applyCss();
            window.scene().getRoot().layout();
            for (Node node : shown()) {
                if (node instanceof Labeled labeled && isCut(labeled)) {
                    enter(labeled);
                    boolean told = labeled.getTooltip() != null
                            && labeled.getTooltip().getText().equals(labeled.getText());
                    if (!told) {
                        lost.add(desk.selectedProperty().get() + ", "
                                + desk.looking().pageProperty().get() + ": " + labeled.getText());
                    }
                }
            }
            return null;
        }));
        assertThat(lost).isEmpty();
    }

    private static boolean isCut(Labeled labeled) {
        return labeled.getText() != null
                && !labeled.getText().isEmpty()
                && labeled.lookup(".text") instanceof Text text
                && text.isVisible()
                && !text.getText().equals(labeled.getText());
    }

    private static void enter(Node node) {
        Event.fireEvent(
                node,
                new MouseEvent(
                        MouseEvent.MOUSE_ENTERED,
                        1,
                        1,
                        1,
                        1,
                        MouseButton.NONE,
                        0,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        null));
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"PAPER", "SLATE"})
    void all_that_is_written_stands_out_from_what_is_behind_it(String theme) {
        onWindow(() -> {
            window.setTheme(Theme.valueOf(theme));
            return null;
        });
        Set<String> faint = new LinkedHashSet<>();
        everywhere(() -> onWindow(() -> faint.addAll(faint(shown()))));
        assertThat(faint).isEmpty();
    }

    /** Questions, lists that open, menus and tips stand in windows of their own, which a sheet can miss. */
    @ParameterizedTest(name = "{0}, {1} % large")
    @CsvSource({"PAPER, 100", "SLATE, 100", "PAPER, 150"})
    void what_stands_over_the_window_stands_out_too(String theme, int percent) {
        demo("minutes", Page.MEASURES);
        onWindow(() -> {
            window.setTheme(Theme.valueOf(theme));
            window.setTextSize(percent);
            return null;
        });
        List<Supplier<Runnable>> overlays = List.of(
                () -> shown(Questions.unsaved(stage, "A title").alert()),
                () -> shown(Questions.changedElsewhere(stage, "sheet.promedio").alert()),
                () -> {
                    window.card().setOpen(true);
                    ComboBox<?> choices = (ComboBox<?>) window.scene().lookup("#card-quartiles");
                    choices.show();
                    return () -> {
                        choices.hide();
                        window.card().setOpen(false);
                    };
                },
                () -> {
                    Button open = (Button) window.scene().lookup("#bar-open");
                    enter(open);
                    Tooltip tip = open.getTooltip();
                    tip.show(stage, 100, 100);
                    return tip::hide;
                });
        for (Supplier<Runnable> overlay : overlays) {
            Runnable away = onWindow(overlay::get);
            settle();
            Set<String> faint = onWindow(() -> {
                List<Node> over = new ArrayList<>();
                for (Window one : Window.getWindows()) {
                    if (one != stage && one.isShowing()) {
                        collect(one.getScene().getRoot(), over);
                    }
                }
                assertThat(over).hasSizeGreaterThan(2);
                return faint(over);
            });
            onWindow(() -> {
                away.run();
                return null;
            });
            assertThat(faint).isEmpty();
        }
    }

    private static Runnable shown(Alert alert) {
        alert.show();
        return alert::close;
    }

    /** What is written among some nodes with too little contrast. */
    private static Set<String> faint(List<Node> nodes) {
        Set<String> faint = new LinkedHashSet<>();
        for (Node node : nodes) {
            if (node instanceof Text text
                    && !text.getText().isBlank()
                    && !isDisabled(text)
                    && text.getFill() instanceof Color ink) {
                Color behind = behind(text);
                double contrast = contrast(ink, behind);
                boolean prompt = text.getParent().getPseudoClassStates().contains(UNANSWERED);
                if (contrast < (prompt ? VISIBLE : READABLE)) {
                    faint.add("%s (%.1f: %s on %s, %s)"
                            .formatted(
                                    text.getText(),
                                    contrast,
                                    ink,
                                    behind,
                                    text.getParent().getStyleClass()));
                }
            }
        }
        return faint;
    }

    private static boolean isDisabled(Node node) {
        return node.isDisabled() || node.getParent() != null && isDisabled(node.getParent());
    }

    /** The nearest colour behind a node that one cannot see through. */
    private static Color behind(Node node) {
        for (Node up = node.getParent(); up != null; up = up.getParent()) {
            if (up instanceof Region region && region.getBackground() != null) {
                for (int i = region.getBackground().getFills().size() - 1; i >= 0; i--) {
                    Paint fill = region.getBackground().getFills().get(i).getFill();
                    if (fill instanceof Color colour && colour.getOpacity() > 0.9) {
                        return colour;
                    }
                }
            }
        }
        throw new AssertionError("Nothing lies behind " + node);
    }

    private static double contrast(Color one, Color other) {
        double light = Math.max(luminance(one), luminance(other));
        double dark = Math.min(luminance(one), luminance(other));
        return (light + 0.05) / (dark + 0.05);
    }

    private static double luminance(Color colour) {
        return 0.2126 * linear(colour.getRed())
                + 0.7152 * linear(colour.getGreen())
                + 0.0722 * linear(colour.getBlue());
    }

    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }

    @Test
    void everything_that_can_be_worked_is_reached_by_the_tab_key_and_says_what_it_is() {
        Set<String> unreached = new LinkedHashSet<>();
        Set<String> nameless = new LinkedHashSet<>();
        for (Page page : Page.values()) {
            demo("minutes", page);
            Set<Node> reached = new LinkedHashSet<>();
            for (int i = 0; i < 150; i++) {
                robot.push(KeyCode.TAB);
                WaitForAsyncUtils.waitForFxEvents(1);
                Node owner = onWindow(() -> window.scene().getFocusOwner());
                if (!reached.add(owner)) {
                    break;
                }
            }
            onWindow(() -> {
                for (Node node : shown()) {
                    if (node.isFocusTraversable() && !isDisabled(node) && !reached.contains(node)) {
                        unreached.add(page + ": " + node);
                    }
                }
                reached.stream().filter(node -> name(node).isBlank()).forEach(node -> nameless.add(page + ": " + node));
                return null;
            });
        }
        assertThat(unreached).isEmpty();
        assertThat(nameless).isEmpty();
    }

    /** What a screen reader calls a node: its own words, or those of the label that is for it. */
    private static String name(Node node) {
        for (Node other : shown()) {
            if (other instanceof Label label && label.getLabelFor() == node) {
                return label.getText();
            }
        }
        String spoken = node.getAccessibleText();
        if (spoken != null && !spoken.isBlank()) {
            return spoken;
        }
        return node instanceof Labeled labeled && !(node instanceof ListCell<?>)
                ? labeled.getText()
                : node instanceof TextInputControl field && field.getPromptText() != null ? field.getPromptText() : "";
    }
}
