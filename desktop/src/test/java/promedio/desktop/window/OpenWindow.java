package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.desktop.demo.Demo;
import promedio.desktop.formula.Typesetter;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Habits;
import promedio.desktop.model.desk.Lanes;
import promedio.desktop.model.desk.Page;
import promedio.desktop.theme.Theme;

/** The real window, driven by mouse and keys; each test begins on an empty paper. */
abstract class OpenWindow {
    /** So many looks one after another, with pictures between. */
    private static final int STILL = 8;

    private static final Background DISK = Background.worker("disk");
    /** What nobody caught on the thread of the window. */
    private static final List<Throwable> FAILURES = new CopyOnWriteArrayList<>();

    /** What the toolkit had to say of our style sheets or anything else: it would stand on the terminal of a user. */
    private static final List<String> WARNED = new CopyOnWriteArrayList<>();

    private static final Logger TOOLKIT = Logger.getLogger("javafx");

    static {
        TOOLKIT.addHandler(new Handler() {
            @Override
            public void publish(LogRecord said) {
                boolean known = String.valueOf(said.getMessage()).startsWith("Unsupported JavaFX configuration");
                if (said.getLevel().intValue() >= Level.WARNING.intValue() && !known) {
                    WARNED.add(said.getLevel() + ": " + said.getMessage());
                }
            }

            @Override
            public void flush() {}

            @Override
            public void close() {}
        });
    }

    static Stage stage;
    static MainWindow window;
    static DeskModel desk;

    final FxRobot robot = new FxRobot();
    final FilePicker picker = mock(FilePicker.class);

    @BeforeAll
    static void open() throws Exception {
        // As the program does: a second hold on the screen, for pictures, can end the process.
        System.setProperty("java.awt.headless", "true");
        stage = FxToolkit.registerPrimaryStage();
        onWindow(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> FAILURES.add(failure));
            Theme.loadFonts();
            desk = new DeskModel(Lanes.workers(CompletableFuture.completedFuture(null)), DISK, null, Habits.none());
            window = new MainWindow(desk);
            stage.setScene(window.scene());
            stage.setX(0);
            stage.setY(0);
            stage.setWidth(1270);
            stage.setHeight(770);
            stage.show();
            return null;
        });
    }

    @AfterAll
    static void close() throws Exception {
        FxToolkit.hideStage();
    }

    @BeforeEach
    void startEmpty() {
        onWindow(() -> {
            window.setPicker(picker);
            window.card().setOpen(false);
            window.keys().setOpen(false);
            window.setTextSize(100);
            desk.show(Assignment.EMPTY, null);
            window.focusTyping();
            return null;
        });
        // Away from the paper: a pointer that rests on the Line lights up a value there.
        robot.moveTo(640.0, 765.0);
        settle();
    }

    /** Nothing may fail behind the back of a test that looks elsewhere. */
    @AfterEach
    void nothingFailed() {
        List<Throwable> failed = List.copyOf(FAILURES);
        FAILURES.clear();
        assertThat(failed).isEmpty();
        List<String> warned = List.copyOf(WARNED);
        WARNED.clear();
        assertThat(warned).as("on the terminal").isEmpty();
    }

    /** The cell of an entry that is seen, counted from 0. */
    static Node entry(int index) {
        return window.scene().getRoot().lookupAll(".entry-cell").stream()
                .filter(Node::isVisible)
                .toList()
                .get(index);
    }

    /** Clicks on entries: the first alone, the others besides. */
    void choose(int first, int... others) {
        robot.clickOn(onWindow(() -> entry(first)));
        for (int other : others) {
            robot.press(KeyCode.CONTROL).clickOn(onWindow(() -> entry(other))).release(KeyCode.CONTROL);
        }
        settle();
    }

    static <T> T onWindow(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, action);
    }

    /** Waits until figures are there and the window has come to rest. */
    static void settle() {
        try {
            WaitForAsyncUtils.waitFor(
                    10,
                    TimeUnit.SECONDS,
                    () -> onWindow(() -> !desk.intake().busyProperty().get() && !desk.isAtWork()));
            Typesetter.idle().get(20, TimeUnit.SECONDS);
            CompletableFuture<String> written = new CompletableFuture<>();
            DISK.run(() -> "", written::complete, written::completeExceptionally);
            written.get(10, TimeUnit.SECONDS);
        } catch (Exception late) {
            throw new AssertionError("The window did not come to rest.", late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    void type(String text) {
        robot.write(text, 0);
        robot.type(KeyCode.ENTER);
        settle();
    }

    /** Replaces what stands in the field that has the cursor. */
    void retype(String text, KeyCode then) {
        press(KeyCode.CONTROL, KeyCode.A);
        robot.write(text, 0);
        press(then);
    }

    void demo(String sheet, Page page) {
        onWindow(() -> {
            desk.show(Demo.assignment(), null);
            desk.select(sheet);
            desk.looking().pageProperty().set(page);
            return null;
        });
        settle();
    }

    /** Puts a file on the shelf as a data table, and looks at it. */
    static void openTable(Path file) {
        onWindow(() -> {
            desk.intake().file(file);
            return null;
        });
        settle();
        eventually(() -> desk.intake().page().stateProperty().get() != null);
        onWindow(() -> {
            desk.intake().takePage();
            return null;
        });
        eventually(() -> !desk.assignment().tables().isEmpty());
        onWindow(() -> {
            desk.select(desk.assignment().tables().get(0).id());
            return null;
        });
    }

    void press(KeyCode... keys) {
        robot.push(keys);
        settle();
    }

    void click(String query) {
        // What a click before has brought may come only when the display has handed that click over.
        eventually(() -> robot.lookup(query).tryQuery().isPresent());
        robot.clickOn(query);
        settle();
    }

    /** Where something lies on the screen once it lies still: pages that were just turned to may still be laid out. */
    static Bounds lying(Supplier<Node> found) {
        List<Bounds> seen = new ArrayList<>();
        eventually(() -> {
            Node node = found.get();
            if (node == null) {
                return false;
            }
            Bounds now = node.localToScreen(node.getBoundsInLocal());
            if (!seen.isEmpty() && !seen.get(0).equals(now)) {
                seen.clear();
            }
            seen.add(now);
            return now.getWidth() > 0 && seen.size() >= STILL;
        });
        return seen.get(0);
    }

    /** Waits until something holds on the window that a hand on mouse or keys brings about. */
    static void eventually(Callable<Boolean> holds) {
        try {
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> onWindow(holds));
        } catch (TimeoutException never) {
            throw new AssertionError("It never came about.", never);
        }
        settle();
    }

    /** Everything written on the paper, for a look at it. */
    List<String> words() {
        return onWindow(() -> window.scene().getRoot().lookupAll("*").stream()
                .filter(WindowTest::isShown)
                .map(node -> node instanceof Labeled labeled
                        ? labeled.getText()
                        : node instanceof Text text ? text.getText() : "")
                .filter(text -> text != null && !text.isEmpty())
                .toList());
    }

    static boolean isShown(Node node) {
        for (Node up = node; up != null; up = up.getParent()) {
            if (!up.isVisible()) {
                return false;
            }
        }
        return true;
    }

    String wordBeside(String question) {
        return onWindow(() -> ((Label) window.scene()
                        .lookup("#answer-" + question)
                        .getParent()
                        .getParent()
                        .lookup(".mark-word"))
                .getText());
    }

    static String figure(String question) {
        return onWindow(
                () -> desk.figuresProperty().get().line(question).orElseThrow().figure());
    }
}
