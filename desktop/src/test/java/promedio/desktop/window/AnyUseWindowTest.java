package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.assignment.Assignment;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.desk.Page;

/** Hands that press and type anything, in any order: nothing breaks, and all of it can be undone and done again. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AnyUseWindowTest extends OpenWindow {
    private static final int STEPS = Integer.getInteger("promedio.steps", 25);

    private static final List<String> TYPED = List.of(
            "12 15 15 18",
            "3 × 2; 5 × 4",
            "7",
            "-1/3 2,5 n/a",
            "forty",
            "1e3",
            "√3/2",
            "0",
            "999999999999999999999",
            "min",
            "12 %",
            "10 to under 20",
            "7 or 8",
            "=1+1",
            "\u05d0",
            "x");

    private static final List<String> PASTED = List.of(
            "a\tb\n1\t2\n3\t4\n",
            "class\tf\n0-10\t4\n10-20\t9\n20-30\t3\n",
            "15-30,4\n10-20,9\n",
            "value;frequency\n1,5;2\n2,5;7\n",
            "\n\n\n",
            "one\ntwo\n17O\n12\n",
            "1\u202e2\n\u009b3\n");

    private static final List<List<KeyCode>> KEYS = List.of(
            List.of(KeyCode.ENTER),
            List.of(KeyCode.ESCAPE),
            List.of(KeyCode.DELETE),
            List.of(KeyCode.SPACE),
            List.of(KeyCode.TAB),
            List.of(KeyCode.UP),
            List.of(KeyCode.DOWN),
            List.of(KeyCode.LEFT),
            List.of(KeyCode.RIGHT),
            List.of(KeyCode.HOME),
            List.of(KeyCode.END),
            List.of(KeyCode.PAGE_DOWN),
            List.of(KeyCode.SHIFT, KeyCode.ENTER),
            List.of(KeyCode.SHIFT, KeyCode.DOWN),
            List.of(KeyCode.CONTROL, KeyCode.A),
            List.of(KeyCode.CONTROL, KeyCode.C),
            List.of(KeyCode.CONTROL, KeyCode.V),
            List.of(KeyCode.CONTROL, KeyCode.Z),
            List.of(KeyCode.CONTROL, KeyCode.Z),
            List.of(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z),
            List.of(KeyCode.CONTROL, KeyCode.F),
            List.of(KeyCode.F1));

    static List<Integer> hands() {
        Integer asked = Integer.getInteger("promedio.hand");
        return asked == null ? List.of(1, 2) : List.of(asked);
    }

    @ParameterizedTest(name = "hand {0}")
    @MethodSource("hands")
    void nothing_breaks_and_all_is_undone_and_done_again(int hand) {
        List<Throwable> failures = new CopyOnWriteArrayList<>();
        onWindow(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> failures.add(failure));
            return null;
        });
        when(picker.unsaved(any())).thenReturn(FilePicker.Unsaved.STAY);
        Random random = new Random(hand);
        if (random.nextBoolean()) {
            demo("minutes", Page.MEASURES);
        }
        List<String> done = new ArrayList<>();
        for (int step = 0; step < STEPS; step++) {
            done.add(anything(random));
            settle();
            assertThat(failures).as("%s", done).isEmpty();
            assertThat(onWindow(() -> desk.messageProperty().get()))
                    .as("%s", done)
                    .doesNotContain("itself failed", "not enough memory");
        }
        press(KeyCode.ESCAPE);
        allUndoneAndDoneAgain(done);
        assertThat(failures).as("%s", done).isEmpty();
    }

    private void allUndoneAndDoneAgain(List<String> done) {
        Assignment last = desk.assignment();
        int steps = undoAll();
        assertThat(desk.assignment()).as("%s", done).isIn(Assignment.EMPTY, Demo.assignment());
        onWindow(() -> {
            for (int i = 0; i < steps; i++) {
                desk.redo();
            }
            return null;
        });
        settle();
        assertThat(desk.assignment()).as("%s", done).isEqualTo(last);
    }

    private int undoAll() {
        int steps = onWindow(() -> {
            int undone = 0;
            while (!desk.undoNameProperty().get().isEmpty()) {
                desk.undo();
                undone++;
            }
            return undone;
        });
        settle();
        return steps;
    }

    private String anything(Random random) {
        switch (random.nextInt(8)) {
            case 0, 1, 2 -> {
                return clickAnything(random);
            }
            case 3 -> {
                return drag(random);
            }
            case 4 -> {
                String text = TYPED.get(random.nextInt(TYPED.size()));
                onWindow(() -> {
                    if (window.scene().getFocusOwner() instanceof TextField field) {
                        field.replaceSelection(text);
                    }
                    return null;
                });
                robot.type(KeyCode.ENTER);
                return "type " + text;
            }
            case 5 -> {
                String text = PASTED.get(random.nextInt(PASTED.size()));
                onWindow(() -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(text);
                    return Clipboard.getSystemClipboard().setContent(content);
                });
                robot.push(KeyCode.CONTROL, KeyCode.V);
                return "paste " + text;
            }
            default -> {
                List<KeyCode> keys = KEYS.get(random.nextInt(KEYS.size()));
                robot.push(keys.toArray(KeyCode[]::new));
                return keys.toString();
            }
        }
    }

    /** Clicks on something that can be clicked and is in the window. */
    private String clickAnything(Random random) {
        List<Node> nodes = onWindow(() -> window.scene().getRoot().lookupAll("*").stream()
                .filter(node -> node instanceof ButtonBase
                        || node instanceof TextField
                        || node.getStyleClass().contains("entry-cell")
                        || (node.getId() != null && node.getOnMouseClicked() != null))
                .filter(node -> isShown(node) && !node.isDisabled() && isInTheWindow(node))
                .toList());
        if (nodes.isEmpty()) {
            return "nothing to click";
        }
        Node node = nodes.get(random.nextInt(nodes.size()));
        robot.clickOn(node);
        return "click " + (node.getId() == null ? node.toString() : node.getId());
    }

    private static boolean isInTheWindow(Node node) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        double x = bounds.getCenterX();
        double y = bounds.getCenterY();
        return x > 2
                && y > 2
                && x < window.scene().getWidth() - 2
                && y < window.scene().getHeight() - 2;
    }

    /** Drags from one place to another, mostly on the Line. */
    private String drag(Random random) {
        double y = random.nextInt(3) > 0 ? 60 + random.nextInt(110) : 60 + random.nextInt(650);
        double from = 220 + random.nextInt(800);
        double to = 220 + random.nextInt(800);
        robot.drag(from, y).dropTo(to, y + random.nextInt(20));
        return String.format("drag %.0f,%.0f to %.0f", from, y, to);
    }
}
